<?php

declare(strict_types=1);

use Sundial\Stock\ClaimRank;
use Sundial\Stock\FreeStair;
use Sundial\Stock\GivingWay;
use Sundial\Stock\LineReady;
use Sundial\Stock\MoveKind;
use Sundial\Stock\PartsReady;
use Sundial\Stock\Promise;
use Sundial\Stock\PromisedStock;
use Sundial\Stock\PurchaseMove;
use Sundial\Stock\PurchaseState;
use Sundial\Stock\Resupply;
use Sundial\Stock\Separation;
use Sundial\Stock\StartShort;
use Sundial\Stock\StoreRules;
use Sundial\Support\InvalidInput;

use function Tests\Core\day;

it('ranks by priority, then by the day it is needed, then by approval', function () {
    $first = ClaimRank::of(3, day('2026-03-30'), '2026-03-18 08:00');
    $earlier = ClaimRank::of(2, day('2026-03-20'), '2026-03-18 07:00');
    $later = ClaimRank::of(2, day('2026-03-21'), '2026-03-17 07:00');
    $same = ClaimRank::of(2, day('2026-03-21'), '2026-03-17 09:00');
    $noDay = ClaimRank::of(2, null, '2026-03-01 07:00');
    $all = [$noDay, $same, $later, $earlier, $first];
    usort($all, static fn (ClaimRank $a, ClaimRank $b): int => $a->against($b));
    expect($all)
        ->toBe([$first, $earlier, $later, $same, $noDay])
        ->and($first->outranks($earlier))
        ->toBeTrue()
        ->and($later->outranks($same))
        ->toBeFalse('an earlier approval alone takes nothing away')
        ->and($earlier->outranks($first))
        ->toBeFalse();
});

it('lets one have what is promised to others, as far as each can give it up', function () {
    $stock = PromisedStock::of(
        5000,
        Promise::to('urgent', 0, 3000),
        Promise::to('soon', 2000, 0),
        Promise::to('late', 3000, 0),
    );
    $taking = $stock->giveWay('urgent', ['late' => 2000, 'soon' => 5000]);
    expect($taking->takesFrom)
        ->toBe(['late' => 2000, 'soon' => 1000])
        ->and($taking->after->reserved())
        ->toBe(5000)
        ->and($taking->after->shortages())
        ->toBe(3000)
        ->and($stock->giveWay('nobody', ['late' => 1000])->takesFrom)
        ->toBe([]);
});

it('tells how much comes by a day, and when so much has come', function () {
    $coming = Resupply::of([[day('2026-04-02'), 3000], [day('2026-03-25'), 1000], [day('2026-03-25'), 1000]]);
    expect([
        $coming->until(day('2026-03-24')),
        $coming->until(day('2026-03-25')),
        $coming->until(null),
        $coming->dayOf(2000)?->__toString(),
        $coming->dayOf(2001)?->__toString(),
        $coming->dayOf(5001),
        $coming->less(2500)->until(day('2026-04-01')),
        $coming->less(2500)->until(null),
    ])->toBe([0, 2000, 5000, '2026-03-25', '2026-04-02', null, 0, 2500]);
});

it('goes down and up from day to day, what is late today, and what comes before what is taken', function () {
    $stair = FreeStair::of(
        day('2026-03-18'),
        3000,
        [[day('2026-03-01'), 1000], [day('2026-03-20'), 3000], [day('2026-03-25'), 2000]],
        [[day('2026-03-25'), 4000]],
    );
    expect(array_map(static fn (array $step): array => [(string) $step[0], $step[1]], $stair->steps()))
        ->toBe([['2026-03-18', 2000], ['2026-03-20', -1000], ['2026-03-25', 1000]])
        ->and($stair->shortFrom()?->__toString())
        ->toBe('2026-03-20')
        ->and([$stair->firstMissing(), $stair->mostMissing(), $stair->last()])
        ->toBe([1000, 1000, 1000])
        ->and(array_map(
            static fn (string $day): int => $stair->on(day($day)),
            ['2026-03-01', '2026-03-19', '2026-03-20', '2026-03-30'],
        ))
        ->toBe([2000, 2000, -1000, 1000])
        ->and([(string) $stair->orderBy(5), (string) $stair->orderBy(null)])
        ->toBe(['2026-03-15', '2026-03-06']);
    $enough = FreeStair::of(day('2026-03-18'), 1000, [[day('2026-03-19'), 1000]], []);
    expect([$enough->shortFrom(), $enough->mostMissing()])->toBe([null, 0]);
});

it('says whether all parts are there, when the last comes, and what nobody ordered', function () {
    $here = LineReady::here('Seal');
    $soon = LineReady::missing('Nut', 2000, Resupply::of([[day('2026-03-26'), 2000]]));
    $never = LineReady::missing('Belt', 2000, Resupply::of([[day('2026-03-26'), 1000]]));
    $ordered = LineReady::expected('Bracket', null);
    expect(PartsReady::of($here)->areHere())
        ->toBeTrue()
        ->and(PartsReady::of($here, $soon)->allOn()?->__toString())
        ->toBe('2026-03-26')
        ->and(PartsReady::of($soon, $never, $ordered)->notOrdered())
        ->toBe(1)
        ->and(PartsReady::of($soon, $ordered)->allOn())
        ->toBeNull();
});

it('moves a purchase from draft to closed, and nowhere else', function () {
    $after = static function (PurchaseState $from, PurchaseMove $move): ?string {
        try {
            return $move->apply($from)->value;
        } catch (InvalidInput) {
            return null;
        }
    };
    $may = [];
    foreach (PurchaseState::cases() as $from) {
        foreach (PurchaseMove::cases() as $move) {
            $to = $after($from, $move);
            $to === null ?: $may[] = "{$from->value} {$move->value} {$to}";
        }
    }
    expect($may)->toBe([
        'draft approve approved',
        'draft send sent',
        'draft cancel cancelled',
        'approved send sent',
        'approved cancel cancelled',
        'sent cancel cancelled',
        'part received close closed',
        'received close closed',
    ]);
});

it('counts as taken only what somebody had a use for', function () {
    $taking = array_filter(MoveKind::cases(), static fn (MoveKind $one): bool => $one->isTaking(-1));
    expect(array_column($taking, 'value'))
        ->toBe(['issue', 'transfer'])
        ->and(MoveKind::Transfer->isTaking(1))
        ->toBeFalse();
});

it('keeps what a site agreed on for its stores', function () {
    $rules = StoreRules::of(10000, 50000, Separation::On, 7)->startingShort(StartShort::Refused);
    expect([$rules->needsSecond(-10001), $rules->needsSecond(10000), $rules->needsApproval(50001)])
        ->toBe([true, false, true])
        ->and(static fn () => $rules->checkTwo(3, 3, 'form', 'Somebody else does that.'))
        ->toThrow(InvalidInput::class, 'Somebody else')
        ->and(static fn () => $rules->checkStart(PartsReady::of(LineReady::notOrdered('Seal'))))
        ->toThrow(InvalidInput::class, 'not all here: Seal')
        ->and(static fn () => StoreRules::of(-1, 0, Separation::Off, 7))
        ->toThrow(InvalidInput::class);
    expect([$rules->window(21), $rules->window(null)])->toBe([28, 21]);
    $rules->checkTwo(3, 4, 'form', '');
    $rules->checkTwo(null, null, 'form', '');
    $rules->checkSeen(10000, 'Big', null, 3, null);
    $rules->checkSeen(-10001, 'Big', 'burnt', 3, 4);
    expect(static fn () => $rules->checkSeen(-10001, 'Big', ' ', 3, 4))
        ->toThrow(InvalidInput::class, 'Say what the reason is')
        ->and(static fn () => $rules->checkSeen(-10001, 'Big', 'burnt', 3, 3))
        ->toThrow(InvalidInput::class, 'somebody else');
    StoreRules::usual()->checkStart(PartsReady::of(LineReady::notOrdered('Seal')));
});

it('lets lower ones give way only as far as what comes still serves each by its day', function () {
    $to = ClaimRank::of(3, day('2026-03-20'), '2026-03-18');
    $low = ClaimRank::of(1, day('2026-03-30'), '2026-03-17');
    $lowest = ClaimRank::of(1, day('2026-04-09'), '2026-03-17');
    $coming = Resupply::of([[day('2026-03-30'), 1000], [day('2026-04-05'), 1000]]);
    expect(GivingWay::to($to, $coming)->givers([
        ['lowest', $lowest, 1500, day('2026-04-09')],
        ['low', $low, 1000, day('2026-03-30')],
        ['same', $to, 1000, day('2026-03-20')],
    ]))
        ->toBe(['lowest' => 1500], 'the first that comes is counted on already')
        ->and(GivingWay::to($to, $coming)->givers([['low', $low, 3000, day('2026-03-30')]]))
        ->toBe(['low' => 1000])
        ->and(GivingWay::to($low, $coming)->givers([['to', $to, 1000, day('2026-04-30')]]))
        ->toBe([]);
});
