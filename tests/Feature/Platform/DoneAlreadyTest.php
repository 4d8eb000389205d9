<?php

declare(strict_types=1);

use App\Planning\Actions\DiscardDraft;
use App\Planning\Actions\EndSchedule;
use App\Planning\Actions\MoveVisit;
use App\Planning\Actions\PauseSchedule;
use App\Planning\Actions\ResumeSchedule;
use App\Planning\Actions\SetHands;
use App\Planning\Methods\Hands;
use App\Planning\Models\Method;
use App\Platform\Audit\Actor;
use App\Register\Actions\MoveField;
use App\Register\Actions\TieAssets;
use App\Register\Actions\UntieAsset;
use App\Register\Models\Field;
use App\Stops\Actions\AnswerCall;
use App\Stops\Actions\CallMaintenance;
use App\Stops\Actions\EndCall;
use App\Stops\Actions\NoteShortStops;
use App\Stops\Actions\ReportDown;
use App\Stops\Actions\RevokeTablet;
use App\Stops\Actions\SignTabletIn;
use App\Stops\Actions\StrikeShortStops;
use App\Stops\Actions\StrikeStop;
use App\Stops\Inputs\ShortTyped;
use App\Stops\Inputs\StopSaid;
use App\Stops\Models\LineTablet;
use App\Stops\Models\MaintenanceCall;
use App\Stores\Actions\SetFit;
use App\Work\Actions\Booking\TickPlainSteps;
use App\Work\Actions\Moves\HandBack;
use App\Work\Actions\Moves\SetStage;
use App\Work\Actions\Moves\SetUrgency;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Actions\Plan\AgreeService;
use App\Work\Actions\Plan\TakeOffPlan;
use App\Work\Actions\Raising\ConfirmEmergency;
use App\Work\Actions\Release\UndoRelease;
use App\Work\Actions\Requests\LiftRestriction;
use App\Work\Actions\Requests\SayMeToo;
use App\Work\Inputs\PlanLine;
use App\Work\Models\OrderService;
use App\Work\Models\ReleaseBatch;
use App\Work\Models\Restriction;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Work\Plan\LineKind;
use Sundial\Work\Priority;
use Tests\Feature\Plant;
use Tests\Feature\Stops\LineFloor;
use Tests\Feature\Stores\Shelf;

/** @return array<string, string> what every table of the database holds, in short */
function allThatIsKept(): array
{
    $tables = array_diff(array_column(DB::select('SHOW TABLES'), 'Tables_in_'.DB::getDatabaseName()), ['sessions']);

    return array_column(
        DB::select('CHECKSUM TABLE '.implode(', ', $tables).' EXTENDED'),
        'Checksum',
        'Table',
    );
}

it('writes nothing where it was done already', function (Closure $case) {
    $plant = Plant::build();
    $act = $case($plant, $plant->actor('supervisor'));
    $before = allThatIsKept();
    $act();
    $once = allThatIsKept();
    expect($once)->not->toBe($before, 'the first time it does something');
    $act();
    expect(array_keys(array_diff_assoc(allThatIsKept(), $once)))->toBe([]);
})->with([
    'an emergency is confirmed' => [
        function (Plant $plant, Actor $by): Closure {
            $order = $plant->raised(['type' => 'emergency', 'priority' => 'emergency', 'due_on' => '2026-03-18']);

            return fn () => app(ConfirmEmergency::class)($by, $order);
        },
    ],
    'a release is undone' => [
        function (Plant $plant, Actor $by): Closure {
            $plant->schedule();
            $plant->release();
            $batch = ReleaseBatch::query()->sole();

            return fn () => app(UndoRelease::class)($by, $batch);
        },
    ],
    'an order is that urgent' => [
        function (Plant $plant, Actor $by): Closure {
            $order = $plant->raised();
            $due = LocalDate::of(2026, 3, 24);

            return fn () => app(SetUrgency::class)($by, $order, Priority::Soon, $due);
        },
    ],
    'an order stands in that stage' => [
        function (Plant $plant, Actor $by): Closure {
            $order = $plant->through($plant->raised(), 'approve', 'start');
            test()->as('administrator')
                ->post('/setup/work-lists/stages', ['state' => 'under way', 'name' => 'waits for a crane'])
                ->assertSessionHasNoErrors();

            return fn () => app(SetStage::class)($by, $order, 'waits for a crane');
        },
    ],
    'a machine is taken back' => [
        function (Plant $plant, Actor $by): Closure {
            $order = $plant->through($plant->raised(), 'approve', 'start', 'finish');

            return fn () => app(HandBack::class)($by, $order);
        },
    ],
    'plain steps are ticked' => [
        function (Plant $plant, Actor $by): Closure {
            $order = $plant->started();

            return fn () => app(TickPlainSteps::class)($by, $order);
        },
    ],
    'a service is agreed' => [
        function (Plant $plant, Actor $by): Closure {
            $order = app(AddToPlan::class)($by, $plant->raised(), PlanLine::service('Crane', null, '80'));
            $line = OrderService::query()->sole()->id;

            return fn () => app(AgreeService::class)($by, $order, $line, true);
        },
    ],
    'a line is off the plan' => [
        function (Plant $plant, Actor $by): Closure {
            $order = app(AddToPlan::class)($by, $plant->raised(), PlanLine::step('Drain it', 10));
            $step = (int) DB::table('order_steps')->where('order_id', $order->id)->value('id');

            return fn () => app(TakeOffPlan::class)(
                $by,
                WorkOrder::query()->findOrFail($order->id),
                LineKind::Step,
                $step,
            );
        },
    ],
    'somebody said “me too”' => [
        function (Plant $plant): Closure {
            $request = $plant->report('It squeals');

            return fn () => app(SayMeToo::class)(Actor::guest('Jo, line B'), $request);
        },
    ],
    'a restriction is lifted' => [
        function (Plant $plant, Actor $by): Closure {
            $restriction = Restriction::query()->create([
                'site_id' => $plant->site->id,
                'asset_id' => $plant->pump->id,
                'what' => 'no solvents',
                'who' => 'Pat',
                'set_at' => '2026-03-01 08:00:00',
            ]);

            return fn () => app(LiftRestriction::class)($by, $restriction);
        },
    ],
    'a call is answered' => [
        function (Plant $plant): Closure {
            $call = calledTo($plant);

            return fn () => app(AnswerCall::class)($plant->person('technician'), $call);
        },
    ],
    'a call is over' => [
        function (Plant $plant, Actor $by): Closure {
            $call = calledTo($plant);

            return fn () => app(EndCall::class)($by, $call, 'It went by itself');
        },
    ],
    'a tablet is signed out' => [
        function (Plant $plant, Actor $by): Closure {
            app(SignTabletIn::class)($by, LineFloor::of($plant)->line, 'At the loom');
            $tablet = LineTablet::query()->sole();

            return fn () => app(RevokeTablet::class)($by, $tablet);
        },
    ],
    'a stop is struck out' => [
        function (Plant $plant, Actor $by): Closure {
            $at = new DateTimeImmutable('2026-03-18 07:00:00');
            $stop = app(ReportDown::class)($by, $plant->pump, $at, StopSaid::because('Jam'));

            return fn () => app(StrikeStop::class)($by, $stop->refresh(), 'It ran', $stop->version);
        },
    ],
    'assets are tied' => [
        fn (Plant $plant, Actor $by): Closure => fn () => app(TieAssets::class)($by, $plant->pump, $plant->motor),
    ],
    'an asset is untied' => [
        function (Plant $plant, Actor $by): Closure {
            app(TieAssets::class)($by, $plant->pump, $plant->motor);

            return fn () => app(UntieAsset::class)($by, $plant->pump);
        },
    ],
    'a schedule is ended' => [
        function (Plant $plant, Actor $by): Closure {
            $schedule = $plant->schedule();

            return fn () => app(EndSchedule::class)($by, $schedule, 'The pump is gone');
        },
    ],
    'a schedule goes on again' => [
        function (Plant $plant, Actor $by): Closure {
            $schedule = $plant->schedule();
            app(PauseSchedule::class)($by, $schedule, LocalDate::of(2026, 3, 18), null, 'The hall is shut');

            return fn () => app(ResumeSchedule::class)($by, $schedule);
        },
    ],
    'a draft of a method is thrown away' => [
        function (Plant $plant, Actor $by): Closure {
            $method = Method::query()->firstOrFail();
            $revision = $method->inForce()->firstOrFail()->replicate()->fill(['state' => 'draft', 'number' => 99]);
            $revision->save();

            return fn () => app(DiscardDraft::class)($by, $method);
        },
    ],
    'a team has the hands of a method' => [
        function (Plant $plant, Actor $by): Closure {
            $method = Method::query()->firstOrFail();
            $hands = new Hands(null, $plant->person('technician')->id);

            return fn () => app(SetHands::class)($by, $method, $plant->site->id, $hands);
        },
    ],
    'a field stands first' => [
        function (Plant $plant, Actor $by): Closure {
            foreach (['Bore', 'Stroke'] as $name) {
                test()->as('administrator')
                    ->post('/setup/fields', ['name' => $name, 'type' => 'text'])
                    ->assertSessionHasNoErrors();
            }
            $field = Field::query()->where('name', 'Stroke')->sole();

            return fn () => app(MoveField::class)($by, $field, -1);
        },
    ],
    'short stops are struck out' => [
        function (Plant $plant, Actor $by): Closure {
            $floor = LineFloor::of($plant);
            $short = app(NoteShortStops::class)($by, $floor->line, new ShortTyped(
                new DateTimeImmutable('2026-03-18 07:00:00'),
                4,
                200,
                'Jam',
            ));

            return fn () => app(StrikeShortStops::class)($by, $short, 'Counted twice');
        },
    ],
    'a visit stands on that day' => [
        function (Plant $plant, Actor $by): Closure {
            $schedule = $plant->schedule();

            return fn () => app(MoveVisit::class)($by, $schedule->refresh(), LocalDate::of(2026, 3, 21));
        },
    ],
    'an asset takes as many of a part' => [
        function (Plant $plant, Actor $by): Closure {
            Shelf::of($plant)->part('SEAL');

            return fn () => app(SetFit::class)($by, $plant->pump, 'SEAL', null, '2', 'both ends');
        },
    ],
]);

/** Maintenance is called to the pump's line. */
function calledTo(Plant $plant): MaintenanceCall
{
    return app(CallMaintenance::class)(
        Actor::guest('Operator'),
        LineFloor::of($plant)->line,
        $plant->pump,
        'it squeals',
        new DateTimeImmutable('2026-03-18 07:30:00'),
    );
}
