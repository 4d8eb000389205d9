<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Stores\Actions\SavePart;
use App\Stores\Inputs\PartInput;
use App\Work\Actions\Raising\RaiseOrder;
use App\Work\Actions\Setup\OfferStage;
use App\Work\Inputs\OrderInput;
use App\Work\Models\WorkOrder;
use App\Work\Queries\OrderCosts;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sundial\Work\OrderMove;
use Sundial\Work\OrderState;
use Sundial\Work\Stage;
use Tests\Feature\Plant;

/** What somebody could try on an order: the address, what is sent, and the move that it is, if it is one. */
function tries(WorkOrder $order, Randomizer $dice): array
{
    $page = "/orders/{$order->id}";
    $step = $order->steps()->value('id') ?? 0;
    $lock = DB::table('isolation_orders')->where('order_id', $order->id)->max('isolation_id') ?? 0;
    $row = $order->rows()->orderByDesc('position')->value('id') ?? 0;
    $all = [
        ['post', "{$page}/approve", [], OrderMove::Approve],
        ['post', "{$page}/start", [], OrderMove::Start],
        ['post', "{$page}/hold", ['hold_reason' => 'parts'], OrderMove::Hold],
        ['post', "{$page}/resume", [], OrderMove::Resume],
        ['post', "{$page}/finish", ['finished_at' => '2026-03-18T08:00', 'it_is_right' => '1'], OrderMove::Finish],
        ['post', "{$page}/close", [], OrderMove::Close],
        ['post', "{$page}/reopen", ['reason' => 'not mended'], OrderMove::Reopen],
        ['post', "{$page}/cancel", ['reason' => 'not needed'], OrderMove::Cancel],
        ['post', "{$page}/stop-short", ['reason' => 'wanted elsewhere'], OrderMove::Cancel],
        ['post', "{$page}/timer", [], match ($order->state) {
            OrderState::Approved => OrderMove::Start,
            OrderState::OnHold => OrderMove::Resume,
            default => null,
        }],
        ['post', '/timer/stop', [], null],
        ['post', "{$page}/isolation", ['points' => 'Switch', 'valid_until' => '2026-03-18T18:00'], null],
        ['post', "{$page}/isolation", [
            'points' => 'Fire watch',
            'valid_until' => '2026-03-18T18:00',
            'permit' => 'hot work',
        ], null],
        ['post', "{$page}/plan/before-start", ['permits' => $dice->getInt(0, 2) === 0 ? ['hot work'] : []], null],
        ['post', "{$page}/as-planned", [], null],
        ['post', "{$page}/assets", ['tags' => 'PMP-01-M'], null],
        ['put', "{$page}/assets/{$row}", [
            'state' => ['done', 'left out', 'open'][$dice->getInt(0, 2)],
            'left_reason' => 'no access',
        ], null],
        ['delete', "{$page}/assets/{$row}", [], null],
        ['post', "{$page}/split", ['rows' => [$row]], null],
        ['put', "{$page}/spread", ['spread' => ['equal', 'minutes'][$dice->getInt(0, 1)]], null],
        ['post', "{$page}/isolation/{$lock}/lift", [], null],
        ['post', "{$page}/isolation/{$lock}/suspend", [], null],
        ['put', "{$page}/stage", ['stage' => 'tools set out'], null],
        ['post', "{$page}/hand-back", [], null],
        ['post', "{$page}/plan/paste", ['lines' => "Look at it 20 min\n1 fitter 30 min\nS-1 x 1"], null],
        ['delete', "{$page}/plan/step/{$step}", [], null],
        ['post', "{$page}/parts", ['used_part' => 'S-1', 'used_quantity' => (string) $dice->getInt(1, 3)], null],
        ['post', "{$page}/parts", ['used_part' => 'S-1', 'used_quantity' => '1', 'given_back' => '1'], null],
        ['post', "{$page}/services", [
            'service_what' => 'Crane',
            'service_amount' => (string) $dice->getInt(-20, 90),
        ], null],
        ['put', "{$page}/failure", ['mode' => 'other', 'cause' => 'unknown', 'action' => 'replaced'], null],
        ['post', "{$page}/bookings", [
            'user_id' => 0,
            'worked_on' => '2026-03-18',
            'time' => '1 min',
        ], null],
    ];

    // Every other time something that could be done next, so that orders come to an end.
    $next = array_values(
        array_filter(
            $all,
            static fn (array $one): bool => $one[3] !== null &&
                $one[3] !== OrderMove::Cancel &&
                in_array($order->state, [OrderState::Draft, ...$one[3]->leaves()], true),
        ),
    );

    return $next !== [] && $dice->getInt(0, 1) === 0
        ? $next[$dice->getInt(0, count($next) - 1)]
        : $all[$dice->getInt(0, count($all) - 1)];
}

it('lets no illegal move pass whoever tries it, keeps each legal one, and its costs always add up', function () {
    $plant = Plant::build();
    $dice = new Randomizer(new Mt19937(20260318));
    app(SavePart::class)(
        Actor::sundial(),
        null,
        PartInput::of(['number' => 'S-1', 'name' => 'Seal', 'price' => '12.345', 'currency' => 'EUR']),
    );
    app(OfferStage::class)(Actor::sundial(), Stage::inside(OrderState::Approved, 'tools set out'));
    $raise = static fn (): WorkOrder => app(RaiseOrder::class)(
        Actor::sundial(),
        OrderInput::on($plant->pump, 'Mend the pump'),
    );
    $orders = [$raise(), $raise()];
    $roles = ['planner', 'planner', 'supervisor', 'supervisor', 'supervisor', 'technician', 'technician'];
    $roles = [...$roles, 'storekeeper', 'operator', 'engineer', 'manager'];
    $moved = 0;
    foreach (range(1, getenv('SUNDIAL_TESTS') === 'long' ? 5000 : 500) as $i) {
        $at = $dice->getInt(0, 1);
        $order = $orders[$at]->refresh();
        $person = $plant->person($roles[$dice->getInt(0, count($roles) - 1)]);
        [$method, $address, $sent, $move] = tries($order, $dice);
        $sent = array_replace($sent, isset($sent['user_id']) ? ['user_id' => $person->id] : []);
        $before = $order->state;
        $may = $move !== null &&
            in_array($before, [...$move->leaves(), ...$move === OrderMove::Approve ? [OrderState::Draft] : []], true) &&
            $move->isOpenTo($person->roles($plant->site->id), $order->belongsToPerson($person));
        $this->fresh()->as($person->login)->from("/orders/{$order->id}")->call($method, $address, $sent);
        $after = $order->refresh()->state;
        // A move may still be refused for what is missing, such as a failure record; it never passes where it may not.
        if ($after !== $before) {
            $moved++;
            expect($may)->toBeTrue("{$i}: {$person->login} {$address} from {$before->value}")
                ->and($after)
                ->toBe($move?->to());
            $last = DB::table('order_spans')->where('order_id', $order->id)->orderByDesc('id')->first();
            expect([$last->state, $last->to_at])->toBe([$after->value, null]);
        }
        $order->load(['bookings.strike', 'uses', 'serviceBookings', 'labour', 'parts', 'services']);
        $booked = app(OrderCosts::class)->booked($order);
        expect($booked->total()->cents)->toBe(
            (int) $order->bookings->sum('cost_cents') +
                (int) $order->uses->sum('value_cents') +
                (int) $order->serviceBookings->sum('cents'),
        );
        $shared = DB::table('cost_entries')->where('order_id', $order->id);
        expect((int) $shared->sum('cents'))
            ->toBe($booked->total()->cents)
            ->and((int) $order->booked_cents)
            ->toBe($booked->total()->cents);
        if (in_array($after, [OrderState::Closed, OrderState::Cancelled], true) && $dice->getInt(0, 1) === 0) {
            $orders[$at] = $raise();
        }
    }
    expect(costDays())->toBe(costDaysCounted());
    $years = [
        ...app(OrderCosts::class)->ofAsset($plant->pump->id),
        ...app(OrderCosts::class)->ofAsset($plant->motor->id),
    ];
    $all = WorkOrder::query()->with(['bookings.strike', 'uses', 'serviceBookings', 'formerCost'])->get()->sum(
        static fn (WorkOrder $one): int => app(OrderCosts::class)->booked($one)->total()->cents,
    );
    expect(array_sum(array_map(static fn ($cost): int => $cost->total()->cents, $years)))
        ->toBe($all)
        ->and($moved)
        ->toBeGreaterThan(40);
});
