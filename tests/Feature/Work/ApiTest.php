<?php

declare(strict_types=1);

use App\Platform\Api\Description;
use App\Work\Models\WorkOrder;
use Tests\Feature\Plant;

it('gives schedules with their next visits, what became of the earlier ones, and the outlook', function () {
    $plant = Plant::build();
    $late = $plant->schedule(['name' => 'Oil', 'anchor_on' => '2026-03-10', 'every' => 7, 'late_share' => 0]);
    $plant->schedule(['name' => 'Megger', 'anchor_on' => '2026-09-01'], $plant->motor);
    $this->as('planner')->post("/schedules/{$late->id}/skip", ['skip_reason' => 'x', 'version' => '1']);
    $list = api('engineer', 'GET', 'schedules?site=T')->assertOk();
    expect($list->json('data.*.name'))
        ->toBe(['Oil', 'Megger'])
        ->and(array_keys($list->json('data.0')))
        ->toEqualCanonicalizing(
            array_keys(app(Description::class)->document()['components']['schemas']['Schedule']['properties']),
        )
        ->and($list->json('data.0.next_visit'))
        ->toMatchArray(['number' => 2, 'planned_on' => '2026-03-17', 'order_made_on' => '2026-03-12'])
        ->and(api('engineer', 'GET', 'schedules?nearness=clear')->json('data.*.tag'))
        ->toBe(['PMP-01-M']);
    expect(api('engineer', 'GET', "schedules/{$late->id}/visits")->json('data'))
        ->toHaveCount(1)
        ->sequence(static fn ($visit) => $visit->toMatchArray(['number' => 1, 'state' => 'skipped', 'note' => 'x']));
    $first = api('engineer', 'GET', 'outlook?site=T&from=2026-03-18&to=2026-09-30&limit=20')->assertOk();
    expect($first->json('data.0'))
        ->toMatchArray(['tag' => 'PMP-01', 'planned_on' => '2026-03-24', 'minutes' => 45, 'level' => 1])
        ->and($first->json('data'))
        ->toHaveCount(20);
    $rest = $this->json(
        'GET',
        $first->json('next'),
        [],
        ['Authorization' => $first->baseRequest->header('Authorization')],
    )->json('data');
    expect(array_column($rest, 'schedule'))
        ->toContain('Megger')
        ->and(end($rest)['planned_on'])
        ->toBeLessThanOrEqual('2026-09-30');
    api('engineer', 'GET', 'outlook?site=T&from=2026-03-18&to=2036-09-30')
        ->assertStatus(422)
        ->assertJsonPath('cause', 'reach');
    expect(api('engineer', 'GET', 'outlook?site=T&to=2026-12-31&tag=PMP-01-M')->json('data.*.schedule'))->each->toBe(
        'Megger',
    );
});

it('releases what is due, once, and one visit early, by right', function () {
    $plant = Plant::build();
    $due = $plant->schedule(['name' => 'Due']);
    $later = $plant->schedule(['name' => 'Later', 'anchor_on' => '2026-03-27']);
    api('engineer', 'POST', 'release', ['site' => 'T'])->assertForbidden();
    $made = api('supervisor', 'POST', 'release', ['site' => 'T'])->assertCreated();
    expect($made->json('made'))
        ->toBe(1)
        ->and($made->json('orders.0'))
        ->toMatchArray(['title' => 'Due', 'tag' => 'PMP-01', 'due_on' => '2026-03-20', 'state' => 'approved'])
        ->and(collect($made->json('left'))->firstWhere('schedule', 'Later')['because'])
        ->toBe('lead not come');
    expect(api('supervisor', 'POST', 'release', ['site' => 'T'])->json('made'))->toBe(0);
    expect(
        api('supervisor', 'POST', "schedules/{$later->id}/release")
            ->assertCreated()
            ->json('orders.0.title'),
    )->toBe('Later');
    api('supervisor', 'POST', "schedules/{$later->id}/release")
        ->assertStatus(422)
        ->assertJsonPath('cause', 'not_now');
    api('supervisor', 'POST', 'release', ['site' => 'U'])
        ->assertStatus(422)
        ->assertJsonPath('cause', 'no_site');
    expect(WorkOrder::query()->count())
        ->toBe(2)
        ->and($due->refresh()->standing->in_hand)
        ->not->toBeNull();
});

it('raises, plans and books an order, by right', function () {
    $plant = Plant::build();
    $what = ['title' => 'Change the seal', 'type' => 'corrective', 'priority' => 'soon'];
    $form = $what + ['site' => 'T', 'tag' => 'PMP-01'];
    api('technician', 'POST', 'orders', $form)->assertForbidden();
    api('planner', 'POST', 'orders', ['tag' => 'NOWHERE'] + $form)
        ->assertStatus(422)
        ->assertJsonPath('cause', 'no_asset');
    $id = api('planner', 'POST', 'orders', $form + ['team_id' => $plant->teamId])->assertCreated()->json('id');
    api('planner', 'POST', "orders/{$id}/plan", ['lines' => ['Draw the seal 50 min', '2 fitter 1 h']])
        ->assertCreated()
        ->assertJsonPath('steps.0.text', 'Draw the seal')
        ->assertJsonPath('labour.0.people', 2);
    api('planner', 'POST', "orders/{$id}/plan", ['lines' => ['P-404 x 1']])->assertStatus(422);
    $plant->through(WorkOrder::query()->findOrFail($id), 'approve', 'start');
    $hours = ['worked_on' => '2026-03-18', 'normal' => 60, 'double' => 15];
    $read = api('technician', 'POST', "orders/{$id}/bookings", $hours)->assertCreated();
    expect($read->json('bookings'))
        ->toBe([[
            'person' => 'technician',
            'worked_on' => '2026-03-18',
            'normal' => 60,
            'time_and_a_half' => 0,
            'double' => 15,
        ]])
        ->and(array_keys($read->json()))
        ->toEqualCanonicalizing(
            array_keys(app(Description::class)->document()['components']['schemas']['WholeOrder']['properties']),
        );
    api('technician', 'POST', "orders/{$id}/bookings", ['person' => 'planner'] + $hours)->assertForbidden();
    api('planner', 'POST', "orders/{$id}/bookings", ['person' => 'nobody'] + $hours)->assertStatus(422);
});
