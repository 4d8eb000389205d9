<?php

declare(strict_types=1);

use App\People\Models\User;
use App\Platform\Api\Description;
use Illuminate\Support\Facades\DB;

/**
 * What does not agree with a JSON schema, as paths with reasons: types, enumerations, needed and unknown fields.
 *
 * @param  array<string, mixed>  $schema
 * @param  array<string, mixed>  $document
 * @return list<string>
 */
function disagreements(mixed $value, array $schema, array $document, string $at = ''): array
{
    while (isset($schema['$ref'])) {
        $schema = array_reduce(
            explode('/', substr($schema['$ref'], 2)),
            static fn (array $node, string $key): array => $node[$key],
            $document,
        );
    }
    $wrong = [];
    foreach ($schema['allOf'] ?? [] as $part) {
        $wrong = [...$wrong, ...disagreements($value, $part, $document, $at)];
    }
    foreach (['oneOf', 'anyOf'] as $choice) {
        if (isset($schema[$choice])) {
            $each = array_map(
                static fn (array $one): array => disagreements($value, $one, $document, $at),
                $schema[$choice],
            );
            $wrong = in_array([], $each, true) ? $wrong : [...$wrong, ...$each[0]];
        }
    }
    $type = match (true) {
        $value === null => 'null',
        is_bool($value) => 'boolean',
        is_int($value) => 'integer',
        is_float($value) => 'number',
        is_string($value) => 'string',
        is_array($value) => 'array',
        default => 'object',
    };
    $types = (array) ($schema['type'] ?? $type);
    if (! in_array($type, $types, true) && ! ($type === 'integer' && in_array('number', $types, true))) {
        return [...$wrong, "{$at}: {$type} is not ".implode(' or ', $types)];
    }
    if (isset($schema['enum']) && ! in_array($value, $schema['enum'], true)) {
        $wrong[] = "{$at}: ".json_encode($value).' is not offered';
    }
    foreach ($type === 'array' ? $value : [] as $i => $item) {
        $wrong = [...$wrong, ...disagreements($item, $schema['items'] ?? [], $document, "{$at}/{$i}")];
    }
    foreach ($type === 'object' ? get_object_vars($value) : [] as $key => $item) {
        $known = $schema['properties'][$key] ?? null;
        $wrong =
            $known === null && isset($schema['properties']) && ! isset($schema['additionalProperties'])
                ? [...$wrong, "{$at}/{$key}: is not described"]
                : [...$wrong, ...disagreements($item, $known ?? [], $document, "{$at}/{$key}")];
    }
    foreach ($type === 'object' ? $schema['required'] ?? [] : [] as $needed) {
        if (! property_exists($value, $needed)) {
            $wrong[] = "{$at}/{$needed}: is missing";
        }
    }

    return $wrong;
}

it('answers each question as its description says, on the plant as it is', function () {
    $document = app(Description::class)->document();
    DB::beginTransaction();
    $token = User::query()->where('login', 'planner')->firstOrFail()->createToken('test', ['read'])->plainTextToken;
    $ids = [
        'asset' => 'assets',
        'meter' => 'meters',
        'schedule' => 'schedules',
        'order' => 'work_orders',
        'request' => 'requests',
    ];
    $asked = 0;
    foreach ($document['paths'] as $path => $methods) {
        $schema = $methods['get']['responses']['200']['content']['application/json']['schema'] ?? null;
        if ($schema === null) {
            continue;
        }
        $name = preg_match('/\{(\w+)\}/', $path, $found) === 1 ? $found[1] : null;
        $each = $name === null ? [0] : DB::table($ids[$name])->orderBy('id')->limit(40)->pluck('id')->all();
        foreach ($each as $id) {
            $address = '/api/v1'.str_replace("{{$name}}", (string) $id, $path);
            $more = $name === null ? '?limit=500'.($path === '/outlook' ? '&site=OM&to=2026-12-31' : '') : '';
            $answer = $this->getJson($address.$more, ['Authorization' => "Bearer {$token}"]);
            // Somebody of one site sees no other.
            if ($answer->getStatusCode() === 403 && $name !== null) {
                continue;
            }
            expect($answer->getStatusCode())->toBe(200, $address);
            $body = json_decode((string) $answer->getContent());
            expect(array_slice(disagreements($body, $schema, $document), 0, 5))->toBe([], $address);
            $asked++;
        }
    }
    DB::rollBack();
    expect($asked)->toBeGreaterThan(60);
});
