<?php

declare(strict_types=1);

use App\Stores\Actions\ReceiveStock;
use App\Stores\Models\Claim;
use App\Stores\Models\Movement;
use App\Stores\Models\Stock;
use App\Stores\Stock\Posting;
use App\Work\Actions\Booking\UsePart;
use App\Work\Actions\Moves\ApproveWorkOrder;
use App\Work\Actions\Moves\CancelWorkOrder;
use App\Work\Actions\Moves\SetUrgency;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Inputs\PartUsed;
use App\Work\Models\WorkOrder;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Sundial\Support\InvalidInput;
use Sundial\Work\CancelledVisit;
use Sundial\Work\Priority;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

/** @return array{string, string, string, int} on hand, promised, short, value */
function four(Stock $stock): array
{
    $stock->refresh();

    return [$stock->on_hand, $stock->promised, $stock->short, $stock->value_cents];
}

it('receives a part, promises it to an approved order, hands it over, and the value follows', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL-35', received: [[10, '4.00'], [5, '7.00']]);
    expect(four($seal))->toBe(['15.000', '0.000', '0.000', 7500]);

    $order = $shelf->order('Change the seal', ['SEAL-35' => 4]);
    expect(four($seal)[1])->toBe('0.000', 'what is planned claims nothing yet');
    app(ApproveWorkOrder::class)($plant->actor('supervisor'), $order);
    expect(four($seal))->toBe(['15.000', '4.000', '0.000', 7500]);

    app(StartWorkOrder::class)($plant->actor('technician'), $order->refresh());
    $use = app(UsePart::class)($plant->actor('technician'), $order, PartUsed::ofLine($order->parts->sole(), 4000));
    expect($use->value_cents)
        ->toBe(2000)
        ->and(four($seal))
        ->toBe(['11.000', '0.000', '0.000', 5500])
        ->and(Claim::query()->count())
        ->toBe(0);

    $back = app(UsePart::class)($plant->actor('technician'), $order, PartUsed::ofLine($order->parts->sole(), -1000));
    expect($back->value_cents)
        ->toBe(-500)
        ->and(four($seal))
        ->toBe(['12.000', '1.000', '0.000', 6000], 'what came back is promised to it again, as it is planned');
    $moves = Movement::query()->where('stock_id', $seal->id)->orderBy('id')->get();
    expect($moves->sum(static fn (Movement $one): int => $one->thousandths()))
        ->toBe(12000)
        ->and($moves->sum('value_cents'))
        ->toBe(6000)
        ->and($moves->last()->on_hand_after)
        ->toBe('12.000');
});

it('asks before it takes what is promised elsewhere, names whom, and wants the right', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $bearing = $shelf->part('BRG', received: [[3, '10.00']]);
    $promised = $shelf->approved('Overhaul the pump', ['BRG' => 3]);
    $order = $shelf->underWay('Another one', []);
    $take = static fn (Consent $consent) => app(UsePart::class)(
        $plant->actor('technician'),
        $order,
        PartUsed::ofPart($bearing->part, 1000, 'EUR')->consenting($consent),
    );
    expect(static fn () => $take(Consent::NotAsked))
        ->toThrow(InvalidInput::class, "1 pc to {$promised->label()} Overhaul the pump")
        ->and(static fn () => $take(Consent::WithoutRight))
        ->toThrow(InvalidInput::class, 'promised')
        ->and(four($bearing))
        ->toBe(['3.000', '3.000', '0.000', 3000]);
    $take(Consent::WithRight);
    expect(four($bearing))->toBe(['2.000', '2.000', '1.000', 2000]);
});

it('never goes below nothing', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $belt = $shelf->part('BELT', received: [[1, '40.00']]);
    $order = $shelf->underWay('Change the belt', ['BELT' => 2]);
    expect(four($belt))->toBe(['1.000', '1.000', '1.000', 4000]);
    app(UsePart::class)($plant->actor('technician'), $order, PartUsed::ofLine($order->parts->sole(), 2000));
})->throws(InvalidInput::class, 'There are 1 pc of BELT in Main store by the books');

it('fills what waits by priority, then by day, when more comes in, and frees what is cancelled', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $sensor = $shelf->part('SENSOR', received: []);
    $first = $shelf->approved('Routine, approved first', ['SENSOR' => 1]);
    $urgent = $shelf->approved('Urgent, approved later', ['SENSOR' => 1]);
    app(SetUrgency::class)($plant->actor('planner'), $urgent, Priority::Urgent, null);
    $of = static fn (WorkOrder $one): string => Claim::query()->where('subject_id', $one->id)->sole()->promised;
    app(ReceiveStock::class)(
        $sensor->id,
        1000,
        UnitPrice::parse('16.75'),
        Posting::by($plant->actor('storekeeper'), MoveKind::Receipt),
    );
    expect([$of($first), $of($urgent)])->toBe(['0.000', '1.000'])->and(four($sensor)[2])->toBe('1.000');

    $cancel = app(CancelWorkOrder::class);
    $cancel($plant->actor('supervisor'), $urgent->refresh(), 'not needed', CancelledVisit::GiveBack);
    expect($of($first))->toBe('1.000')->and(four($sensor))->toBe(['1.000', '1.000', '0.000', 1675]);
});

it('lets what is more urgent have it where a purchase still serves the other in time', function (
    string $comes,
    array $promised,
) {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $shelf->part('SENSOR', received: [[1, '16.75']]);
    $routine = $shelf->approved('Routine', ['SENSOR' => 1], LocalDate::of(2026, 3, 30));
    $shelf->onItsWay('SENSOR', 1, $comes);
    $urgent = $shelf->order('Urgent', ['SENSOR' => 1]);
    $urgent->update(['priority' => Priority::Urgent]);
    app(ApproveWorkOrder::class)($plant->actor('supervisor'), $urgent->refresh());
    $of = static fn (WorkOrder $one): string => Claim::query()->where('subject_id', $one->id)->sole()->promised;
    expect([$of($routine), $of($urgent)])->toBe($promised);
})->with([
    'in time' => ['2026-03-30', ['0.000', '1.000']],
    'too late' => ['2026-03-31', ['1.000', '0.000']],
]);
