<?php

declare(strict_types=1);

use App\Stops\Actions\ReportDown;
use App\Stops\Actions\ReportRunning;
use App\Stops\Inputs\StopSaid;
use App\Stops\Models\Stop;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;
use Tests\Feature\Stops\LineFloor;

/** @return array<string, mixed> what must not move when something is refused */
function booksOfStops(): array
{
    $all = static fn (string $table): array => DB::table($table)->orderBy('id')->get()->all();

    return [
        $all('stops'), $all('short_stops'), $all('plant_lines'), $all('line_patterns'),
        $all('line_rates'), $all('products'), $all('stop_reasons'), $all('reject_reasons'),
        $all('maintenance_calls'), DB::table('product_runs')->count(),
        // What a shift adds up to is counted when somebody asks.
        DB::table('shift_records')->orderBy('id')->get(['id', 'version', 'signed_at', 'from_at', 'to_at'])->all(),
    ];
}

/** The pump of the line stood from one time of the day to another. */
function stoodAt(Plant $plant, string $from, ?string $to): Stop
{
    $by = $plant->actor('operator');
    $at = static fn (string $time): DateTimeImmutable => new DateTimeImmutable("2026-03-18 {$time}:00");
    $stop = app(ReportDown::class)($by, $plant->pump, $at($from), StopSaid::because('Jam'));
    $to === null ?: app(ReportRunning::class)($by, $plant->pump, $at($to));

    return $stop->refresh();
}

it('refuses what cannot be at its field, says so in the page that follows, and keeps nothing of it', function (
    Closure $case,
) {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    expectRefused(booksOfStops(...), ...$case($plant, $floor));
})->with([
    'down without a reason' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/assets/{$plant->motor->id}", "/assets/{$plant->motor->id}/down", ['stop_reason' => ''],
            'stop_reason', 'Say what stopped it, in a few words.',
        ],
    ],
    'down in an hour from now' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/assets/{$plant->pump->id}", "/assets/{$plant->pump->id}/down",
            ['stop_reason' => 'Jam', 'from_at' => '2026-03-18T09:00'], 'from_at', 'This time lies ahead.',
        ],
    ],
    'down two years ago' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/assets/{$plant->pump->id}", "/assets/{$plant->pump->id}/down",
            ['stop_reason' => 'Jam', 'from_at' => '2024-03-18T07:00'], 'from_at', 'more than a year back',
        ],
    ],
    'down, though it is' => [
        function (Plant $plant, LineFloor $floor): array {
            stoodAt($plant, '07:00', null);

            return ['planner', "/assets/{$plant->pump->id}", "/assets/{$plant->pump->id}/down",
                ['stop_reason' => 'Jam'], 'down', 'is down already, since Operator One said so (Jam).'];
        },
    ],
    'down while it stood before' => [
        function (Plant $plant, LineFloor $floor): array {
            stoodAt($plant, '07:00', '07:30');

            return ['planner', "/assets/{$plant->pump->id}", "/assets/{$plant->pump->id}/down",
                ['stop_reason' => 'Jam', 'from_at' => '2026-03-18T07:10'], 'from_at',
                'It ran until then only by the stop before it'];
        },
    ],
    'running, though it does' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/assets/{$plant->pump->id}", "/assets/{$plant->pump->id}/running", [], 'down',
            'runs already.',
        ],
    ],
    'running before it stopped' => [
        function (Plant $plant, LineFloor $floor): array {
            stoodAt($plant, '07:00', null);

            return ['planner', "/assets/{$plant->pump->id}", "/assets/{$plant->pump->id}/running",
                ['to_at' => '2026-03-18T06:30'], 'to_at', 'It cannot run again before it stopped.'];
        },
    ],
    'corrected to an end before its beginning' => [
        function (Plant $plant, LineFloor $floor): array {
            $stop = stoodAt($plant, '07:00', '07:30');

            return ['planner', "/stops/{$stop->id}", "/stops/{$stop->id}",
                ['_method' => 'put', 'from_at' => '2026-03-18T07:00', 'to_at' => '2026-03-18T06:00',
                    'stop_reason' => 'Jam', 'version' => $stop->version], 'to_at',
                'It cannot run again before it stopped.'];
        },
    ],
    'corrected into the stop after it' => [
        function (Plant $plant, LineFloor $floor): array {
            $stop = stoodAt($plant, '06:30', '06:40');
            stoodAt($plant, '07:00', '07:30');

            return ['planner', "/stops/{$stop->id}", "/stops/{$stop->id}",
                ['_method' => 'put', 'from_at' => '2026-03-18T06:30', 'to_at' => '2026-03-18T07:10',
                    'stop_reason' => 'Jam', 'version' => $stop->version], 'to_at',
                'The stop after it begins before that.'];
        },
    ],
    'corrected in an old window' => [
        function (Plant $plant, LineFloor $floor): array {
            $stop = stoodAt($plant, '06:30', '06:40');

            return ['planner', "/stops/{$stop->id}", "/stops/{$stop->id}",
                ['_method' => 'put', 'from_at' => '2026-03-18T06:31', 'to_at' => '2026-03-18T06:40',
                    'stop_reason' => 'Jam', 'version' => $stop->version - 1], 'stale', 'Somebody else saved this'];
        },
    ],
    'split where it did not stand' => [
        function (Plant $plant, LineFloor $floor): array {
            $stop = stoodAt($plant, '07:00', '07:30');

            return ['planner', "/stops/{$stop->id}", "/stops/{$stop->id}/split",
                ['split_at' => '2026-03-18T07:40', 'because' => 'two causes', 'version' => $stop->version], 'split_at',
                'It is split at a time within it'];
        },
    ],
    'merged with nothing' => [
        function (Plant $plant, LineFloor $floor): array {
            $stop = stoodAt($plant, '07:00', '07:30');

            return ['planner', "/stops/{$stop->id}", "/stops/{$stop->id}/merge",
                ['because' => 'one stop', 'version' => $stop->version], 'merge', 'after'];
        },
    ],
    'moved to an asset that nobody knows' => [
        function (Plant $plant, LineFloor $floor): array {
            $stop = stoodAt($plant, '07:00', '07:30');

            return ['planner', "/stops/{$stop->id}", "/stops/{$stop->id}/move",
                ['to_tag' => 'NO-1', 'because' => 'it was that', 'version' => $stop->version], 'to_tag',
                'There is no asset of that tag at this site.'];
        },
    ],
    'moved to another site' => [
        function (Plant $plant, LineFloor $floor): array {
            $stop = stoodAt($plant, '07:00', '07:30');

            return ['planner', "/stops/{$stop->id}", "/stops/{$stop->id}/move",
                ['to_tag' => 'X-1', 'because' => 'it was that', 'version' => $stop->version], 'to_tag',
                'There is no asset of that tag at this site.'];
        },
    ],
    'struck out without a word' => [
        function (Plant $plant, LineFloor $floor): array {
            $stop = stoodAt($plant, '07:00', '07:30');

            return ['planner', "/stops/{$stop->id}", "/stops/{$stop->id}/strike", ['version' => $stop->version],
                'strike_reason', 'reason'];
        },
    ],
    'short stops of an hour ahead' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/shifts/{$floor->shift('2026-03-18')->id}", "/lines/{$floor->line->id}/short-stops",
            ['hour' => '2026-03-18T11:00', 'stops' => '4', 'minutes' => '6', 'why' => 'Jam'], 'hour',
            'That hour has not begun yet.',
        ],
    ],
    'no short stops' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/shifts/{$floor->shift('2026-03-18')->id}", "/lines/{$floor->line->id}/short-stops",
            ['hour' => '2026-03-18T07:00', 'stops' => '0', 'minutes' => '6', 'why' => 'Jam'], 'stops',
            'Number of stops lies between 1 and 3600.',
        ],
    ],
    'more rejected than were made' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/shifts/{$floor->shift('2026-03-17')->id}", "/shifts/{$floor->shift('2026-03-17')->id}",
            ['_method' => 'put'] + $floor->form($floor->shift('2026-03-17'), 100, 101), 'runs.0.rejects',
            'More are rejected than were made.',
        ],
    ],
    'a run beyond its shift' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/shifts/{$floor->shift('2026-03-17')->id}", "/shifts/{$floor->shift('2026-03-17')->id}",
            ['_method' => 'put', 'version' => $floor->shift('2026-03-17')->version, 'runs' => [[
                'product_id' => $floor->product->id, 'from' => '06:00', 'to' => '15:00', 'total' => 10,
                'rejects' => 0,
            ]]], 'runs.0.from', 'A run lies within its shift, and has some length.',
        ],
    ],
    'two runs at one time' => [
        function (Plant $plant, LineFloor $floor): array {
            $record = $floor->shift('2026-03-17');
            $run = ['product_id' => $floor->product->id, 'total' => 10, 'rejects' => 0];

            return ['planner', "/shifts/{$record->id}", "/shifts/{$record->id}",
                ['_method' => 'put', 'version' => $record->version, 'runs' => [
                    $run + ['from' => '06:00', 'to' => '10:00'], $run + ['from' => '09:00', 'to' => '14:00'],
                ]], 'runs.1.from', 'Two runs share some time.'];
        },
    ],
    'a product before it had an ideal time' => [
        function (Plant $plant, LineFloor $floor): array {
            $record = $floor->shift('2026-03-17');
            $other = DB::table('products')->insertGetId([
                'site_id' => $plant->site->id, 'number' => 'CL-2', 'name' => 'Other cloth', 'unit' => 'm',
            ]);

            return ['planner', "/shifts/{$record->id}", "/shifts/{$record->id}",
                ['_method' => 'put', 'version' => $record->version, 'runs' => [[
                    'product_id' => $other, 'from' => '06:00', 'to' => '14:00', 'total' => 10, 'rejects' => 0,
                ]]], 'runs.0.product_id', 'There is no ideal time of this line for Other cloth on that day.'];
        },
    ],
    'signed while it goes on' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'supervisor', "/shifts/{$floor->shift('2026-03-18')->id}", "/shifts/{$floor->shift('2026-03-18')->id}/sign",
            ['version' => $floor->shift('2026-03-18')->version], 'form', 'This shift goes on still.',
        ],
    ],
    'a pattern without a shift' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/lines/{$floor->line->id}/settings", "/lines/{$floor->line->id}/patterns",
            ['from_on' => '2026-04-01', 'turns' => [['name' => '', 'times' => '']]], 'shifts',
            'A pattern has at least one shift.',
        ],
    ],
    'two shifts of one name' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/lines/{$floor->line->id}/settings", "/lines/{$floor->line->id}/patterns",
            ['from_on' => '2026-04-01', 'turns' => [
                ['name' => 'day', 'times' => '06:00-14:00', 'weekdays' => [1, 2]],
                ['name' => 'day', 'times' => '14:00-22:00', 'weekdays' => [1, 2]],
            ]], 'shifts', 'Two shifts have the same name.',
        ],
    ],
    'a shift at no time' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/lines/{$floor->line->id}/settings", "/lines/{$floor->line->id}/patterns",
            ['from_on' => '2026-04-01', 'turns' => [['name' => 'day', 'times' => 'six to two', 'weekdays' => [1]]]],
            'turns.0.times', 'is no stretch such as 06:00-14:00.',
        ],
    ],
    'a break outside its shift' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/lines/{$floor->line->id}/settings", "/lines/{$floor->line->id}/patterns",
            ['from_on' => '2026-04-01', 'turns' => [
                ['name' => 'day', 'times' => '06:00-14:00', 'breaks' => '15:00-15:30', 'weekdays' => [1]],
            ]], 'turns.0.breaks', 'does not lie in the shift',
        ],
    ],
    'a shift on no day' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/lines/{$floor->line->id}/settings", "/lines/{$floor->line->id}/patterns",
            ['from_on' => '2026-04-01', 'turns' => [['name' => 'day', 'times' => '06:00-14:00']]], 'turns.0.weekdays',
            'Choose at least one weekday on which it is worked.',
        ],
    ],
    'an ideal time of nothing' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/lines/{$floor->line->id}/settings", "/lines/{$floor->line->id}/rates",
            ['product_id' => $floor->product->id, 'rate_from' => '2026-04-01', 'ideal' => '0'], 'ideal',
            'The ideal time is above 0 seconds.',
        ],
    ],
    'an ideal time in words' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/lines/{$floor->line->id}/settings", "/lines/{$floor->line->id}/rates",
            ['product_id' => $floor->product->id, 'rate_from' => '2026-04-01', 'ideal' => 'a minute'], 'ideal',
            'seconds',
        ],
    ],
    'a line that is a line' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', '/lines/new', '/lines', ['tag' => 'PMP-01'], 'asset_id', 'This asset is a line already.',
        ],
    ],
    'a line that is a part of itself' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/lines/{$floor->line->id}/settings", "/lines/{$floor->line->id}",
            ['_method' => 'put', 'part_ids' => [$plant->pump->id], 'version' => $floor->line->version], 'part_ids',
            'Choose an asset from the list.',
        ],
    ],
    'a product whose number another has' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', '/products', '/products', ['number' => 'CL-1', 'name' => 'Again', 'unit' => 'm'], 'number',
            'There is a product CL-1 already.',
        ],
    ],
    'a reason that there is' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'administrator', '/setup/stop-reasons', '/setup/stop-reasons', ['name' => 'Jam', 'kind' => 'failure'],
            'name', 'There is a reason “Jam” already.',
        ],
    ],
    'a line in an old window' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/lines/{$floor->line->id}/settings", "/lines/{$floor->line->id}",
            ['_method' => 'put', 'speed_below' => '9', 'in_use' => '1', 'version' => $floor->line->version - 1],
            'stale', 'Somebody else saved this',
        ],
    ],
    'output in an old window' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', "/shifts/{$floor->shift('2026-03-17')->id}", "/shifts/{$floor->shift('2026-03-17')->id}",
            ['_method' => 'put', 'version' => 0] + $floor->form($floor->shift('2026-03-17'), 100, 1), 'stale',
            'Somebody else saved this',
        ],
    ],
    'a signature in an old window' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'supervisor', "/shifts/{$floor->shift('2026-03-17')->id}", "/shifts/{$floor->shift('2026-03-17')->id}/sign",
            ['version' => '0'], 'stale', 'Somebody else saved this',
        ],
    ],
    'a product in an old window' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'planner', '/products', "/products/{$floor->product->id}",
            ['_method' => 'put', 'number' => 'CL-9', 'name' => 'Cloth', 'unit' => 'm', 'version' => '0'], 'stale',
            'Somebody else saved this',
        ],
    ],
    'a reason in an old window' => [
        fn (Plant $plant, LineFloor $floor): array => [
            'administrator', '/setup/stop-reasons', '/setup/stop-reasons/'.DB::table('stop_reasons')->value('id'),
            ['_method' => 'put', 'name' => 'Jammed', 'kind' => 'failure', 'version' => '0'], 'stale',
            'Somebody else saved this',
        ],
    ],
    'maintenance called twice' => [
        function (Plant $plant, LineFloor $floor): array {
            $address = "/lines/{$floor->line->id}/calls";
            stoodAt($plant, '07:00', null);
            test()
                ->as('planner')
                ->post($address, ['what' => 'It jams'])
                ->assertSessionHasNoErrors();

            return ['planner', "/shifts/{$floor->shift('2026-03-18')->id}", $address, ['what' => 'It jams'], 'call',
                'Maintenance is called already, and the call stands.'];
        },
    ],
]);
