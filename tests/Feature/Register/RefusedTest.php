<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** @return array<string, mixed> what must not move when something is refused */
function booksOfRegister(): array
{
    $all = static fn (string $table): array => DB::table($table)->orderBy('id')->get()->all();

    return [
        $all('assets'), $all('locations'), $all('meters'), $all('readings'),
        DB::table('reading_strikes')->count(), $all('equipment_classes'), $all('units'),
        DB::table('extra_fields')->count(),
    ];
}

it('refuses what cannot be at its field, says so in the page that follows, and changes nothing', function (
    Closure $case,
) {
    $plant = Plant::build();
    expectRefused(booksOfRegister(...), ...$case($plant));
})->with([
    'an asset whose tag another has' => [
        fn (Plant $plant): array => [
            'planner', '/assets/new', '/assets',
            ['tag' => 'PMP-01', 'name' => 'Again', 'class_id' => $plant->pump->class_id, 'stands' => 'HALL'], 'tag',
            'The tag PMP-01 is taken',
        ],
    ],
    'an asset without a name' => [
        fn (Plant $plant): array => [
            'planner', '/assets/new', '/assets',
            ['tag' => 'PMP-09', 'name' => '', 'class_id' => $plant->pump->class_id, 'stands' => 'HALL'], 'name', 'Name',
        ],
    ],
    'an asset that stands where nothing is' => [
        fn (Plant $plant): array => [
            'planner', '/assets/new', '/assets',
            ['tag' => 'PMP-09', 'name' => 'Pump', 'class_id' => $plant->pump->class_id, 'stands' => 'NOWHERE'],
            'stands', 'NOWHERE',
        ],
    ],
    'an asset that stands at another site' => [
        fn (Plant $plant): array => [
            'planner', '/assets/new', '/assets',
            ['tag' => 'PMP-09', 'name' => 'Pump', 'class_id' => $plant->pump->class_id, 'stands' => 'YARD'], 'stands',
            'YARD',
        ],
    ],
    'a place in an asset' => [
        fn (Plant $plant): array => [
            'planner', '/places/new', '/places', ['tag' => 'NOOK', 'name' => 'Nook', 'stands' => 'PMP-01'], 'stands',
            'PMP-01 is an asset. A location stands in another location',
        ],
    ],
    'retired without a word' => [
        fn (Plant $plant): array => [
            'planner', "/assets/{$plant->pump->id}", "/assets/{$plant->pump->id}/retire",
            ['version' => $plant->pump->version], 'reason', 'eason',
        ],
    ],
    'retired while orders stand on it' => [
        function (Plant $plant): array {
            $plant->raised();

            return ['planner', "/assets/{$plant->pump->id}", "/assets/{$plant->pump->id}/retire",
                ['reason' => 'sold', 'version' => $plant->pump->version], 'reason', 'Open orders stand on'];
        },
    ],
    'stopped with itself' => [
        fn (Plant $plant): array => [
            'planner', "/assets/{$plant->pump->id}", "/assets/{$plant->pump->id}/tied", ['with' => 'PMP-01'], 'with',
            'Name another asset of the same site.',
        ],
    ],
    'a meter whose name another has' => [
        function (Plant $plant): array {
            $plant->meter();

            return ['planner', "/assets/{$plant->pump->id}/meters/new", "/assets/{$plant->pump->id}/meters",
                ['name' => 'Running hours', 'unit' => 'h', 'decimals' => '0', 'window_days' => '90'], 'name',
                'Running hours'];
        },
    ],
    'a gauge whose limits are upside down' => [
        fn (Plant $plant): array => [
            'planner', "/assets/{$plant->pump->id}/meters/new", "/assets/{$plant->pump->id}/meters",
            ['name' => 'Heat', 'unit' => '°C', 'decimals' => '0', 'window_days' => '90', 'kind' => 'gauge',
                'low_limit' => '80', 'high_limit' => '40'], 'high_limit', 'limit',
        ],
    ],
    'a reading that is no number' => [
        function (Plant $plant): array {
            $meter = $plant->meter();

            return ['technician', "/meters/{$meter->id}", "/meters/{$meter->id}/readings",
                ['shown' => 'a lot', 'at' => '2026-03-18T07:00'], 'shown', 'a lot'];
        },
    ],
    'a reading that falls' => [
        function (Plant $plant): array {
            $meter = $plant->meter();

            return ['technician', "/meters/{$meter->id}", "/meters/{$meter->id}/readings",
                ['shown' => '12', 'at' => '2026-03-18T07:00'], 'turn', 'a counter never falls'];
        },
    ],
    'a reading of an hour from now' => [
        function (Plant $plant): array {
            $meter = $plant->meter();

            return ['technician', "/meters/{$meter->id}", "/meters/{$meter->id}/readings",
                ['shown' => '1425', 'at' => '2026-03-18T09:00'], 'at', 'The time of a reading cannot lie ahead.'];
        },
    ],
    'a replaced meter without its last reading' => [
        function (Plant $plant): array {
            $meter = $plant->meter();

            return ['technician', "/meters/{$meter->id}", "/meters/{$meter->id}/readings",
                ['shown' => '3', 'at' => '2026-03-18T07:00', 'turn' => 'replaced'], 'old_final',
                'Say what the old meter showed last'];
        },
    ],
    'the only reading struck out' => [
        function (Plant $plant): array {
            $meter = $plant->meter(weeks: 1);
            $reading = DB::table('readings')->value('id');

            return ['supervisor', "/meters/{$meter->id}", "/readings/{$reading}/strike", ['reason' => 'mistyped'],
                'reason', 'This is the only reading of the meter.'];
        },
    ],
    'a reading struck out without a word' => [
        function (Plant $plant): array {
            $meter = $plant->meter();
            $reading = DB::table('readings')->max('id');

            return ['supervisor', "/meters/{$meter->id}", "/readings/{$reading}/strike", ['reason' => ''], 'reason',
                'eason'];
        },
    ],
    'a class whose name another has' => [
        fn (Plant $plant): array => [
            'administrator', '/setup/classes', '/setup/classes', ['name' => 'centrifugal pump'], 'name',
            'centrifugal pump',
        ],
    ],
    'a place whose tag an asset has' => [
        fn (Plant $plant): array => [
            'planner', '/places/new', '/places', ['tag' => 'PMP-01', 'name' => 'Nook'], 'tag',
            'The tag PMP-01 is taken',
        ],
    ],
]);
