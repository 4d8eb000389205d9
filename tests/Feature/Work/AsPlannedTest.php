<?php

declare(strict_types=1);

use App\People\Actions\SavePerson;
use App\People\Actions\SaveTrade;
use App\People\Inputs\PersonInput;
use App\Platform\Audit\Actor;
use App\Work\Models\Booking;
use App\Work\Models\OrderLabour;
use App\Work\Models\OrderPart;
use App\Work\Models\PartUse;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** An order under way with two fitters of 45 minutes and two seals in its plan. */
function withTwoFitters(Plant $plant): WorkOrder
{
    $order = $plant->raised();
    $trade = (int) DB::table('trades')->value('id');
    Plant::seal();
    test()->post("/orders/{$order->id}/plan/paste", ['lines' => "Draw the seal 50 min\n2 fitter 45 min"]);
    test()->post("/orders/{$order->id}/plan/part", [
        'part' => 'SEAL-35',
        'part_quantity' => '2',
        'source' => 'from store',
        'part_step' => '1',
    ])->assertSessionHasNoErrors();
    test()->post("/orders/{$order->id}/plan/labour", [
        'trade_id' => $trade,
        'people' => '1',
        'labour_time' => '0:20',
        'for_step' => '1',
    ])->assertSessionHasNoErrors();

    return $plant->through($order, 'approve', 'start');
}

it('ties labour and parts to a step, says so at the step, and takes no step that is not there', function () {
    $plant = Plant::build();
    $order = withTwoFitters($plant);
    expect(OrderPart::query()->sole()->step?->text)
        ->toBe('Draw the seal')
        ->and(OrderLabour::query()->whereNotNull('step_id')->sole()->minutes)
        ->toBe(20);
    $this->get("/orders/{$order->id}?plan=1")
        ->assertSee('takes 2 pc Seal kit, 1 × fitter, 20 min')
        ->assertSee('for step');
    $this->post("/orders/{$order->id}/plan/part", [
        'part' => 'SEAL-35',
        'part_quantity' => '1',
        'source' => 'from store',
        'part_step' => '9',
    ])->assertSessionHasErrors('for_step');
    // A step that goes leaves what was planned for it with the order.
    $step = (int) DB::table('order_steps')->where('order_id', $order->id)->value('id');
    $this->delete("/orders/{$order->id}/plan/step/{$step}")->assertSessionHasNoErrors();
    expect(OrderPart::query()->sole()->step_id)->toBeNull();
});

it('books with one press what was planned, hours by trade and parts, and nothing when pressed again', function () {
    $plant = Plant::build();
    $second = app(SavePerson::class)(Actor::sundial(), null, PersonInput::of([
        'login' => 'second',
        'name' => 'Second Fitter',
        'password' => 'password',
        'roles' => [$plant->site->id => ['technician']],
        'trade_id' => (int) DB::table('trades')->value('id'),
        'teams' => [$plant->teamId],
    ]));
    $order = withTwoFitters($plant);
    $order->fill(['team_id' => $plant->teamId])->save();
    $this->as('supervisor')->post("/orders/{$order->id}/as-planned")->assertSessionHasNoErrors();
    $hours = Booking::query()->orderBy('user_id')->pluck('minutes', 'user_id')->all();
    expect($hours)
        ->toBe([$plant->person('technician')->id => 45, $second->id => 65])
        ->and(PartUse::query()->sole()->quantity)
        ->toBe('2.000');
    // The lines say what was booked of them: 90 min and 20 min at 36.00.
    $this->get("/orders/{$order->id}")->assertSeeInOrder(['booked 1.5 h · 54.00', 'booked 20 min · 12.00']);
    $this->post("/orders/{$order->id}/as-planned")->assertSessionHas('said', 'All that was planned is booked already.');
    expect(Booking::query()->count())->toBe(2);
});

it('lets a technician book their own share alone, and says for whom nobody was found', function () {
    $plant = Plant::build();
    $order = withTwoFitters($plant);
    $order->fill(['assignee_id' => $plant->person('technician')->id])->save();
    $this->as('technician')
        ->post("/orders/{$order->id}/as-planned")
        ->assertSessionHas('said', static fn (string $said): bool => str_contains($said, 'nobody for 1 × fitter'));
    expect(Booking::query()->pluck('minutes', 'user_id')->all())->toBe([$plant->person('technician')->id => 65]);
});

it('measures what is left by trade: what an electrician booked leaves the hours of the fitter', function () {
    $plant = Plant::build();
    app(SaveTrade::class)(Actor::sundial(), null, 'electrician');
    $trade = (int) DB::table('trades')->where('name', 'electrician')->value('id');
    DB::table('users')->where('login', 'supervisor')->update(['trade_id' => $trade]);
    $order = $plant->raised();
    $this->post("/orders/{$order->id}/plan/paste", ['lines' => "1 fitter 60 min\n1 electrician 60 min"]);
    $order->fill(['assignee_id' => $plant->person('technician')->id])->save();
    $plant->through($order, 'approve', 'start');
    $this->as('supervisor')->post("/orders/{$order->id}/bookings", [
        'user_id' => $plant->person('supervisor')->id,
        'worked_on' => '2026-03-17',
        'time' => '1:00',
    ])->assertSessionHasNoErrors();
    $this->post("/orders/{$order->id}/as-planned")->assertSessionHasNoErrors();
    expect(Booking::query()->pluck('minutes', 'user_id')->all())->toEqualCanonicalizing([
        $plant->person('supervisor')->id => 60,
        $plant->person('technician')->id => 60,
    ])->and(Booking::query()->count())->toBe(2);
});
