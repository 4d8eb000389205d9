<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Planning\Pages\HeatMap;
use App\Planning\Pages\OutlookAddress;
use App\Planning\Pages\ScheduleFormPage;
use App\Planning\Pages\SchedulePage;
use App\Planning\Pages\ScheduleShown;
use App\Planning\Pages\YearDrawing;
use App\Platform\Frame\Wording;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\Nearness;
use Tests\Feature\Plant;

use function Tests\Core\day;

/** What the sheet of a schedule shows to the planner on 18 March. */
function shown(Schedule $schedule): ScheduleShown
{
    test()->as('planner');

    return app(SchedulePage::class)(Schedule::query()->findOrFail($schedule->id)->load([
        'asset',
        'method.inForce',
        'team',
        'meter',
        'gauge',
    ]), day('2026-03-18'));
}

it('says where a schedule stands, and what comes after', function () {
    $plant = Plant::build();
    $shown = shown($plant->schedule(['every' => 30, 'anchor_on' => '2026-04-10', 'lead' => 5]));
    expect([$shown->near, $shown->going, $shown->day, $shown->order])
        ->toBe([Nearness::Clear, true, 'Fri 10 Apr', 'Its order is made on 5 Apr.'])
        ->and($shown->onTime)
        ->toBe('On time from 7 Apr to 13 Apr.')
        ->and(array_column($shown->then, 'day'))
        ->toBe(['Sun 10 May', 'Tue 9 Jun', 'Thu 9 Jul', 'Sat 8 Aug', 'Mon 7 Sep'])
        ->and(array_column($shown->then, 'made')[0])
        ->toBe('5 May')
        ->and([$shown->countFrom, $shown->isPaused, $shown->hasLadder])
        ->toBe(['2026-04-10', false, false]);
});

it('says of a visit in hand that it has its order, and of an ended schedule nothing more', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['anchor_on' => '2026-03-18']);
    $plant->release();
    $shown = shown($schedule);
    expect([$shown->near, $shown->order, $shown->moveHint])->toBe([Nearness::InHand, '', null]);
    $schedule->refresh()->fill(['ended' => true])->save();
    $shown = shown($schedule);
    expect([$shown->near, $shown->going, $shown->then])->toBe([null, false, []]);
});

it('tells what became of past visits in words', function (int $days, string $says) {
    $plant = Plant::build();
    $schedule = $plant->schedule(['anchor_on' => '2026-03-18', 'method_id' => $plant->method->id]);
    $order = $plant->started();
    App\Planning\Models\Visit::query()
        ->where('schedule_id', $schedule->id)
        ->update([
            'state' => 'done',
            'planned_on' => '2026-03-18',
            'done_on' => (string) day('2026-03-18')->plusDays($days),
            'note' => null,
        ]);
    expect($order->exists)
        ->toBeTrue()
        ->and(shown($schedule)->past[0]['became'])
        ->toBe($says);
})->with([
    'late' => [2, 'done 20 Mar, 2 d late'],
    'early' => [-3, 'done 15 Mar, 3 d early'],
    'on the day' => [0, 'done 18 Mar, on the day'],
]);

it('draws a year from today: its months, and a point for each visit', function () {
    $drawing = YearDrawing::of(
        day('2026-03-18'),
        [day('2026-03-01'), day('2026-03-18'), day('2027-03-18')],
        ['small', 'large', 'small'],
    );
    expect(array_column($drawing->months, 'letter'))
        ->toBe(['A', 'M', 'J', 'J', 'A', 'S', 'O', 'N', 'D', 'J', 'F'])
        ->and($drawing->points)
        ->toBe([['x' => 2.0, 'y' => 22], ['x' => 2.0, 'y' => 18], ['x' => 242.0, 'y' => 22]])
        ->and($drawing->radius)
        ->toBe(3.4);
});

it('shades hours by how many they are, and hatches what nobody is left for', function () {
    Plant::build();
    $this->as('planner');
    $stretches = array_map(static fn (int $week): LocalDate => day('2026-03-16')->plusDays(7 * $week), range(0, 3));
    $heat = HeatMap::of(
        app(Wording::class),
        'week',
        [
            'stretches' => $stretches,
            'trades' => ['fitter' => [600, 0, 300, 0], 'electrician' => [0, 0, 60, 0]],
            'visits' => [5, 0, 3, 0],
            'expected' => [1, 0, 0, 0],
        ],
        ['fitter' => [480, 480, 480, 480]],
        [['fitter', 0, 600, 480]],
        static fn (LocalDate $from): string => "/outlook?from={$from}",
    );
    expect($heat->trades())
        ->toBe(['fitter', 'electrician'])
        ->and(array_column($heat->rows[0]['fields'], 'opacity'))
        ->toBe([0.8, 0.03, 0.46, 0.03])
        ->and(array_column($heat->rows[0]['fields'], 'over'))
        ->toBe([true, false, false, false])
        ->and($heat->rows[0]['fields'][0]['href'])
        ->toBe('/outlook?from=2026-03-16')
        ->and($heat->table[0]['says'])
        ->toBe(['10.0 h of 8.0 h, over', ''])
        ->and([$heat->exceeded, $heat->knowsCapacity, $heat->most])
        ->toBe([1, true, '10.0 h']);
});

it('changes one thing of the address of the outlook, and keeps the rest', function () {
    $address = new OutlookAddress(['place' => '3', 'reach' => 'a year']);
    expect($address->with(['reach' => '8 weeks']))
        ->toBe('/outlook?place=3&reach=8+weeks')
        ->and($address->with(['place' => null, 'reach' => '']))
        ->toBe('/outlook')
        ->and($address->export('csv'))
        ->toBe('/outlook.csv?place=3&reach=a+year')
        ->and((new OutlookAddress([]))->export('ics'))
        ->toBe('/outlook.ics');
});

it('fills the form of a schedule with what was typed before what is kept', function () {
    $plant = Plant::build();
    $plant->meter();
    $this->as('planner');
    $schedule = $plant->schedule(['every' => 30, 'months' => [3, 9]]);
    $page = app(ScheduleFormPage::class);
    $kept = $page($plant->pump, $schedule->refresh());
    $typed = $page($plant->pump, $schedule, ['every' => '45', 'months' => ['4'], 'weekdays' => ['2']]);
    expect([$kept->get('every'), $kept->ticked('months'), $kept->isAlso($plant->motor->id)])
        ->toEqual([30, [3, 9], false])
        ->and([$typed->get('every'), $typed->ticked('months'), $typed->ticked('weekdays')])
        ->toEqual(['45', [4], [2]])
        ->and($kept->counters()->pluck('name')->all())
        ->toBe(['Running hours'])
        ->and($kept->counterId())
        ->toBe('')
        ->and($page($plant->pump, new Schedule(['rule' => 'interval', 'every' => 1, 'unit' => 'days']))->counterId())
        ->not->toBe('');
});
