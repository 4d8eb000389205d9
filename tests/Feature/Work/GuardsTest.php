<?php

declare(strict_types=1);

use App\Stores\Actions\SavePart;
use App\Stores\Inputs\PartInput;
use App\Stores\Models\Part;
use App\Work\Actions\Assets\AddAssets;
use App\Work\Actions\Assets\DrawTogether;
use App\Work\Actions\Booking\UsePart;
use App\Work\Actions\Money\SetTax;
use App\Work\Actions\Moves\CloseWorkOrder;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Actions\Raising\ConfirmEmergency;
use App\Work\Actions\Raising\MethodFromOrder;
use App\Work\Actions\Release\UndoRelease;
use App\Work\Actions\Setup\LockCosts;
use App\Work\Actions\Setup\MakeCalendarFeed;
use App\Work\Actions\Setup\SaveFailureWord;
use App\Work\Actions\Shutdown\ApproveShutdown;
use App\Work\Actions\Shutdown\EndShutdown;
use App\Work\Actions\Shutdown\TakeOffShutdown;
use App\Work\Inputs\PartUsed;
use App\Work\Inputs\PlanLine;
use App\Work\Models\FailureWord;
use App\Work\Models\ReleaseBatch;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;
use Sundial\Work\Failure\FailureKind;
use Sundial\Work\Plan\PartSource;
use Tests\Feature\Plant;

it('puts an order on assets that are there, and on no more than fit on a sheet', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    $add = fn (...$assets) => app(AddAssets::class)($plant->actor('planner'), $order, ...$assets);
    expect(fn () => $add())->toThrow(InvalidInput::class, 'Name at least one asset');
    $gone = $plant->asset('P-8', 'Old pump', 'HALL');
    DB::table('assets')->where('id', $gone->id)->update(['life_state' => 'retired']);
    expect(fn () => $add($gone->refresh()))->toThrow(InvalidInput::class, 'P-8 is retired');
    expect(fn () => $add(...array_fill(0, 201, $plant->motor)))->toThrow(InvalidInput::class, 'At most 200 assets');
    $add($plant->motor);
    expect(DB::table('order_assets')->where('order_id', $order->id)->count())->toBe(2);
    expect(fn () => $add(...array_fill(0, 199, $plant->motor)))->toThrow(InvalidInput::class, 'At most 200 assets');
});

it('draws orders together only where there is another, and asks for approval where one of them was not', function () {
    $plant = Plant::build();
    $one = $plant->through($plant->raised(), 'approve');
    $by = $plant->actor('planner');
    $draw = fn (WorkOrder ...$others) => app(DrawTogether::class)($by, $one->refresh(), ...$others);
    expect(fn () => $draw())->toThrow(InvalidInput::class, 'at least one other order');
    $approved = $plant->through($plant->raised(['title' => 'Paint the guard']), 'approve');
    $draw($approved);
    expect($one->refresh()->grown)->toBeNull();
    $draft = $plant->raised(['title' => 'Lift the roof']);
    $draw(app(AddToPlan::class)($plant->actor('planner'), $draft, PlanLine::service('Crane', null, '5000')));
    expect($one->refresh()->grown)->not->toBeNull();
});

it('takes a tax from nothing to all of it', function (int $percent, bool $stands) {
    $plant = Plant::build();
    $set = fn () => app(SetTax::class)($plant->actor('administrator'), $plant->site->id, 0, $percent);
    $stands ? $set() : expect($set)->toThrow(InvalidInput::class, 'from 0 to 100');
    expect(DB::table('recharge_taxes')->count())->toBe($stands ? 1 : 0);
})->with([[0, true], [1_000_000, true], [-1, false], [1_000_001, false]]);

it('closes no order of which a cost is unknown, and says which', function () {
    $plant = Plant::build();
    $order = $plant->through($plant->raised(['type' => 'improvement', 'priority' => 'soon']), 'approve', 'start');
    $by = $plant->actor('supervisor');
    $gasket = app(SavePart::class)($by, null, PartInput::of(['number' => 'GASKET', 'name' => 'Gasket']));
    $use = fn (int $many, ?string $price = null) => app(UsePart::class)(
        $by,
        $order->refresh(),
        $price === null
            ? PartUsed::ofPart($gasket, $many, 'EUR')
            : PartUsed::ofPart($gasket, $many, 'EUR')->costing(UnitPrice::parse($price)),
    );
    $use(1000);
    $plant->through($order, 'finish');
    $close = fn () => app(CloseWorkOrder::class)($by, $order->refresh());
    expect($close)->toThrow(InvalidInput::class, 'The cost of Gasket is unknown')
        ->and($order->refresh()->state->value)->toBe('done');
    // As it says: given back, and booked again with its price.
    $use(-1000);
    $use(1000, '2.00');
    $close();
    expect($order->refresh()->state->value)->toBe('closed');
});

it('takes a release back as long as nothing was begun, and names what was', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $batch = ReleaseBatch::query()->sole();
    $undo = fn () => app(UndoRelease::class)($plant->actor('planner'), $batch);
    expect($undo)->toThrow(InvalidInput::class, $order->label());
    // Back to approved, it still was begun.
    DB::table('work_orders')->where('id', $order->id)->update(['state' => 'approved']);
    expect($undo)->toThrow(InvalidInput::class, 'cannot be taken back')
        ->and($batch->refresh()->undone_at)->toBeNull();
});

it('confirms an emergency, and nothing else', function () {
    $plant = Plant::build();
    $order = $plant->raised();
    expect(fn () => app(ConfirmEmergency::class)($plant->actor('supervisor'), $order))
        ->toThrow(InvalidInput::class, 'is no emergency');
});

it('gives a person twenty addresses of a calendar, and the next one for one that is revoked', function () {
    $plant = Plant::build();
    $make = fn () => app(MakeCalendarFeed::class)($plant->person('planner'), $plant->site->id, 'orders', null);
    for ($i = 0; $i < 20; $i++) {
        $make();
    }
    expect($make)->toThrow(InvalidInput::class, 'Revoke one');
    DB::table('calendar_feeds')->limit(1)->update(['revoked_at' => '2026-03-18 08:00:00']);
    $make();
    expect(DB::table('calendar_feeds')->count())->toBe(21);
});

it('locks the costs of a month that is over, once, up to its last day', function () {
    $plant = Plant::build();
    $lock = fn (int $year, int $month): string => (string) app(LockCosts::class)(
        $plant->actor('administrator'),
        $plant->site->id,
        $year,
        $month,
    );
    expect($lock(2025, 12))->toBe('2025-12-31')
        ->and($lock(2026, 2))->toBe('2026-02-28')
        ->and(fn () => $lock(2026, 2))->toThrow(InvalidInput::class, 'locked through')
        ->and(fn () => $lock(2026, 3))->toThrow(InvalidInput::class, 'not over yet');
});

it('adds a word behind the others, and the same one back where it was retired', function () {
    $plant = Plant::build();
    $by = $plant->actor('administrator');
    $kind = FailureKind::cases()[0];
    $last = (int) FailureWord::query()->where('kind', $kind)->whereNull('class_id')->max('position');
    $one = app(SaveFailureWord::class)($by, $kind, null, 'Shuttle box');
    $two = app(SaveFailureWord::class)($by, $kind, null, 'Weft fork');
    expect([$one->position, $two->position])->toBe([$last + 1, $last + 2]);
    $one->update(['retired' => true]);
    $again = app(SaveFailureWord::class)($by, $kind, null, 'Shuttle box');
    expect([$again->id, $again->position, $again->retired])->toBe([$one->id, $last + 1, false]);
});

it('plans a service that costs nothing, and none that costs less', function () {
    expect(PlanLine::service('Crane', null, '0')->row['planned_cents'])->toBe(0)
        ->and(fn () => PlanLine::service('Crane', null, '-1'))->toThrow(InvalidInput::class)
        ->and(fn () => PlanLine::service(' ', null, '1'))->toThrow(InvalidInput::class, 'what somebody else')
        ->and(fn () => PlanLine::boughtIn(' ', 1000, null))->toThrow(InvalidInput::class, 'what is bought in');
});

it('makes a method of an order without what was bought in or is in the catalogue no more', function () {
    $plant = Plant::build();
    $by = $plant->actor('planner');
    $seal = Plant::seal();
    $order = app(AddToPlan::class)(
        $by,
        $plant->raised(),
        PlanLine::step('Draw the seal', 20),
        PlanLine::part($seal, 2000, PartSource::FromStore, 'EUR'),
        PlanLine::boughtIn('Bracket', 1000, null),
    );
    $parts = static fn ($method): array => $method
        ->draft()
        ->firstOrFail()
        ->parts()
        ->pluck('quantity', 'part_id')
        ->all();
    expect($parts(app(MethodFromOrder::class)($by, $order->refresh())))->toBe([$seal->id => '2.000']);
    Part::query()->whereKey($seal->id)->update(['retired' => true]);
    $again = $plant->raised(['title' => 'Draw it again']);
    $again = app(AddToPlan::class)($by, $again, PlanLine::step('Draw the seal', 20));
    expect($parts(app(MethodFromOrder::class)($by, $again->refresh())))->toBe([]);
});

it('ends a shutdown when no order of it is open, and takes off it only what is in it', function () {
    $plant = Plant::build();
    $shutdown = $plant->shutdown();
    $by = $plant->actor('planner');
    [$one, $two] = [$plant->raised(), $plant->raised(['title' => 'Paint the guard'])];
    $lines = static fn (): int => DB::table('audit_entries')->where('kind', 'shutdown')->count();
    $before = $lines();
    expect(app(ApproveShutdown::class)($plant->actor('supervisor'), $shutdown))->toBe([0, []])
        ->and($lines())->toBe($before, 'nothing was approved');
    $this->as('planner')->post("/shutdowns/{$shutdown->id}/orders", ['orders' => [$one->id, $two->id]])
        ->assertSessionHasNoErrors();
    expect(app(ApproveShutdown::class)($plant->actor('supervisor'), $shutdown->refresh())[0])->toBe(2);
    expect(fn () => app(EndShutdown::class)($by, $shutdown->refresh()))
        ->toThrow(InvalidInput::class, "{$one->label()} and 1 more are open");
    app(TakeOffShutdown::class)($by, $shutdown->refresh(), $two);
    expect(fn () => app(TakeOffShutdown::class)($by, $shutdown->refresh(), $two))
        ->toThrow(InvalidInput::class, "{$two->label()} is not in")
        ->and(fn () => app(EndShutdown::class)($by, $shutdown->refresh()))
        ->toThrow(InvalidInput::class, "{$one->label()} is open");
    $plant->through($one->refresh(), 'start', 'finish');
    app(EndShutdown::class)($by, $shutdown->refresh());
    expect($shutdown->refresh()->over_at)->not->toBeNull();
});
