<?php

declare(strict_types=1);

use App\Planning\Models\MethodRevision;
use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Audit\Actor;
use App\Register\Actions\SaveAsset;
use App\Register\Inputs\AssetFacts;
use Tests\Feature\Plant;

it('shows the next five dates before a schedule is saved, with and without JavaScript', function () {
    $plant = Plant::build();
    $typed = $plant->fields(['rule' => 'weekdays', 'every' => 2, 'weekdays' => [2, 5], 'anchor_on' => '2026-03-20']);
    $swapped = $this->as('planner')->post("/assets/{$plant->pump->id}/schedules/preview", $typed, [
        'HX-Request' => 'true',
        'HX-Target' => 'preview',
    ]);
    $swapped->assertSeeInOrder([
        'Every 2 weeks on Tue, Fri',
        'Fri 20 Mar',
        '15 Mar',
        'Tue 31 Mar',
        'Fri 3 Apr',
        'Tue 14 Apr',
        'Fri 17 Apr',
    ]);
    $plain = $this->as('planner')->post("/assets/{$plant->pump->id}/schedules/preview", $typed);
    $plain->assertSee('<!doctype html>', false)->assertSeeInOrder(['Fri 20 Mar', 'Tue 31 Mar']);
    $this->as('planner')
        ->post("/assets/{$plant->pump->id}/schedules/preview", ['weekdays' => []] + $typed, ['HX-Request' => 'true'])
        ->assertSee('Choose at least one weekday.');
    expect(Schedule::query()->count())->toBe(0);
});

it('says what follows from saving a schedule', function () {
    $plant = Plant::build();
    $this->as('planner')
        ->post("/assets/{$plant->pump->id}/schedules", $plant->fields(['anchor_on' => '2026-04-10']))
        ->assertSessionHas('said', 'Seal check is saved. Next visit 10 Apr. Its order is made on 5 Apr, by itself.');
});

it('names the field when a schedule cannot be saved, and keeps what was typed', function () {
    $plant = Plant::build();
    $form = "/assets/{$plant->pump->id}/schedules/new";
    $this->as('planner')
        ->from($form)
        ->post(
            "/assets/{$plant->pump->id}/schedules",
            $plant->fields(['every' => 0, 'ends_on' => '2026-01-01', 'lead' => 17]),
        )
        ->assertRedirect($form)
        ->assertSessionHasErrors(['every', 'ends_on']);
    $this->get($form)->assertSee('value="17"', false)->assertSee('The end lies before the first date');
});

it('starts from when the work was last done', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule([
        'every' => 1,
        'unit' => 'months',
        'anchor_on' => '2026-01-10',
        'last_done_on' => '2026-03-12',
    ]);
    expect($schedule->standing->next_due_on)->toBe('2026-04-10')->and($schedule->standing->base_on)->toBe('2026-03-12');
});

it('warns of a lead longer than the interval', function () {
    $plant = Plant::build();
    $this->as('planner')
        ->post("/assets/{$plant->pump->id}/schedules/preview", $plant->fields(['every' => 3, 'lead' => 5]), [
            'HX-Request' => 'true',
        ])
        ->assertSee('longer than the interval');
});

it('puts the next revision in force when a method changes, and the last stays to be read', function () {
    $plant = Plant::build();
    $edit = [
        'code' => 'M-1',
        'name' => 'Seal check',
        'order_type' => 'preventive',
        'priority' => 'soon',
        'steps' => [['text' => 'Look', 'minutes' => 5], ['text' => '', 'minutes' => '']],
        'labour' => [],
        'version' => $plant->method->version,
    ];
    $this->as('planner')
        ->put("/methods/{$plant->method->id}", $edit)
        ->assertSessionHas(
            'said',
            'Seal check is saved: revision 2 is in force. Orders made before keep the revision they were made from.',
        );
    expect(MethodRevision::query()->orderBy('number')->toBase()->pluck('state')->all())->toBe([
        'superseded',
        'in force',
    ]);
    // Saving the same again makes no revision.
    $this->as('planner')
        ->put("/methods/{$plant->method->id}", ['version' => $plant->method->refresh()->version] + $edit)
        ->assertSessionHasNoErrors();
    expect(MethodRevision::query()->count())->toBe(2);
    $this->as('planner')
        ->put(
            "/methods/{$plant->method->id}",
            ['steps' => [['text' => '', 'minutes' => 5]], 'version' => $plant->method->refresh()->version] + $edit,
        )
        ->assertSessionHasErrors('steps.0.text');
});

it('holds schedules up while their asset is out of service', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['late_share' => 0, 'anchor_on' => '2026-03-25']);
    app(SaveAsset::class)(
        Actor::sundial(),
        $plant->pump,
        $plant->site->id,
        AssetFacts::of(['life_state' => 'out of service']),
    );
    $this->clock->set('2026-05-10 08:00:00');
    expect($plant->release())->toBeNull();
    $this->as('planner')
        ->get("/schedules/{$schedule->id}")
        ->assertSee('It makes no orders until the asset is back');
    app(SaveAsset::class)(
        Actor::sundial(),
        $plant->pump->refresh(),
        $plant->site->id,
        AssetFacts::of(['life_state' => 'in service']),
    );
    expect($schedule->refresh()->standing->next_due_on)
        ->toBe('2026-05-24')
        ->and(Visit::query()->orderBy('number')->pluck('planned_on', 'number')->all())
        ->toBe([1 => '2026-03-25', 2 => '2026-04-24'])
        ->and(Visit::query()->toBase()->pluck('state')->unique()->all())
        ->toBe(['suspended']);
});

it('ends a schedule only when nothing is in hand', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule();
    $plant->release();
    $this->as('planner')
        ->post("/schedules/{$schedule->id}/end", ['reason' => 'Sold', 'version' => $schedule->refresh()->version])
        ->assertSessionHasErrors('reason');
    expect($schedule->refresh()->ended)->toBeFalse();
});
