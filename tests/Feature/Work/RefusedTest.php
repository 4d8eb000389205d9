<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Sundial\Register\ShortCode;
use Tests\Feature\Plant;

/** @return array<string, mixed> what must not move when something is refused */
function booksOfWork(): array
{
    $all = static fn (string $table): array => DB::table($table)->orderBy('id')->get()->all();

    return [
        $all('work_orders'), $all('order_steps'), $all('order_labour'), $all('order_parts'), $all('order_services'),
        $all('bookings'), $all('part_uses'), $all('service_bookings'), $all('shutdowns'), $all('visits'),
        DB::table('schedule_standings')->orderBy('schedule_id')->get()->all(),
        $all('requests'), DB::table('timers')->count(),
    ];
}

it('refuses what cannot be at its field, says so in the page that follows, and changes nothing', function (
    Closure $case,
) {
    $plant = Plant::build();
    expectRefused(booksOfWork(...), ...$case($plant));
})->with([
    'an order without a title' => [
        fn (Plant $plant): array => [
            'planner', '/orders/new?asset=PMP-01', '/orders',
            ['asset' => 'PMP-01', 'title' => '', 'type' => 'corrective', 'priority' => 'urgent'], 'title', 'title',
        ],
    ],
    'an order on what nobody knows' => [
        fn (Plant $plant): array => [
            'planner', '/orders/new?asset=PMP-01', '/orders',
            ['asset' => 'PMP-77', 'title' => 'Seal', 'type' => 'corrective', 'priority' => 'urgent'], 'asset',
            'PMP-77',
        ],
    ],
    'an order at another site' => [
        fn (Plant $plant): array => [
            'planner', '/orders/new?asset=PMP-01', '/orders',
            ['asset' => 'X-1', 'title' => 'Seal', 'type' => 'corrective', 'priority' => 'urgent'], 'asset', 'X-1',
        ],
    ],
    'hours before the work began' => [
        function (Plant $plant): array {
            $order = $plant->raised();

            return ['supervisor', "/orders/{$order->id}", "/orders/{$order->id}/bookings",
                ['user_id' => $plant->person('technician')->id, 'worked_on' => '2026-03-18', 'time' => '1'],
                'minutes', 'Hours are booked while the work is under way or done; this order is draft.'];
        },
    ],
    'a step ticked before the work began' => [
        function (Plant $plant): array {
            $plant->schedule();
            $order = $plant->release();

            return ['technician', "/orders/{$order->id}", "/orders/{$order->id}/steps/1", ['done' => '1'], 'step',
                'Steps are ticked while the work is under way; this order is approved.'];
        },
    ],
    'a service booked before the work began' => [
        function (Plant $plant): array {
            $order = $plant->raised();

            return ['supervisor', "/orders/{$order->id}", "/orders/{$order->id}/services",
                ['service_what' => 'Crane', 'service_amount' => '80'], 'service_what',
                'Services are booked once the work has begun; this order is draft.'];
        },
    ],
    'a service without an amount' => [
        function (Plant $plant): array {
            $order = $plant->started();

            return ['supervisor', "/orders/{$order->id}", "/orders/{$order->id}/services",
                ['service_what' => 'Crane', 'service_amount' => ''], 'service_amount',
                'Give the amount.'];
        },
    ],
    'a part used before the approval' => [
        function (Plant $plant): array {
            $order = $plant->raised();
            Plant::seal();

            return ['supervisor', "/orders/{$order->id}", "/orders/{$order->id}/parts",
                ['used_part' => 'SEAL-35', 'used_quantity' => '1'], 'part',
                'Parts are booked from the approval on and until the order is closed; this one is draft.'];
        },
    ],
    'a part used that nobody knows' => [
        function (Plant $plant): array {
            $order = $plant->started();

            return ['supervisor', "/orders/{$order->id}", "/orders/{$order->id}/parts",
                ['used_part' => 'SAEL', 'used_quantity' => '1'], 'used_part', 'SAEL'];
        },
    ],
    'more of a part given back than was used' => [
        function (Plant $plant): array {
            $order = $plant->started();
            Plant::seal();

            return ['supervisor', "/orders/{$order->id}", "/orders/{$order->id}/parts",
                ['used_part' => 'SEAL-35', 'used_quantity' => '-1'], 'used_quantity',
                'More is given back than was used on this order.'];
        },
    ],
    'a step that says nothing' => [
        function (Plant $plant): array {
            $order = $plant->raised();

            return ['planner', "/orders/{$order->id}", "/orders/{$order->id}/plan/step", ['text' => ''], 'text',
                'Say what is to be done.'];
        },
    ],
    'no part planned' => [
        function (Plant $plant): array {
            $order = $plant->raised();

            return ['planner', "/orders/{$order->id}", "/orders/{$order->id}/plan/part",
                ['part' => '', 'part_quantity' => '1', 'source' => 'from store'], 'part',
                'Give a part number, or say what is bought in.'];
        },
    ],
    'none of a part planned' => [
        function (Plant $plant): array {
            $order = $plant->raised();
            Plant::seal();

            return ['planner', "/orders/{$order->id}", "/orders/{$order->id}/plan/part",
                ['part' => 'SEAL-35', 'part_quantity' => '0', 'source' => 'from store'], 'quantity',
                'The quantity lies above 0.'];
        },
    ],
    'a part for a step that there is not' => [
        function (Plant $plant): array {
            $order = $plant->raised();
            Plant::seal();

            return ['planner', "/orders/{$order->id}", "/orders/{$order->id}/plan/part",
                ['part' => 'SEAL-35', 'part_quantity' => '1', 'source' => 'from store', 'part_step' => '7'],
                'for_step', 'The plan has no step 7.'];
        },
    ],
    'no service planned' => [
        function (Plant $plant): array {
            $order = $plant->raised();

            return ['planner', "/orders/{$order->id}", "/orders/{$order->id}/plan/service", ['service' => ''],
                'service', 'Say what somebody else is to do.'];
        },
    ],
    'a plan pasted with a part that nobody knows' => [
        function (Plant $plant): array {
            $order = $plant->raised();

            return ['planner', "/orders/{$order->id}", "/orders/{$order->id}/plan/paste",
                ['lines' => 'SAEL-9 x 2'], 'lines', 'The catalogue has no part SAEL-9.'];
        },
    ],
    'planned like an order that there is not' => [
        function (Plant $plant): array {
            $order = $plant->raised();

            return ['planner', "/orders/{$order->id}", "/orders/{$order->id}/plan/former", ['former' => 'W-9999'],
                'former', 'This site has no order “W-9999”.'];
        },
    ],
    'planned like itself' => [
        function (Plant $plant): array {
            $order = $plant->raised();

            return ['planner', "/orders/{$order->id}", "/orders/{$order->id}/plan/former",
                ['former' => $order->label()], 'former', 'Name another order of this site.'];
        },
    ],
    'a repetition of itself' => [
        function (Plant $plant): array {
            $order = $plant->started();

            return ['supervisor', "/orders/{$order->id}", "/orders/{$order->id}/repeats",
                ['_method' => 'put', 'repeats' => $order->label()], 'repeats',
                'is not an earlier order on the same asset or place.'];
        },
    ],
    'a failure without a word of what' => [
        function (Plant $plant): array {
            $order = $plant->raised();

            return ['supervisor', "/orders/{$order->id}", "/orders/{$order->id}/failure",
                ['_method' => 'put', 'failed_at' => '2026-03-18T07:00'], 'mode',
                'Choose a word for “What failed”, or say why it was not a failure.'];
        },
    ],
    'the finish corrected before there is one' => [
        function (Plant $plant): array {
            $order = $plant->started();

            return ['supervisor', "/orders/{$order->id}", "/orders/{$order->id}/finish",
                ['_method' => 'put', 'finished_at' => '2026-03-18T07:00', 'version' => $order->version],
                'finished_at', 'The finish can be corrected while an order is done; this one is under way.'];
        },
    ],
    'stopped short with nothing booked' => [
        function (Plant $plant): array {
            $order = $plant->started();

            return ['supervisor', "/orders/{$order->id}", "/orders/{$order->id}/stop-short",
                ['reason' => 'the crane is gone', 'version' => $order->version], 'reason',
                'Nothing is booked on this order, so nothing is left of it.'];
        },
    ],
    'taken along nothing' => [
        function (Plant $plant): array {
            $order = $plant->started();

            return ['planner', "/orders/{$order->id}", "/orders/{$order->id}/along", ['schedules' => []], 'schedules',
                'Choose at least one visit.'];
        },
    ],
    'taken along what is in hand' => [
        function (Plant $plant): array {
            $order = $plant->started();
            $schedule = DB::table('schedules')->value('id');

            return ['planner', "/orders/{$order->id}", "/orders/{$order->id}/along", ['schedules' => [$schedule]],
                'schedules', 'cannot be taken along'];
        },
    ],
    'a visit released that is in hand' => [
        function (Plant $plant): array {
            $plant->started();
            $schedule = DB::table('schedules')->value('id');

            return ['planner', "/schedules/{$schedule}", "/schedules/{$schedule}/release", [], 'form',
                'No order can be made now'];
        },
    ],
    'a clock stopped that does not run' => [
        function (Plant $plant): array {
            $order = $plant->started();

            return ['technician', "/orders/{$order->id}", '/timer/stop', [], 'form',
                'Your clock does not run any more.'];
        },
    ],
    'a clock on what has not begun' => [
        function (Plant $plant): array {
            $order = $plant->raised();

            return ['supervisor', "/orders/{$order->id}", "/orders/{$order->id}/timer", [], 'form',
                'A clock runs on work that can be booked on; this order is draft.'];
        },
    ],
    'nobody changed at once' => [
        fn (Plant $plant): array => [
            'planner', '/orders/table', '/orders/table/change', ['orders' => [], 'set' => 'team', 'value' => ''],
            'orders', 'Choose at least one order first.',
        ],
    ],
    'a shutdown on which nothing stands' => [
        fn (Plant $plant): array => [
            'planner', '/shutdowns', '/shutdowns',
            ['title' => 'Spring stop', 'standing' => '', 'from_at' => '2026-03-20T06:00',
                'to_at' => '2026-03-22T18:00'],
            'standing', 'What stands is needed.',
        ],
    ],
    'a shutdown that ends before it begins' => [
        fn (Plant $plant): array => [
            'planner', '/shutdowns', '/shutdowns',
            ['title' => 'Spring stop', 'standing' => 'PMP-01', 'from_at' => '2026-03-22T06:00',
                'to_at' => '2026-03-20T18:00'], 'to_at', 'end',
        ],
    ],
    'a shutdown of an asset of another site' => [
        fn (Plant $plant): array => [
            'planner', '/shutdowns', '/shutdowns',
            ['title' => 'Spring stop', 'standing' => 'X-1', 'from_at' => '2026-03-20T06:00',
                'to_at' => '2026-03-22T18:00'], 'standing', 'X-1',
        ],
    ],
    'no order put into a shutdown' => [
        function (Plant $plant): array {
            $shutdown = $plant->shutdown();

            return ['planner', "/shutdowns/{$shutdown->id}", "/shutdowns/{$shutdown->id}/orders", ['numbers' => ''],
                'orders', 'Name at least one open order.'];
        },
    ],
    'a closed order put into a shutdown' => [
        function (Plant $plant): array {
            $shutdown = $plant->shutdown();
            $order = $plant->through($plant->raised(), 'approve', 'start', 'finish');

            return ['planner', "/shutdowns/{$shutdown->id}", "/shutdowns/{$shutdown->id}/orders",
                ['numbers' => $order->label()], 'orders', 'is done: only open orders are put into a shutdown.'];
        },
    ],
    'a shutdown over while work is open' => [
        function (Plant $plant): array {
            $shutdown = $plant->shutdown();
            $order = $plant->raised();
            test()
                ->as('planner')
                ->post("/shutdowns/{$shutdown->id}/orders", ['numbers' => $order->label()])
                ->assertSessionHasNoErrors();

            return ['planner', "/shutdowns/{$shutdown->id}", "/shutdowns/{$shutdown->id}/over",
                ['version' => $shutdown->refresh()->version], 'over', $order->label()];
        },
    ],
    'a report that says nothing' => [
        fn (Plant $plant): array => [
            'planner', '/report/'.ShortCode::of($plant->pump->id)->code,
            '/report/'.ShortCode::of($plant->pump->id)->code,
            ['what' => '', 'how_soon' => 'this shift'], 'what', 'Say what is wrong',
        ],
    ],
    'an order given to somebody who does not work on orders' => [
        function (Plant $plant): array {
            $order = $plant->raised();

            return ['planner', "/orders/{$order->id}", "/orders/{$order->id}/assignment",
                ['_method' => 'put', 'assignee_id' => $plant->person('operator')->id, 'version' => $order->version],
                'assignee_id', 'Choose somebody who works on orders at this site.'];
        },
    ],
    'a day given to an order that is over' => [
        function (Plant $plant): array {
            $order = $plant->through($plant->raised(), 'approve', 'start', 'finish');

            return ['planner', "/orders/{$order->id}", "/orders/{$order->id}/planned-day",
                ['_method' => 'put', 'planned_on' => '2026-03-25', 'version' => $order->version], 'planned_on',
                'only open orders are moved to another day.'];
        },
    ],
]);
