<?php

declare(strict_types=1);

use App\Stores\Actions\ReceiveStock;
use App\Stores\Actions\StockInStore;
use App\Stores\Models\Claim;
use App\Stores\Models\Movement;
use App\Stores\Models\Stock;
use App\Stores\Projections\DaysOfStock;
use App\Stores\Queries\StockFigures;
use App\Stores\Stock\Posting;
use App\Work\Actions\Booking\UsePart;
use App\Work\Actions\Moves\ApproveWorkOrder;
use App\Work\Actions\Moves\CancelWorkOrder;
use App\Work\Actions\Moves\SetUrgency;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Inputs\PartUsed;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
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

it('promises what comes into another store to whoever waits, and hands it over from both', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', received: [[1, '4.00']]);
    $shed = app(StockInStore::class)($seal->part_id, $shelf->another('SHED', 'Shed'));
    $order = $shelf->underWay('Change three seals', ['SEAL' => 3]);
    $later = $shelf->approved('A later one', ['SEAL' => 1]);
    expect(four($seal))->toBe(['1.000', '1.000', '3.000', 400]);

    $posting = Posting::by($plant->actor('storekeeper'), MoveKind::Receipt);
    app(ReceiveStock::class)($shed->id, 3000, UnitPrice::parse('6.00'), $posting);
    $of = static fn (WorkOrder $one): array => Claim::query()
        ->where('subject_id', $one->id)
        ->orderBy('stock_id')
        ->get(['stock_id', 'quantity', 'promised'])
        ->map(static fn (Claim $one): array => [$one->stock_id, $one->quantity, $one->promised])
        ->all();
    expect($of($order))
        ->toBe([[$seal->id, '1.000', '1.000'], [$shed->id, '2.000', '2.000']])
        ->and($of($later))
        ->toBe([[$shed->id, '1.000', '1.000']])
        ->and(four($seal))
        ->toBe(['1.000', '1.000', '0.000', 400])
        ->and(four($shed))
        ->toBe(['3.000', '3.000', '0.000', 1800]);

    $line = $order->parts->sole();
    $use = app(UsePart::class)($plant->actor('technician'), $order, PartUsed::ofLine($line, 3000));
    expect($use->value_cents)->toBe(1600)->and(four($seal)[0])->toBe('0.000')->and(four($shed)[0])->toBe('1.000');
    $back = app(UsePart::class)($plant->actor('technician'), $order, PartUsed::ofLine($line, -2000));
    expect($back->value_cents)->toBe(-1000, 'one to each shelf that gave')->and(four($seal)[0])->toBe('1.000');
});

it('counts what was asked for and was there at once, each demand once whatever becomes of it', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', received: [[3, '4.00']]);
    $met = $shelf->underWay('Has its two', ['SEAL' => 2]);
    $short = $shelf->approved('Gets one of two', ['SEAL' => 2]);
    $take = app(UsePart::class);
    $take($plant->actor('technician'), $met, PartUsed::ofLine($met->parts->sole(), 2000));
    $posting = Posting::by($plant->actor('storekeeper'), MoveKind::Receipt);
    app(ReceiveStock::class)($seal->id, 5000, UnitPrice::parse('4.00'), $posting);
    $take($plant->actor('technician'), $met, PartUsed::ofLine($met->parts->sole(), -1000));
    $take($plant->actor('technician'), $met, PartUsed::ofLine($met->parts->sole(), 1000));
    app(SetUrgency::class)($plant->actor('planner'), $short, Priority::Urgent, null);
    $take($plant->actor('technician'), $met, PartUsed::ofPart($seal->part, 1000, 'EUR'));

    $demands = DB::table('stock_demands')->orderBy('id')->get(['subject_id', 'quantity', 'at_once']);
    expect($demands->map(static fn (stdClass $one): array => array_values((array) $one))->all())->toBe([
        [$met->id, '2.000', '2.000'],
        [$short->id, '2.000', '1.000'],
        [$met->id, '1.000', '1.000'],
    ]);
    $this->as('storekeeper')->get("/parts/{$seal->part_id}")->assertSee('2 of 3 demands there at');
    $this->get('/stores/figures')->assertSee('66.7 %');
});

it('adds up what lies there by the class of its parts, also after one was put into another', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $shelf->part('SEAL', [[5, '4.00']], ['class' => 'Seals']);
    $ring = $shelf->part('RING', [[2, '1.50']], ['class' => 'Rings']);
    $shelf->part('BOLT', [[1, '0.75']]);
    $value = static fn (): array => app(StockFigures::class)->value($plant->site->id)
        ->map(static fn (stdClass $one): array => [$one->class, (int) $one->parts, (int) $one->cents])
        ->all();
    expect($value())->toBe([['Seals', 1, 2000], ['Rings', 1, 300], [null, 1, 75]]);
    $this->as('storekeeper')
        ->put("/parts/{$ring->part_id}", $ring->part->only('number', 'name', 'unit', 'version') + ['class' => 'Seals'])
        ->assertSessionHasNoErrors();
    expect($value())->toBe([['Seals', 2, 2300], [null, 1, 75]]);
    app(StockInStore::class)($ring->part_id, $shelf->another('NORTH', 'North store'));
    expect($value())->toBe([['Seals', 2, 2300], [null, 1, 75], ['Seals', 1, 0]]);
});

it('says what lay there on any day past, whether its days were added up already or not', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', received: [[5, '4.00']]);
    $posting = Posting::by($plant->actor('storekeeper'), MoveKind::Receipt);
    $order = $shelf->underWay('Uses some', ['SEAL' => 3]);
    $figures = app(StockFigures::class);
    $after = static fn (string $day) => $figures->months($plant->site->id, LocalDate::parse($day));
    $worth = static fn (string $day): int => $figures->worth($plant->site->id) - (int) $after($day)->sum('moved');
    $this->clock->set('2026-03-20 08:00:00');
    app(UsePart::class)($plant->actor('technician'), $order, PartUsed::ofLine($order->parts->sole(), 2000));
    $this->clock->set('2026-03-22 08:00:00');
    app(DaysOfStock::class)->keep($plant->site->id, LocalDate::of(2026, 3, 22));
    app(ReceiveStock::class)($seal->id, 1000, UnitPrice::parse('9.00'), $posting);
    $seen = fn (): array => array_map($worth, ['2026-03-17', '2026-03-18', '2026-03-19', '2026-03-20', '2026-03-22']);
    expect($seen())->toBe([0, 2000, 2000, 1200, 2100]);
    $this->clock->set('2026-03-25 08:00:00');
    app(DaysOfStock::class)->keep($plant->site->id, LocalDate::of(2026, 3, 25));
    app(DaysOfStock::class)->keep($plant->site->id, LocalDate::of(2026, 3, 25));
    expect($seen())->toBe([0, 2000, 2000, 1200, 2100])
        ->and($after('2026-03-01')->sole()->used)
        ->toEqual(800);
});
