<?php

declare(strict_types=1);

use App\Register\Models\Reading;
use Illuminate\Http\UploadedFile;
use Tests\Feature\Plant;
use Tests\Feature\Stops\LineFloor;

use function Tests\Core\tries;

/** What a program may send by mistake where something else belongs. */
const WRONG_SHAPES = [
    null,
    true,
    [],
    [[]],
    ['a' => ['b' => 1]],
    ['x', 'y'],
    '',
    'no such thing',
    "a\0b",
    -1,
    0,
    7,
    1.5,
    1e300,
    PHP_INT_MAX,
];

/**
 * A body with each of its nodes in turn put wrong, deep ones too.
 *
 * @return Generator<string, array<mixed>> by the way to the node
 */
function putWrong(array $body, string $way = ''): Generator
{
    foreach ($body as $key => $value) {
        foreach (WRONG_SHAPES as $i => $wrong) {
            yield "{$way}{$key} #{$i}" => array_replace($body, [$key => $wrong]);
        }
        foreach (is_array($value) ? putWrong($value, "{$way}{$key}.") : [] as $said => $inner) {
            yield $said => array_replace($body, [$key => $inner]);
        }
    }
}

/** @return list<array{string, array<mixed>}> some of the bodies of a request, all of them in a long run */
function someWrong(array $body): array
{
    mt_srand(20260318);
    $all = [];
    foreach (putWrong($body) as $way => $wrong) {
        $all[] = [$way, $wrong];
    }
    shuffle($all);

    return array_slice($all, 0, tries(10 * max(14, intdiv(count($all), 8))));
}

it('answers a body of any shape with what is wrong about it, and never breaks', function (
    string $role,
    string $method,
    Closure $path,
    Closure $body,
) {
    $plant = Plant::build();
    LineFloor::of($plant);
    [$to, $right] = [$path($plant), $body($plant)];
    foreach (someWrong($right) as [$way, $sent]) {
        $answer = api($role, $method, $to, $sent);
        expect($answer->status())->toBeIn([200, 201, 403, 404, 409, 422], "{$way}: {$answer->getContent()}");
        if ($answer->status() === 422) {
            expect($answer->json('errors'))->not->toBeEmpty($way);
        }
    }
})->with([
    'an asset' => ['planner', 'POST', fn () => 'assets', fn (Plant $plant) => [
        'site' => $plant->site->code, 'tag' => 'N-1', 'name' => 'New', 'parent' => 'HALL', 'criticality' => 'B',
        'extra' => ['Colour' => 'red'],
    ]],
    'a change of an asset' => ['planner', 'PATCH', fn (Plant $plant) => "assets/{$plant->pump->id}", fn () => [
        'version' => 1, 'name' => 'Pump', 'make' => 'Hollin',
    ]],
    'a meter' => ['planner', 'POST', fn (Plant $plant) => "assets/{$plant->pump->id}/meters", fn () => [
        'name' => 'Hours', 'unit' => 'h', 'decimals' => 1, 'window_days' => 60, 'kind' => 'counter',
    ]],
    'a reading' => ['technician', 'POST', fn (Plant $plant) => "meters/{$plant->meter(1)->id}/readings", fn () => [
        'value' => '2000', 'at' => '2026-03-18T07:00:00+00:00', 'turn' => 'rolled over', 'old_final' => '1',
    ]],
    'many readings' => ['technician', 'POST', fn () => 'readings', fn (Plant $plant) => [
        'site' => $plant->site->code,
        'readings' => [['tag' => 'PMP-01', 'meter' => $plant->meter(1)->name, 'value' => 2000]],
    ]],
    'a strike-out' => ['supervisor', 'POST', fn (Plant $plant) => 'readings/'.
        Reading::query()->where('meter_id', $plant->meter(2)->id)->value('id').'/strike', fn () => [
            'reason' => 'mistyped',
        ]],
    'an order' => ['planner', 'POST', fn () => 'orders', fn (Plant $plant) => [
        'site' => $plant->site->code, 'title' => 'Change the seal', 'tag' => 'PMP-01', 'type' => 'corrective',
        'priority' => 'soon', 'planned_on' => '2026-03-20',
    ]],
    'a plan' => ['planner', 'POST', fn (Plant $plant) => "orders/{$plant->raised()->id}/plan", fn () => [
        'lines' => ['step; Look at it', 'part; SEAL-1; 2'],
    ]],
    'hours' => ['technician', 'POST', fn (Plant $plant) => "orders/{$plant->raised()->id}/bookings", fn () => [
        'person' => 'technician', 'worked_on' => '2026-03-17', 'normal' => 60, 'double' => 10, 'note' => 'late',
    ]],
    'a fault' => ['technician', 'POST', fn () => 'requests', fn (Plant $plant) => [
        'site' => $plant->site->code, 'tag' => 'PMP-01', 'how_soon' => 'this week', 'symptom' => 'leaks', 'what' => 'x',
    ]],
    'a release' => ['planner', 'POST', fn () => 'release', fn (Plant $plant) => [
        'site' => $plant->site->code, 'until' => '2026-04-01', 'schedules' => [1, 2],
    ]],
    'what a shift made' => ['technician', 'POST', fn () => 'shift-output', fn (Plant $plant) => [
        'site' => $plant->site->code, 'line' => 'PMP-01', 'day' => '2026-03-17', 'shift' => 'early',
        'runs' => [[
            'product' => 'CL-1', 'from' => '06:00', 'to' => '14:00', 'total' => 9, 'rejects' => ['Stain' => 1],
        ]],
    ]],
    'signals' => ['technician', 'POST', fn () => 'line-signals', fn (Plant $plant) => [
        'site' => $plant->site->code, 'line' => 'PMP-01',
        'signals' => [['at' => '2026-03-18T07:00:00Z', 'state' => 'running', 'counter' => 5, 'product' => 'CL-1']],
    ]],
]);

it('says of a method in a file of any shape what is wrong about it, or takes it', function () {
    Plant::build();
    $method = [
        'code' => 'M-77', 'name' => 'Seal check', 'purpose' => 'No leak', 'class' => 'Pump', 'type' => 'preventive',
        'priority' => 'routine', 'ladder' => 'small 1, large 4', 'tools' => ['Spanner'], 'precautions' => 'Lock it',
        'parts' => ['SEAL-1; 2'], 'services' => ['Crane; 100'],
        'steps' => [['text' => 'Look', 'answer' => 'number', 'unit' => 'bar', 'low' => 1, 'high' => 4, 'level' => 1]],
        'labour' => [['trade' => 'Fitter', 'people' => 1, 'minutes' => 30, 'level' => 1]],
    ];
    foreach (someWrong($method) as [$way, $wrong]) {
        $this->as('planner');
        $answer = $this->from('/methods')->post('/methods/import', [
            'file' => UploadedFile::fake()->createWithContent('m.json', (string) json_encode($wrong)),
        ]);
        expect($answer->status())->toBe(302, "{$way}: ".mb_substr((string) $answer->getContent(), 0, 2000));
        session()->forget('errors');
    }
});
