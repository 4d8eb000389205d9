<?php

declare(strict_types=1);

use App\Planning\Actions\SaveMethod;
use App\Planning\Inputs\MethodInput;
use App\Planning\Models\Round;
use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Register\Actions\SaveAsset;
use App\Register\Inputs\AssetFacts;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Models\OrderStep;
use Illuminate\Support\Facades\DB;
use Sundial\Register\ShortCode;
use Tests\Feature\Plant;

/** A round over the pump, its motor and a third asset, with a schedule every ten days. */
function roundOf(Plant $plant): array
{
    $fan = $plant->asset('FAN-1', 'Roof fan', 'HALL');
    test()
        ->as('planner')
        ->post('/rounds', ['name' => 'Oil round'])
        ->assertSessionHasNoErrors();
    $round = Round::query()->sole();
    foreach (['PMP-01', 'https://mill.example/a/'.ShortCode::of($plant->motor->id)->code, 'FAN-1'] as $scanned) {
        test()
            ->post("/rounds/{$round->id}/stations", ['tag' => $scanned])
            ->assertSessionHasNoErrors();
    }
    $method = app(SaveMethod::class)(Actor::sundial(), null, MethodInput::of([
        'code' => 'R-1',
        'name' => 'Oil',
        'order_type' => 'preventive',
        'priority' => 'routine',
        'steps' => [
            ['text' => 'Fetch the can'],
            ['text' => 'Oil it', 'minutes' => 4, 'each_asset' => true],
            ['text' => 'Wipe', 'minutes' => 1, 'each_asset' => true],
            ['text' => 'Put it back'],
        ],
        'labour' => [],
    ]));
    test()
        ->post(
            "/assets/{$plant->pump->id}/schedules",
            ['round_id' => $round->id, 'weekdays' => [], 'method_id' => $method->id, 'once' => 'r'] +
                array_filter(
                    $plant->fields(['every' => 10, 'late_share' => 0, 'lead' => 2, 'name' => 'Oil round']),
                    fn ($v) => $v !== $plant->method->id,
                ),
        )
        ->assertSessionHasNoErrors();

    return [$round, Schedule::query()->sole(), $fan];
}

/** @return list<string> what the newest order has to have done */
function walkOf(Plant $plant, Schedule $schedule): array
{
    $due = (string) $schedule->refresh()->standing->next_due_on;
    app(Clock::class)->set("{$due} 08:00:00");
    app()->forgetScopedInstances();
    $order = $plant->release();
    $walk = $order
        ->steps()
        ->with('asset')
        ->get()
        ->map(fn (OrderStep $step): string => trim("{$step->text} {$step->asset?->tag}"))
        ->all();
    app(FinishWorkOrder::class)(
        Actor::sundial(),
        app(StartWorkOrder::class)(Actor::sundial(), $order),
        new DateTimeImmutable("{$due} 08:00:00"),
    );

    return $walk;
}

it('walks all its assets in one order, each in its turn', function () {
    $plant = Plant::build();
    [$round, $schedule, $fan] = roundOf($plant);
    $this->as('planner')
        ->put("/rounds/{$round->id}/stations", ['asset_id' => $fan->id, 'every' => 2])
        ->assertSessionHasNoErrors();
    expect(walkOf($plant, $schedule))
        ->toBe(['Fetch the can', 'Oil it PMP-01', 'Wipe PMP-01', 'Oil it PMP-01-M', 'Wipe PMP-01-M', 'Put it back'])
        ->and(walkOf($plant, $schedule))
        ->toBe([
            'Fetch the can',
            'Oil it PMP-01',
            'Wipe PMP-01',
            'Oil it PMP-01-M',
            'Wipe PMP-01-M',
            'Oil it FAN-1',
            'Wipe FAN-1',
            'Put it back',
        ])
        ->and(DB::table('work_orders')->orderByDesc('id')->value('planned_minutes'))
        ->toBe(15);
    $this->get('/assets/'.$fan->id)
        ->assertSee('Walked by the round')
        ->assertSee('Oil round')
        ->assertSee('W-1002')
        ->assertDontSee('W-1001');
});

it('shows its visits on the horizon of every asset, at its turns', function () {
    $plant = Plant::build();
    [$round, $schedule, $fan] = roundOf($plant);
    $this->as('planner')
        ->put("/rounds/{$round->id}/stations", ['asset_id' => $fan->id, 'every' => 2])
        ->assertSessionHasNoErrors();
    $days = function (int $asset): array {
        preg_match_all(
            '/Oil round, (?:late, )?\w+ (\d+ \w+)/',
            (string) $this->as('planner')
                ->get("/assets/{$asset}?fold=0")
                ->getContent(),
            $found,
        );

        return array_values(array_unique($found[1]));
    };
    $all = $days($plant->pump->id);
    expect($all)
        ->toHaveCount(6)
        ->and($days($plant->motor->id))
        ->toBe($all)
        ->and($days($fan->id))
        ->toBe([$all[1], $all[3], $all[5]]);
    // Its order in hand stands on the horizon of all that it walks.
    app(Clock::class)->set("{$schedule->refresh()->standing->release_on} 08:00:00");
    $label = $plant->release()->label();
    $this->as('planner')
        ->get("/assets/{$plant->motor->id}?fold=0")
        ->assertSee("{$label} Oil round, ", false);
    $this->as('planner')
        ->get("/assets/{$fan->id}?fold=0")
        ->assertDontSee("{$label} Oil round, ", false);
    // With the first in hand the next is the second; missed ones are made up for by the one that comes.
    walkOf($plant, $schedule);
    $this->fresh();
    expect($days($fan->id)[0])->toBe($all[1]);
});

it('leaves out what is not in use, and rests when nothing is', function () {
    $plant = Plant::build();
    [, $schedule, $fan] = roundOf($plant);
    $out = fn ($asset) => app(SaveAsset::class)(Actor::sundial(), $asset->refresh(), $plant->site->id, AssetFacts::of([
        'life_state' => 'out of service',
    ]));
    $out($plant->pump);
    expect($schedule->refresh()->held_from)
        ->toBeNull()
        ->and(walkOf($plant, $schedule))
        ->toBe(['Fetch the can', 'Oil it PMP-01-M', 'Wipe PMP-01-M', 'Oil it FAN-1', 'Wipe FAN-1', 'Put it back']);
    $out($plant->motor);
    $out($fan);
    app(Clock::class)->set("{$schedule->refresh()->standing->next_due_on} 08:00:00");
    app()->forgetScopedInstances();
    $before = DB::table('work_orders')->count();
    $plant->release();
    expect(DB::table('work_orders')->count())->toBe($before);
    $this->get('/release')->assertSee('asset not in use');
});

it(
    'changes order by what is dragged, keeps its schedule on the first, and refuses what makes no sense',
    function () {
        $plant = Plant::build();
        [$round, $schedule, $fan] = roundOf($plant);
        $this->as('planner')
            ->put("/rounds/{$round->id}/stations", ['stations' => "{$fan->id},{$plant->pump->id},{$plant->motor->id}"])
            ->assertSessionHasNoErrors();
        expect($schedule->refresh()->asset_id)
            ->toBe($fan->id)
            ->and(DB::table('coming_visits')->where('asset_id', '<>', $fan->id)->count())
            ->toBe(0);
        $this->get("/rounds/{$round->id}")->assertSeeInOrder(['Roof fan', 'Feed pump 1', 'Motor of feed pump 1']);
        $this->from("/rounds/{$round->id}")
            ->post("/rounds/{$round->id}/stations", ['tag' => 'FAN-1'])
            ->assertSessionHasErrors(['tag' => 'This asset is walked by the round already.']);
        $this->post("/rounds/{$round->id}/stations", ['tag' => 'X-1'])->assertSessionHasErrors('tag');
        foreach ([$plant->pump->id, $plant->motor->id] as $asset) {
            $this->delete("/rounds/{$round->id}/stations/{$asset}")->assertSessionHasNoErrors();
        }
        $this->delete("/rounds/{$round->id}/stations/{$fan->id}")->assertSessionHasErrors('form');
        $this->put("/rounds/{$round->id}/stations", ['asset_id' => $fan->id, 'every' => 2])->assertSessionHasErrors(
            'every',
        );
        $this->post('/rounds', ['name' => 'Oil round'])->assertSessionHasErrors('name');
    },
);
