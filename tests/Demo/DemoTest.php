<?php

declare(strict_types=1);

use App\Planning\Models\Method;
use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Register\Models\Asset;
use App\Work\Models\Booking;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use App\Work\Queries\AlongWith;
use Database\Demo\DemoPlant;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\HourlyRate;
use Sundial\Costing\LabourCost;
use Sundial\Planning\Visit\VisitState;
use Sundial\Work\OrderState;

it('loads a plant that is whole and consistent in itself', function () {
    expect(Asset::query()->count())
        ->toBe(140)
        ->and(DB::table('equipment_classes')->count())
        ->toBe(14)
        ->and(Method::query()->count())
        ->toBe(45)
        ->and(Schedule::query()->count())
        ->toBe(170)
        ->and(WorkOrder::query()->count())
        ->toBeGreaterThan(450)
        ->and(DB::table('meters')->where('kind', 'counter')->count())
        ->toBe(12)
        ->and(DB::table('readings')->count())
        ->toBeGreaterThan(600)
        ->and(DB::table('reading_strikes')->count())
        ->toBe(1);
    // Every state that a newcomer should meet is there.
    foreach (
        [
            OrderState::Approved,
            OrderState::UnderWay,
            OrderState::OnHold,
            OrderState::Done,
            OrderState::Closed,
            OrderState::Cancelled,
        ] as $state
    ) {
        expect(WorkOrder::query()->where('state', $state)->exists())->toBeTrue($state->value);
    }
    foreach (Schedule::query()->get() as $schedule) {
        $numbers = Visit::query()->where('schedule_id', $schedule->id)->orderBy('number')->pluck('number')->all();
        expect($numbers)->toBe($numbers === [] ? [] : range(1, count($numbers)));
        $open = Visit::query()
            ->where('schedule_id', $schedule->id)
            ->where('state', VisitState::InHand)
            ->pluck('label')
            ->all();
        expect($schedule->standing->in_hand === null ? [] : [$schedule->standing->in_hand])->toBe($open);
    }
    foreach (Booking::query()->get() as $booking) {
        expect($booking->cost_cents)->toBe(
            LabourCost::of($booking->worked(), HourlyRate::parse((string) $booking->rate)),
        );
    }
    $stray = DB::table('asset_summaries as n')
        ->whereRaw(
            'n.open_orders <> (SELECT COUNT(*) FROM order_assets r JOIN work_orders w ON w.id = r.order_id '.
                "WHERE r.asset_id = n.asset_id AND r.state <> 'left out' ".
                "AND w.state IN ('draft','planned','approved','under way','on hold'))",
        )
        ->count();
    // What is booked is carried by assets and places, to the cent and the second.
    $carried = DB::table('cost_entries')->selectRaw('SUM(cents) as cents, SUM(seconds) as seconds')->first();
    expect($stray)
        ->toBe(0)
        ->and((int) $carried?->cents)
        ->toBe(
            (int) Booking::counted()->sum('cost_cents') +
                (int) DB::table('part_uses')->sum('value_cents') +
                (int) DB::table('service_bookings')->sum('cents'),
        )
        ->and((int) $carried?->seconds)
        ->toBe(60 * (int) Booking::counted()->sum('minutes'))
        ->and(DB::table('work_orders')->count())
        ->toBeGreaterThan(1600)
        ->and(DB::table('audit_entries')->where('at', '>', '2026-03-18 08:20:00')->count())
        ->toBe(0);
    expect(Artisan::call('schedules:recount'))->toBe(0);
    // Whatever is kept beside what it was made of says the same.
    expect(Artisan::call('bench:check'))->toBe(0, Artisan::output());
    foreach (App\Planning\Models\Schedule::query()->where('ended', false)->get() as $schedule) {
        expect($schedule->standing->nearness?->value)->toBe(
            $schedule->nearnessOn(Sundial\Calendar\LocalDate::parse('2026-03-18'))['nearness'],
            $schedule->name,
        );
    }
    expect(DB::table('extra_values')->distinct()->count('field_id'))
        ->toBe(9)
        ->and(DB::table('documents')->count())
        ->toBe(13)
        ->and(DB::table('stops')->whereNull('to_at')->count())
        ->toBe(1)
        ->and(DB::table('expiry_dates')->where('what', 'statutory examination')->orderBy('until')->value('until'))
        ->toBe('2026-04-07')
        ->and(DB::table('assets')->whereNull('supplier_id')->count())
        ->toBe(0);
    // The boiler's examination runs out in 20 days; its preparation is not released yet.
    $schedule = static fn (string $tag, string $method): Schedule => Schedule::query()
        ->whereRelation('asset', 'tag', $tag)
        ->whereRelation('method', 'code', $method)
        ->sole();
    expect($schedule('BLR-01', 'M-016')->standing->in_hand)
        ->toBeNull()
        ->and((string) $schedule('BLR-01', 'M-016')->standing->next_due_on)
        ->toBeLessThan('2026-04-08');
    // The 14-day service of stenter 2 is due three days after an urgent repair on it: it can go along.
    $repair = WorkOrder::query()
        ->where('title', 'Replace web-guide bearing')
        ->whereIn('state', ['planned', 'approved'])
        ->sole();
    $offers = app(AlongWith::class)($repair->asset, LocalDate::parse((string) $repair->planned_on));
    expect(array_map(static fn (array $one): string => "{$one['name']} {$one['offer']->early}", $offers))->toContain(
        '14-day stenter service, '.explode(', ', $offers[0]['name'])[1].' 3',
    );
    // The hour meter of a frame was replaced; its service did not jump.
    expect($schedule('SPN-07', 'M-011')->nearness)
        ->not->toBe('late')
        ->and(DB::table('readings')->where('turn', 'replaced')->count())
        ->toBe(1);
    // The weekly lubrication round walks 12 assets in one order.
    $round = WorkOrder::query()->where('title', 'Weekly lubrication round')->withCount('rows')->get();
    expect($round->max('rows_count'))->toBe(12)->and($round->count())->toBeGreaterThan(45);
    // A method changed to revision 3 while two orders on revision 2 are open.
    expect(Method::query()->where('code', 'M-013')->sole()->inForce?->number)
        ->toBe(3)
        ->and(
            WorkOrder::query()
                ->whereIn('state', OpenStates::VALUES)
                ->whereRelation('revision', 'number', 2)
                ->whereRelation('revision.method', 'code', 'M-013')
                ->count(),
        )
        ->toBe(2);
    expect(loadsAsKept())->toBe(loadsCounted());
    // A gauge has made an overhaul due, and steps were answered in every way that can be counted.
    $byGauge = Schedule::standings()
        ->where('schedule_standings.leading', 'condition')
        ->whereNotNull('condition_reading_id')
        ->sole();
    expect($byGauge->standing->nearness)
        ->toBe(Sundial\Planning\Visit\Nearness::Due)
        ->and(
            DB::table('order_steps')->whereNotNull('verdict')->distinct()->pluck('verdict')->sort()->values()->all(),
        )
        ->toBe(['faulty', 'sound', 'watch']);
    foreach (
        ['planner', 'supervisor', 'technician', 'storekeeper', 'operator', 'engineer', 'manager', 'admin'] as $login
    ) {
        expect(
            Hash::check(DemoPlant::PASSWORD, (string) DB::table('users')->where('login', $login)->value('password')),
        )->toBeTrue($login);
    }
});
