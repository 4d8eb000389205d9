<?php

declare(strict_types=1);

use App\Work\Actions\Moves\HoldWorkOrder;
use App\Work\Models\Booking;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Sundial\Work\HoldReason;
use Tests\Feature\Plant;

it('does from an old window nothing that the window did not know', function (string $move, array $with) {
    $plant = Plant::build();
    $order = $plant->started();
    $seen = $order->version;
    app(HoldWorkOrder::class)($plant->person('supervisor')->actor(), $order, HoldReason::of('parts', 2));
    $this->as('planner')
        ->from("/orders/{$order->id}")
        ->post("/orders/{$order->id}/{$move}", $with + ['version' => $seen, 'once' => (string) Str::uuid()])
        ->assertRedirect("/orders/{$order->id}")
        ->assertSessionHasErrors('form');
    expect($order->refresh()->state->value)->toBe('on hold');
    $this->get("/orders/{$order->id}")->assertSee('was changed since this page was opened, and is on hold now');
})->with([
    ['cancel', ['reason' => 'Not needed', 'visits' => 'skip']],
    ['finish', ['finished_at' => '2026-03-18T08:00']],
    ['resume', []],
]);

it('answers the second press as the first', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $form = [
        'finished_at' => '2026-03-18T07:55',
        'version' => $order->version,
        'once' => (string) Str::uuid(),
    ];
    $first = $this->as('technician')->post("/orders/{$order->id}/finish", $form)->assertSessionHasNoErrors();
    $said = session('said');
    $this->as('technician')
        ->post("/orders/{$order->id}/finish", $form)
        ->assertSessionHasNoErrors()
        ->assertRedirect($first->headers->get('Location'));
    expect(session('said'))->toBe($said)->and($said)->toContain('is done. Next visit');
});

it('books once for one form, again for another content, and apart for two people with one token', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $form = [
        'user_id' => $plant->person('technician')->id,
        'worked_on' => '2026-03-18',
        'time' => '1',
        'once' => (string) Str::uuid(),
    ];
    $book = fn (string $who, array $with = []) => $this->as($who)
        ->post("/orders/{$order->id}/bookings", $with + $form)
        ->assertSessionHasNoErrors();
    $book('technician');
    $book('technician');
    expect(Booking::query()->count())->toBe(1);
    $book('technician', ['time' => '1:30']);
    $book('planner');
    expect(Booking::query()->orderBy('id')->pluck('minutes')->all())->toBe([60, 90, 60]);
});

it('releases once for one press too many', function () {
    $plant = Plant::build();
    $plant->schedule();
    $form = ['once' => (string) Str::uuid()];
    $first = $this->as('planner')->post('/release', $form)->headers->get('Location');
    expect($this->as('planner')->post('/release', $form)->headers->get('Location'))
        ->toBe($first)
        ->and(WorkOrder::query()->count())
        ->toBe(1);
});

it('lets a technician strike out no hours but their own', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $planner = $plant->person('planner');
    $booking = Booking::query()->create([
        'order_id' => $order->id,
        'user_id' => $planner->id,
        'worked_on' => '2026-03-18',
        'normal_minutes' => 60,
        'booked_by' => $planner->id,
    ]);
    $strike = "/orders/{$order->id}/bookings/{$booking->id}/strike";
    $this->as('technician')->post($strike)->assertForbidden();
    expect($booking->strike()->exists())->toBeFalse();
    $this->as('supervisor')->post($strike)->assertRedirect();
    expect($booking->strike()->exists())->toBeTrue();
});

it('gives an order only to who works on orders here', function (callable $given, string $field) {
    $plant = Plant::build();
    $order = $plant->started();
    $this->as('planner')
        ->put("/orders/{$order->id}/assignment", $given($plant) + ['version' => $order->version])
        ->assertSessionHasErrors($field);
})->with([
    'an operator' => [fn (Plant $plant) => ['assignee_id' => $plant->person('operator')->id], 'assignee_id'],
    'somebody of another site' => [
        fn (Plant $plant) => ['assignee_id' => $plant->person('stranger')->id],
        'assignee_id',
    ],
    'a team of another site' => [
        fn (Plant $plant) => [
            'team_id' => DB::table('teams')->insertGetId(['site_id' => $plant->otherSite->id, 'name' => 'Theirs']),
        ],
        'team_id',
    ],
]);
