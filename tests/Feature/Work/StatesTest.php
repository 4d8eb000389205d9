<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Work\Actions\Assets\AddAssets;
use App\Work\Actions\Booking\BookHours;
use App\Work\Actions\Booking\BookService;
use App\Work\Actions\Booking\SetRepeat;
use App\Work\Actions\Booking\TickPlainSteps;
use App\Work\Actions\Booking\TickStep;
use App\Work\Actions\Booking\UsePart;
use App\Work\Actions\Money\SaveRecharge;
use App\Work\Actions\Moves\ApproveWorkOrder;
use App\Work\Actions\Moves\AssignWorkOrder;
use App\Work\Actions\Moves\CancelWorkOrder;
use App\Work\Actions\Moves\CloseWorkOrder;
use App\Work\Actions\Moves\CorrectFinish;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Actions\Moves\HandBack;
use App\Work\Actions\Moves\HoldWorkOrder;
use App\Work\Actions\Moves\RedateWorkOrder;
use App\Work\Actions\Moves\ReopenWorkOrder;
use App\Work\Actions\Moves\ResumeWorkOrder;
use App\Work\Actions\Moves\SetUrgency;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Actions\Moves\StopShort;
use App\Work\Actions\Moves\TakeVisitsAlong;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Actions\Plan\TakeNewRevision;
use App\Work\Actions\Warranty\ClaimWarranty;
use App\Work\Inputs\Assignment;
use App\Work\Inputs\Invoice;
use App\Work\Inputs\PartUsed;
use App\Work\Inputs\PlanLine;
use App\Work\Inputs\RechargeInput;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;
use Sundial\Costing\WorkedMinutes;
use Sundial\Support\InvalidInput;
use Sundial\Work\CancelledVisit;
use Sundial\Work\HoldReason;
use Sundial\Work\MoveRefused;
use Sundial\Work\Priority;
use Tests\Feature\Plant;

/** An order with a step, in each state. */
function orderInState(Plant $plant, string $state): WorkOrder
{
    $raised = $plant->raised(['type' => 'improvement', 'priority' => 'soon']);
    $order = app(AddToPlan::class)($plant->actor('planner'), $raised, PlanLine::step('Drain it', 10));
    $moves = match ($state) {
        'draft', 'planned' => [],
        'approved', 'cancelled' => ['approve'],
        'under way', 'on hold' => ['approve', 'start'],
        default => ['approve', 'start', 'finish'],
    };
    $order = $moves === [] ? $order : $plant->through($order, ...$moves);
    $by = $plant->actor('supervisor');
    if (in_array($state, ['under way', 'on hold', 'done'], true)) {
        app(BookHours::class)(
            $by,
            $order,
            $plant->person('technician'),
            LocalDate::of(2026, 3, 18),
            WorkedMinutes::of(20),
        );
    }
    match ($state) {
        'planned' => $order->update(['state' => 'planned']),
        'on hold' => app(HoldWorkOrder::class)($by, $order, HoldReason::of('parts', 2)),
        'closed' => app(CloseWorkOrder::class)($by, $order),
        'cancelled' => app(CancelWorkOrder::class)($by, $order, 'Not wanted', CancelledVisit::GiveBack),
        default => null,
    };

    return $order->refresh();
}

const STATES = ['draft', 'planned', 'approved', 'under way', 'on hold', 'done', 'closed', 'cancelled'];

const OPEN = ['draft', 'planned', 'approved', 'under way', 'on hold'];

const WORKED = ['under way', 'on hold', 'done'];

const NOT_LOCKED = [...OPEN, 'done'];

it('lets be done to an order what its state lets, and refuses it in every other', function (
    Closure $act,
    array $lets,
) {
    $plant = Plant::build();
    $plant->schedule(['name' => 'Grease it']);
    $plant->raised();
    $by = $plant->actor('supervisor');
    $passed = [];
    foreach (STATES as $state) {
        DB::beginTransaction();
        $order = orderInState($plant, $state);
        $before = DB::table('audit_entries')->count();
        try {
            $act($order, $by, $plant);
            $passed[] = $state;
        } catch (InvalidInput|MoveRefused) {
            expect(DB::table('audit_entries')->count())->toBe($before, "refused, and nothing written: {$state}");
        }
        DB::rollBack();
    }
    expect($passed)->toBe($lets);
})->with([
    'planned further' => [
        fn (WorkOrder $order, Actor $by) => app(AddToPlan::class)($by, $order, PlanLine::step('Wipe it', 5)),
        OPEN,
    ],
    'assigned' => [
        fn (WorkOrder $order, Actor $by, Plant $plant) => app(AssignWorkOrder::class)(
            $by,
            $order,
            new Assignment(null, $plant->person('technician')->id, null),
        ),
        OPEN,
    ],
    'moved to another day' => [
        fn (WorkOrder $order, Actor $by) => app(RedateWorkOrder::class)($by, $order, LocalDate::of(2026, 3, 27)),
        OPEN,
    ],
    'made less urgent' => [
        fn (WorkOrder $order, Actor $by) => app(SetUrgency::class)($by, $order, Priority::Routine, null),
        OPEN,
    ],
    'told to take visits along' => [
        fn (WorkOrder $order, Actor $by, Plant $plant) => app(TakeVisitsAlong::class)(
            $by,
            $order,
            [Schedule::query()->sole()->id],
        ),
        OPEN,
    ],
    'moved up to a new revision' => [
        fn (WorkOrder $order, Actor $by) => app(TakeNewRevision::class)($by, $order),
        OPEN,
    ],
    'put on another asset too' => [
        fn (WorkOrder $order, Actor $by, Plant $plant) => app(AddAssets::class)($by, $order, $plant->motor),
        OPEN,
    ],
    'booked on' => [
        fn (WorkOrder $order, Actor $by, Plant $plant) => app(BookHours::class)(
            $by,
            $order,
            $plant->person('technician'),
            LocalDate::of(2026, 3, 18),
            WorkedMinutes::of(30),
        ),
        WORKED,
    ],
    'ticked' => [
        fn (WorkOrder $order, Actor $by) => app(TickStep::class)($by, $order, 1, true),
        WORKED,
    ],
    'ticked at once' => [
        fn (WorkOrder $order, Actor $by) => app(TickPlainSteps::class)($by, $order),
        WORKED,
    ],
    'given a part' => [
        fn (WorkOrder $order, Actor $by) => app(UsePart::class)(
            $by,
            $order,
            PartUsed::bought('Gasket', 1000, UnitPrice::parse('2.00')),
        ),
        ['approved', ...WORKED],
    ],
    'billed for' => [
        fn (WorkOrder $order, Actor $by) => app(BookService::class)($by, $order, Invoice::of('Crane', '80')),
        [...WORKED, 'closed'],
    ],
    'said to repeat another' => [
        fn (WorkOrder $order, Actor $by) => app(SetRepeat::class)(
            $by,
            $order,
            WorkOrder::query()->where('id', '<', $order->id)->orderBy('id')->firstOrFail(),
        ),
        STATES,
    ],
    'claimed for' => [
        fn (WorkOrder $order, Actor $by, Plant $plant) => app(ClaimWarranty::class)(
            $by,
            $order,
            $plant->pump->id,
            'The seal leaks',
            null,
            null,
        ),
        [...NOT_LOCKED, 'closed'],
    ],
    'recharged' => [
        fn (WorkOrder $order, Actor $by) => app(SaveRecharge::class)(
            $by,
            $order,
            RechargeInput::to('Moor Weavers', null, null),
            null,
        ),
        [...NOT_LOCKED, 'closed'],
    ],
    'approved' => [
        fn (WorkOrder $order, Actor $by) => app(ApproveWorkOrder::class)($by, $order),
        ['draft', 'planned'],
    ],
    'started' => [
        fn (WorkOrder $order, Actor $by) => app(StartWorkOrder::class)($by, $order),
        ['approved'],
    ],
    'put on hold' => [
        fn (WorkOrder $order, Actor $by) => app(HoldWorkOrder::class)($by, $order, HoldReason::of('parts', 2)),
        ['under way'],
    ],
    'taken up again' => [
        fn (WorkOrder $order, Actor $by) => app(ResumeWorkOrder::class)($by, $order),
        ['on hold'],
    ],
    'finished' => [
        fn (WorkOrder $order, Actor $by) => app(FinishWorkOrder::class)(
            $by,
            $order,
            new DateTimeImmutable('2026-03-18 08:00:00'),
        ),
        ['under way'],
    ],
    'corrected in its finish' => [
        fn (WorkOrder $order, Actor $by) => app(CorrectFinish::class)(
            $by,
            $order,
            new DateTimeImmutable('2026-03-18 07:15:00'),
        ),
        ['done'],
    ],
    'taken back by whoever runs the machine' => [
        fn (WorkOrder $order, Actor $by) => app(HandBack::class)($by, $order),
        ['done'],
    ],
    'closed' => [
        fn (WorkOrder $order, Actor $by) => app(CloseWorkOrder::class)($by, $order),
        ['done'],
    ],
    'opened again' => [
        fn (WorkOrder $order, Actor $by) => app(ReopenWorkOrder::class)($by, $order, 'It leaks still'),
        ['done', 'closed'],
    ],
    'stopped short' => [
        fn (WorkOrder $order, Actor $by) => app(StopShort::class)($by, $order, 'No time'),
        ['under way', 'on hold'],
    ],
    'cancelled' => [
        fn (WorkOrder $order, Actor $by) => app(CancelWorkOrder::class)(
            $by,
            $order,
            'Not wanted',
            CancelledVisit::GiveBack,
        ),
        OPEN,
    ],
]);
