<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Register\Actions\SaveMeter;
use App\Register\Inputs\MeterInput;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** Brings a file of schedules as the planner does, and gives the address of its check. */
function bringSchedules(string $csv): string
{
    return (string) test()
        ->as('planner')
        ->post('/import/schedules', ['file' => UploadedFile::fake()->createWithContent('s.csv', $csv)])
        ->headers->get('Location');
}

it('loads schedules of every kind, shows their next dates, and takes them back', function () {
    $plant = Plant::build();
    $plant->meter();
    $check = bringSchedules(
        'tag,schedule,method,rule,every,unit,weekdays,which,months,first date,meter,every units of the '.
            "meter,lead\npmp-01,Seal check,M-1,interval,14,days,,,,2026-04-01,Running ".
            "hours,250,3\nPMP-01,Walk,M-1,weekdays,1,,Mon ".
            "Thu,,,2026-04-02,,,1\nPMP-01-M,Megger,M-1,nth,3,,Fri,-1,Mar ".
            "Jun Sep Dec,2026-06-01,,,10\nPMP-01,By hours,M-1,usage,,,,,,,Running hours,500,5\n",
    );
    $this->get($check)->assertSee('make <b>4</b>', false);
    expect(Schedule::query()->count())->toBe(0);
    $this->post($check, ['work' => '4'])->assertSessionHasNoErrors();
    $due = Schedule::query()->orderBy('id')->get()->pluck('standing.next_due_on', 'name')->all();
    expect($due)
        ->toMatchArray(['Seal check' => '2026-04-01', 'Walk' => '2026-04-02', 'Megger' => '2026-06-26'])
        ->and($due['By hours'])
        ->not->toBeNull()
        ->and(Schedule::query()->where('name', 'Seal check')->value('usage_every'))
        ->toBe('250.000')
        ->and(DB::table('coming_visits')->count())
        ->toBeGreaterThan(100);
    $this->delete($check)->assertSessionHasNoErrors();
    expect(Schedule::query()->count())
        ->toBe(0)
        ->and(DB::table('coming_visits')->count())
        ->toBe(0);
});

it('gives out what stands, changes only what differs, and leaves the dates of the rest', function () {
    $plant = Plant::build();
    $first = $plant->schedule(['name' => 'Seal check', 'months' => [3, 4, 5]]);
    $plant->schedule(['name' => 'Walk', 'rule' => 'weekdays', 'every' => 1, 'weekdays' => [1, 4]], $plant->motor);
    $gauge = app(SaveMeter::class)(Actor::sundial(), null, $plant->pump, MeterInput::of([
        'kind' => 'gauge',
        'name' => 'Temperature',
        'unit' => '°C',
    ]));
    $hot = $plant->schedule([
        'name' => 'When hot',
        'rule' => 'condition',
        'gauge_id' => $gauge->id,
        'condition_limit' => '75',
        'condition_readings' => 2,
        'condition_hysteresis' => '4',
    ]);
    $csv = $this->as('planner')->get('/import/schedules/standing.csv')->streamedContent();
    $warmer = bringSchedules("tag,schedule,limit\nPMP-01,When hot,80\n");
    $this->post($warmer, ['work' => '1'])->assertSessionHasNoErrors();
    expect($hot->refresh()->only(['condition_limit', 'condition_readings', 'gauge_id']))->toBe([
        'condition_limit' => '80.000',
        'condition_readings' => 2,
        'gauge_id' => $gauge->id,
    ]);
    $this->delete($warmer)->assertSessionHasNoErrors();
    $this->get(bringSchedules($csv))->assertSee('there is nothing to load');
    $check = bringSchedules("tag,schedule,lead,late carried over %\nPMP-01,Seal check,9,50\nPMP-01-M,Walk,2,\n");
    $this->get($check)->assertSeeInOrder(['change <b>2</b>', 'lead', '5', '9'], false);
    $this->post($check, ['work' => '2'])->assertSessionHasNoErrors();
    expect($first->refresh()->lead)
        ->toBe(9)
        ->and($first->standing->next_due_on)
        ->toBe('2026-03-20')
        ->and($first->months)
        ->toBe('3,4,5');
    $this->delete($check);
    expect($first->refresh()->lead)->toBe(5);
    // Once a visit was released, a schedule that a file made stays.
    $made = bringSchedules("tag,schedule,method,every,first date\nPMP-01,Late one,M-1,30,2026-03-18\n");
    $this->post($made, ['work' => '1']);
    $plant->release();
    $this->as('planner')->from($made)->delete($made)->assertSessionHasErrors('file');
});

it('names what is wrong with a schedule by row and column', function (string $row, string $column, string $why) {
    $plant = Plant::build();
    $plant->meter(0, with: ['name' => 'Starts', 'unit' => 'starts']);
    $this->get(
        bringSchedules(
            "tag,schedule,method,rule,every,weekdays,first date,meter,every units of the meter,ends\n{$row}\n",
        ),
    )->assertSeeInOrder(['nothing can be loaded yet', '2', $column, $why]);
})->with([
    'no asset' => ['X-9,A,M-1,,14,,2026-04-01,,,', 'tag', 'no asset'],
    'no method' => ['PMP-01,A,M-77,,14,,2026-04-01,,,', 'method', 'none of: M-1'],
    'nothing said' => ['PMP-01,A,,,,,,,,', 'method', 'needs this'],
    'a strange weekday' => ['PMP-01,A,M-1,weekdays,1,Mon Foo,2026-04-01,,,', 'weekdays', '“Foo” is none of'],
    'no weekday' => ['PMP-01,A,M-1,weekdays,1,,2026-04-01,,,', 'weekdays', 'needs this'],
    'no such meter' => ['PMP-01,A,M-1,usage,,,,Hours,500,', 'meter', 'has no meter'],
    'a meter without a reading' => ['PMP-01,A,M-1,usage,,,,Starts,500,', 'meter', 'no reading yet'],
]);
