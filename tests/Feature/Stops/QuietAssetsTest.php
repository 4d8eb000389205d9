<?php

declare(strict_types=1);

use App\Register\Models\EquipmentClass;
use App\Stops\Pages\ReliabilityPage;
use App\Stops\Projections\StopDays;
use App\Stops\Queries\ReliabilityAsked;
use App\Stops\Queries\ReliabilityOf;
use Illuminate\Support\Facades\DB;
use Sundial\Stops\Reliability;
use Sundial\Stops\Span;
use Tests\Feature\Plant;

it('counts assets that did not stand together as it would one by one', function (string $zone, string $when) {
    $plant = Plant::build();
    mt_srand(crc32($zone));
    DB::table('sites')->where('id', $plant->site->id)->update(['timezone' => $zone]);
    $plant->site->refresh();
    $fans = EquipmentClass::query()->create(['name' => 'fan']);
    $ids = [$plant->pump->id, $plant->motor->id];
    for ($i = 0; $i < 12; $i++) {
        $ids[] = $plant->asset("X-{$i}", "Thing {$i}", $i % 2 === 0 ? 'HALL' : 'PMP-01')->id;
    }
    $now = $this->clock->now();
    // Some were there before, some came on the first days of the period, or within it, or are still to come.
    foreach ($ids as $i => $id) {
        $on = $now->modify('-'.[400, 366, 365, 364, 120, -3][$i % 6].' days')->format('Y-m-d');
        DB::table('assets')->where('id', $id)->update([
            'in_service_on' => $i === 0 ? null : $on,
            'class_id' => $i % 3 === 2 ? $fans->id : $plant->pump->class_id,
        ]);
    }
    DB::table('stops')->insert([
        'site_id' => $plant->site->id,
        'asset_id' => $plant->motor->id,
        'from_at' => '2026-02-10 10:00:00',
        'to_at' => '2026-02-10 13:00:00',
        'reason' => 'Seal leaks',
        'kind' => 'failure',
        'opened_who' => 'Operator',
    ]);
    app(StopDays::class)->keep($plant->motor->id, '2026-02-10 00:00:00', null);

    $period = Span::between($now->getTimestamp() - 365 * 86_400, $now->getTimestamp());
    $asked = $when === 'clock'
        ? ReliabilityAsked::roundTheClock($plant->site, $period)
        : ReliabilityAsked::onWorkingDays($plant->site, $period);
    $all = DB::table('assets')
        ->where('site_id', $plant->site->id)
        ->whereIn('life_state', ['in service', 'standby'])
        ->pluck('class_id', 'id');
    $each = $all->map(static fn (int $class, int $id): Reliability => app(ReliabilityOf::class)->asset($asked, $id));
    $this->as('engineer')->get('/stops/reliability')->assertOk();
    $page = app(ReliabilityPage::class);
    foreach (['class', 'place', 'asset'] as $by) {
        $shown = $page($by, 12, $when, null);
        expect($shown['all'])
            ->toEqual(Reliability::sum(...$each->values()), $by)
            ->and($shown['counted'])
            ->toBe([$all->count(), 'asset'])
            ->and(Reliability::sum(...array_column($shown['lines'], 'is')))
            ->toEqual($shown['all'], $by)
            ->and(array_sum(array_column($shown['lines'], 'assets')))
            ->toBe($all->count());
    }
    foreach ($page('class', 12, $when, null)['lines'] as $line) {
        $of = $each->filter(static fn (Reliability $one, int $id): bool => $all[$id] === $line['id']);
        expect([$line['is'], $line['assets']])->toEqual([Reliability::sum(...$of->values()), $of->count()]);
    }
})->with(['Pacific/Kiritimati', 'Pacific/Pago_Pago', 'Europe/London'])->with(['clock', 'working']);
