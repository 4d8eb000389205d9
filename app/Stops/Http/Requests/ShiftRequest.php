<?php

declare(strict_types=1);

namespace App\Stops\Http\Requests;

use App\Platform\Sites\Site;
use App\Stops\Inputs\RunTyped;
use App\Stops\Inputs\ShiftTyped;
use App\Stops\Models\ShiftRecord;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Sundial\Stops\ShiftClock;
use Sundial\Support\InvalidInput;

/** The form of what a shift made: rows of runs, by the clock of the site. */
final class ShiftRequest extends FormRequest
{
    private const TIME = 'regex:/^([01]?\d|2[0-3]|24):[0-5]\d$/';

    /** What a run cannot be without. */
    private const NEEDED = [
        'product_id' => 'product',
        'from' => 'beginning',
        'to' => 'end',
        'total' => 'number made',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $record = $this->route('shift');
        $siteId = $record instanceof ShiftRecord ? $record->site_id : 0;

        return [
            'runs' => ['nullable', 'array', 'max:60'],
            'runs.*.product_id' => ['nullable', 'integer', Rule::exists('products', 'id')->where('site_id', $siteId)],
            'runs.*.from' => ['nullable', self::TIME],
            'runs.*.to' => ['nullable', self::TIME],
            'runs.*.total' => ['nullable', 'integer', 'between:0,100000000'],
            'runs.*.rejects' => ['nullable', 'integer', 'between:0,100000000'],
            'runs.*.reworked' => ['nullable', 'integer', 'between:0,100000000'],
            'runs.*.by' => ['nullable', 'array', 'max:60'],
            'runs.*.by.*' => ['nullable', 'integer', 'between:0,100000000'],
            'worked' => ['nullable', 'array', 'max:20'],
            'worked.*' => ['integer', 'between:0,20'],
            'team_id' => ['nullable', 'integer', Rule::exists('teams', 'id')->where('site_id', $siteId)],
            'remark' => ['nullable', 'string', 'max:1000'],
            'version' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'runs.*.from.regex' => 'Write a time such as 06:00.',
            'runs.*.to.regex' => 'Write a time such as 14:00.',
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'runs.*.total' => 'made',
            'runs.*.rejects' => 'rejected',
            'runs.*.reworked' => 'reworked',
            'runs.*.product_id' => 'product',
            'runs.*.by.*' => 'pieces',
            'team_id' => 'team',
        ];
    }

    public function said(ShiftRecord $record, Site $site): ShiftTyped
    {
        $given = $this->validated();
        $runs = [];
        foreach ($given['runs'] ?? [] as $i => $run) {
            if (($run['total'] ?? null) === null && ($run['from'] ?? null) === null) {
                continue;
            }
            $runs[] = $this->run($record, $site, $run, "runs.{$i}");
        }

        return new ShiftTyped(
            $runs,
            array_values(array_map(intval(...), $given['worked'] ?? [])),
            isset($given['team_id']) ? (int) $given['team_id'] : null,
            $given['remark'] ?? null,
        );
    }

    /** @param  array<string, mixed>  $run */
    private function run(ShiftRecord $record, Site $site, array $run, string $field): RunTyped
    {
        foreach (self::NEEDED as $key => $name) {
            if (($run[$key] ?? null) === null) {
                throw InvalidInput::because(
                    'missing',
                    "{$field}.{$key}",
                    "Say the {$name} of this run, or empty its row.",
                );
            }
        }
        $by = array_map(intval(...), array_filter($run['by'] ?? [], static fn (mixed $one): bool => $one !== null));
        try {
            $span = ShiftClock::of($record->span(), $site->zone())->stretch($run['from'], $run['to']);
        } catch (InvalidInput $e) {
            throw InvalidInput::because($e->cause(), "{$field}.{$e->field()}", $e->getMessage(), $e->value);
        }

        return new RunTyped(
            (int) $run['product_id'],
            $span,
            (int) $run['total'],
            $by,
            max((int) ($run['rejects'] ?? 0), ($run['rejects'] ?? null) === null ? array_sum($by) : 0),
            (int) ($run['reworked'] ?? 0),
            $field,
        );
    }
}
