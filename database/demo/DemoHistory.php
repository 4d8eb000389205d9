<?php

declare(strict_types=1);

namespace Database\Demo;

use App\People\Models\User;
use App\Planning\Actions\SaveMethod;
use App\Planning\Actions\SaveSchedule;
use App\Planning\Inputs\MethodInput;
use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Method;
use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Platform\Clock\SetClock;
use App\Platform\Sites\Site;
use App\Register\Actions\SaveAsset;
use App\Register\Inputs\AssetFacts;
use App\Register\Models\Asset;
use App\Work\Actions\Booking\AnswerStep;
use App\Work\Actions\Booking\BookHours;
use App\Work\Actions\Booking\TickPlainSteps;
use App\Work\Actions\Booking\TickStep;
use App\Work\Actions\Booking\UsePart;
use App\Work\Actions\Moves\ApproveWorkOrder;
use App\Work\Actions\Moves\AssignWorkOrder;
use App\Work\Actions\Moves\CancelWorkOrder;
use App\Work\Actions\Moves\CloseWorkOrder;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Actions\Moves\HoldWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Actions\Release\ReleaseDueVisits;
use App\Work\Actions\Release\ReleaseOneVisit;
use App\Work\Inputs\Assignment;
use App\Work\Inputs\PartUsed;
use App\Work\Inputs\StepReply;
use App\Work\Models\WorkOrder;
use App\Work\Orders\ReleaseChoice;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\Overtime;
use Sundial\Costing\WorkedMinutes;
use Sundial\Planning\Method\AnswerKind;
use Sundial\Planning\Method\RevisionState;
use Sundial\Support\Quantity;
use Sundial\Work\CancelledVisit;
use Sundial\Work\HoldReason;

/**
 * Plays eighteen months forward, day by day, through the application's own actions; what happens hangs only on order
 * numbers, so every run is the same.
 */
final class DemoHistory
{
    private const FINDINGS = [
        'Nothing out of the ordinary.',
        'Belt slack by a finger; taken up.',
        'Lint packed behind the drive cover.',
        'One guard bolt missing; replaced.',
        'Ran warm on the left bearing; watch next time.',
        '',
    ];

    /** @var array<string, User> */
    private array $people = [];

    /** @var array<int, int> */
    private array $nth = [];

    public function __construct(
        private readonly ReleaseDueVisits $release,
        private readonly ApproveWorkOrder $approve,
        private readonly AssignWorkOrder $assign,
        private readonly StartWorkOrder $start,
        private readonly TickStep $tick,
        private readonly TickPlainSteps $tickPlain,
        private readonly AnswerStep $answer,
        private readonly ReleaseOneVisit $releaseOne,
        private readonly SaveMethod $saveMethod,
        private readonly BookHours $book,
        private readonly UsePart $use,
        private readonly FinishWorkOrder $finish,
        private readonly CloseWorkOrder $close,
        private readonly HoldWorkOrder $hold,
        private readonly CancelWorkOrder $cancel,
        private readonly SaveAsset $saveAsset,
        private readonly SaveSchedule $saveSchedule,
        private readonly DemoReadings $readings,
        private readonly DemoFaults $faults,
        private readonly DemoStores $stores,
        private readonly DemoKeeping $keeping,
        private readonly DemoStops $stops,
        private readonly DemoLines $lines,
    ) {
    }

    public function play(SetClock $clock, LocalDate $from, LocalDate $today): void
    {
        foreach (User::query()->get() as $person) {
            $this->people[$person->login] = $person;
        }
        $this->faults->words();
        $this->stops->reasons();
        $this->lines->setUp($from);
        for ($day = $from; ! $day->isAfter($today);) {
            $monthEnd = LocalDate::earlier($day->plusDays(29), $today);
            DB::transaction(function () use ($clock, &$day, $monthEnd, $today): void {
                for (; ! $day->isAfter($monthEnd); $day = $day->plusDays(1)) {
                    $this->playDay($clock, $day, $today);
                    $this->lines->day($clock, $day, $today);
                }
            });
        }
        DB::transaction(function () use ($clock, $today): void {
            $this->faults->waiting($clock, $today);
            $this->playThisMorning($clock, $today);
        });
    }

    private function playDay(SetClock $clock, LocalDate $day, LocalDate $today): void
    {
        $clock->set("{$day} 04:05:00");
        $this->stores->day($day, $today);
        $this->keeping->day($day, $today);
        foreach (Site::query()->orderBy('id')->get() as $site) {
            // Long ago, a release that makes nothing tells nobody anything.
            if ($day->daysUntil($today) <= 30 || ReleaseChoice::all($day)->due($site)->exists()) {
                ($this->release)(Actor::sundial(), $site);
            }
        }
        $this->readings->take($clock, $day, $today, $this->people);
        $this->stops->day($clock, $day, $today);
        if ($day->is($today->plusDays(-120))) {
            $this->lifeOf('LM-27', 'out of service');
        }
        if ($day->is($today->plusDays(-64))) {
            $this->lifeOf('LM-27', 'in service');
        }
        if ($day->weekday() > 5 || $day->is($today)) {
            return;
        }
        $this->faults->play($clock, $day, $today, $this->people);
        foreach (
            WorkOrder::query()
                ->where('state', 'planned')
                ->whereNotNull('batch_id')
                ->where('due_on', '<=', (string) $day->plusDays(9))
                ->orderBy('number')
                ->get() as $order
        ) {
            $clock->set("{$day} 07:10:00");
            ($this->approve)($this->people['planner']->actor(), $order);
        }
        foreach (WorkOrder::query()->where(
            'state',
            'done',
        )->whereNotNull('batch_id')->orderBy('number')->get() as $order) {
            if ($day->daysUntil($today) > 6) {
                $clock->set("{$day} 15:20:00");
                ($this->close)(
                    $this->people['supervisor']->actor(),
                    $order,
                    $this->nth($order) % 7 === 0 ? 'Looked at it together.' : null,
                );
            }
        }
        $released = WorkOrder::query()->with('team')->where('state', 'approved')->whereNotNull('batch_id');
        foreach ($released->orderBy('number')->get() as $order) {
            if (! LocalDate::parse((string) $order->due_on)->plusDays($this->lateness($order))->isAfter($day)) {
                $this->work($clock, $order, $day, $today);
            }
        }
    }

    /**
     * Which released order it is, whatever was raised by hand between: chance is drawn from this, so that the stories
     * stay as they are.
     */
    private function nth(WorkOrder $order): int
    {
        return $this->nth[$order->id] ??= $order->number -
            WorkOrder::query()->whereNull('batch_id')->where('number', '<', $order->number)->count();
    }

    /** Most orders are done on their day; some a few days early or late, a few much later. */
    private function lateness(WorkOrder $order): int
    {
        return [0, 0, -1, 0, 2, 0, 1, -2, 0, 8, 0, 3, 0][$this->nth($order) % 13];
    }

    private function work(SetClock $clock, WorkOrder $order, LocalDate $day, LocalDate $today): void
    {
        $worker = $this->workerOf($order);
        $recent = $day->daysUntil($today);
        $left = $recent <= 6 ? $this->nth($order) % 4 : null;
        if ($left === 0) {
            return;
        }
        $clock->set(sprintf('%s %02d:%02d:00', $day, 7 + ($this->nth($order) % 5), ($this->nth($order) * 7) % 60));
        $this->begin($worker, $order);
        if ($this->nth($order) % 31 === 5 && $recent > 20) {
            ($this->cancel)(
                $this->people['planner']->actor(),
                $order,
                'The machine was stripped for repair that week anyway.',
                CancelledVisit::Skip,
            );

            return;
        }
        if ($left === 1) {
            ($this->hold)(
                $worker->actor(),
                $order,
                HoldReason::of('parts', HoldReason::SHIPPED['parts']),
                'Waiting for the grease nipples, promised for Thursday.',
            );

            return;
        }
        if ($left === 2) {
            $this->firstStep($worker, $order);

            return;
        }
        $this->steps($worker, $order);
        $minutes = max(10, intdiv($order->planned_minutes * (80 + (($this->nth($order) * 17) % 55)), 100));
        ($this->book)(
            $worker->actor(),
            $order,
            $worker,
            $day,
            WorkedMinutes::at(
                $this->nth($order) % 23 === 0 ? Overtime::TimeAndHalf : Overtime::Normal,
                $minutes,
            ),
        );
        foreach ($order->parts()->get() as $line) {
            $this->stores->fetch((int) $line->part_id, $order->site_id, $line->thousandths());
            ($this->use)($worker->actor(), $order, PartUsed::ofLine($line, $line->thousandths()));
        }
        $clock->set($clock->now()->modify('+'.max(15, min(240, $minutes)).' minutes'));
        ($this->finish)($worker->actor(), $order, $clock->now(), self::FINDINGS[$this->nth($order) % 6]);
    }

    /** Confirms what has to be confirmed, and starts. */
    private function begin(User $worker, WorkOrder $order): void
    {
        ($this->start)(
            $worker->actor(),
            $order,
            array_values(
                $order
                    ->precautions()
                    ->pluck('position')
                    ->map(static fn (mixed $position): int => (int) $position)
                    ->all(),
            ),
        );
    }

    private function firstStep(User $worker, WorkOrder $order): void
    {
        $plain = $order->steps()->where('answer', 'tick')->value('position');
        if ($plain !== null) {
            ($this->tick)($worker->actor(), $order, (int) $plain, true);
        }
    }

    /**
     * Ticks what asks for a tick and answers the rest; now and then something is worn, and once in a while it fails.
     */
    private function steps(User $worker, WorkOrder $order): void
    {
        ($this->tickPlain)($worker->actor(), $order);
        foreach ($order->steps()->where('answer', '<>', 'tick')->get() as $step) {
            $dice = ($this->nth($order) * 13 + $step->position * 7) % 61;
            $question = $step->question();
            [$low, $high] = [
                $question->low ?? max(0, ($question->high ?? 8000) - 4000),
                $question->high ?? ($question->low ?? 4000) + 4000,
            ];
            $value = match ($step->answer) {
                AnswerKind::Check => $dice === 0 ? 'faulty' : ($dice % 17 === 3 ? 'watch' : 'sound'),
                AnswerKind::Number => Quantity::plain(
                    $dice === 5
                        ? $high + intdiv($high - $low, 5)
                        : $low + intdiv(($high - $low) * (20 + $dice), 100),
                ),
                AnswerKind::Choice => $question->offered()[
                    $dice === 7
                        ? count($question->offered()) - 1
                        : ($dice % 5 === 1
                            ? min(1, count($question->offered()) - 1)
                            : 0)
                ],
                default => null,
            };
            if ($value !== null) {
                ($this->answer)($worker->actor(), $order, $step->position, StepReply::typed($value));
            }
        }
    }

    /** Two orders are made by the method as it stands; then its next revision is put in force. */
    private function reviseUnderWay(SetClock $clock, LocalDate $today): void
    {
        $clock->set("{$today->plusDays(-2)} 14:10:00");
        $planner = $this->people['planner']->actor();
        foreach (
            array_filter(
                json_decode((string) file_get_contents(__DIR__.'/methods.json'), true, 32, JSON_THROW_ON_ERROR),
                static fn (array $one): bool => isset($one['later']),
            ) as $given
        ) {
            $method = Method::query()->where('code', $given['code'])->sole();
            foreach (Schedule::free()->where('method_id', $method->id)->get() as $schedule) {
                ($this->releaseOne)($planner, $schedule);
            }
            ($this->saveMethod)(
                $planner,
                $method,
                MethodInput::of(DemoPlant::method($given['later'] + $given, (int) $method->class_id)),
                $method->version,
            );
        }
    }

    private function workerOf(WorkOrder $order): User
    {
        $logins = [
            'Fitters A' => ['technician', 'tnowak'],
            'Fitters B' => ['jbeck'],
            'Lubrication' => ['smoor'],
            'Electricians' => ['ehall'],
            'Boiler house' => ['kpike'],
            'Dyehouse crew' => ['atarn', 'dwold'],
        ][(string) $order->team?->name];

        return $this->people[$logins[$this->nth($order) % count($logins)]];
    }

    private function lifeOf(string $tag, string $state): void
    {
        $asset = Asset::query()->where('tag', $tag)->sole();
        ($this->saveAsset)(
            $this->people['planner']->actor(),
            $asset,
            $asset->site_id,
            AssetFacts::of(['life_state' => $state]),
        );
    }

    /**
     * What happened today before anybody looked: an order was given back, three were begun, one was assigned, and two
     * schedules are new.
     */
    private function playThisMorning(SetClock $clock, LocalDate $today): void
    {
        $this->reviseUnderWay($clock, $today);
        $clock->set("{$today} 07:25:00");
        $planner = $this->people['planner']->actor();
        $open = WorkOrder::query()
            ->with('team')
            ->where('state', 'approved')
            // Those on an older revision stay as they are: it is a story of the plant.
            ->whereDoesntHave('revision', static fn ($old) => $old->where('state', RevisionState::Superseded))
            ->orderBy('due_on')
            ->orderBy('number')
            ->get();
        $given = $open->first(static fn (WorkOrder $one): bool => $one->due_on >= (string) $today);
        if ($given !== null) {
            ($this->cancel)(
                $planner,
                $given,
                'No access: the bay is being painted.',
                CancelledVisit::GiveBack,
            );
        }
        $open = $open->reject(static fn (WorkOrder $one): bool => $one->id === $given?->id)->values();
        foreach ($open->slice(0, 3)->values() as $i => $order) {
            $worker = $this->workerOf($order)->actor();
            $this->begin($this->workerOf($order), $order);
            $i === 1
                ? ($this->hold)(
                    $worker,
                    $order,
                    HoldReason::of('parts', HoldReason::SHIPPED['parts']),
                    'Waiting for the grease nipples, promised for Thursday.',
                )
                : $this->firstStep($this->workerOf($order), $order);
        }
        if ($open->count() > 4) {
            $last = $open->last();
            ($this->assign)($planner, $last, new Assignment(
                $last->team_id,
                $this->workerOf($last)->id,
                $last->planned_on === null ? null : LocalDate::parse($last->planned_on),
            ));
        }
        $clock->set("{$today} 07:40:00");
        foreach ([['LM-05', 'M-001', 2], ['WND-03', 'M-002', 12]] as [$tag, $code, $first]) {
            $given = [
                'rule' => 'interval',
                'every' => 6,
                'unit' => 'weeks',
                'late' => 0,
                'early' => 0,
                'lead' => 5,
                'move' => 'forward',
                'first' => $first,
            ];
            ($this->saveSchedule)(
                $planner,
                null,
                Asset::query()->where('tag', $tag)->sole(),
                ScheduleInput::of(DemoPlant::fields($given, Method::query()->where('code', $code)->sole(), $today)),
            );
        }
    }
}
