<?php

declare(strict_types=1);

namespace Database\Demo;

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Clock\SetClock;
use App\Register\Models\Asset;
use App\Register\Models\EquipmentClass;
use App\Stores\Models\Part;
use App\Work\Actions\Booking\BookHours;
use App\Work\Actions\Booking\RecordFailure;
use App\Work\Actions\Booking\SetRepeat;
use App\Work\Actions\Booking\TickPlainSteps;
use App\Work\Actions\Booking\UsePart;
use App\Work\Actions\Moves\ApproveWorkOrder;
use App\Work\Actions\Moves\CloseWorkOrder;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Actions\Requests\AcceptRequest;
use App\Work\Actions\Requests\ReportFault;
use App\Work\Actions\Requests\SayMayRun;
use App\Work\Inputs\Assignment;
use App\Work\Inputs\OrderInput;
use App\Work\Inputs\PartUsed;
use App\Work\Inputs\ReportInput;
use App\Work\Models\FailureWord;
use App\Work\Models\WorkOrder;
use App\Work\Models\WorkRequest;
use App\Work\Orders\PastedPlan;
use App\Work\Queries\PriorityRules;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\WorkedMinutes;
use Sundial\Support\Quantity;
use Sundial\Work\Failure\FailureKind;
use Sundial\Work\Failure\FailureWords;
use Sundial\Work\OrderType;
use Sundial\Work\Request\HowSoon;
use Sundial\Work\Request\MayRun;

/** What broke at Ollerfell Mill: reported, accepted, planned, mended, coded, closed; and what waits this morning. */
final class DemoFaults
{
    private const CURRENCY = 'GBP';

    /** @var array{faults: array<string, list<array<string, mixed>>>, symptoms: array<string, list<string>>,
     *     waiting: list<array{string, string, string, string, int, int}>} */
    private array $given;

    /** @var array<string, list<Asset>> by class */
    private array $assets = [];

    private int $number = 0;

    /** Days ago on which the seal of pump 1 failed: twice within nine days. */
    private const SEAL = [40, 31];

    /** @var list<WorkOrder> that changed the seal of pump 1 */
    private array $seals = [];

    public function __construct(
        private readonly ReportFault $report,
        private readonly AcceptRequest $accept,
        private readonly AddToPlan $plan,
        private readonly PastedPlan $read,
        private readonly ApproveWorkOrder $approve,
        private readonly StartWorkOrder $start,
        private readonly TickPlainSteps $tick,
        private readonly BookHours $book,
        private readonly UsePart $use,
        private readonly RecordFailure $record,
        private readonly FinishWorkOrder $finish,
        private readonly CloseWorkOrder $close,
        private readonly SayMayRun $mayRun,
        private readonly PriorityRules $rules,
        private readonly SetRepeat $repeat,
        private readonly DemoStores $stores,
    ) {
        $this->given = json_decode(
            (string) file_get_contents(__DIR__.'/faults.json'),
            true,
            16,
            JSON_THROW_ON_ERROR,
        );
    }

    public function words(): void
    {
        DB::table('sites')->where('code', 'OM')->update(['report_code' => 'MILL']);
        DB::table('sites')->where('code', 'LW')->update(['report_code' => 'WEIR']);
        foreach ($this->given['symptoms'] as $class => $symptoms) {
            $id = EquipmentClass::query()->where('name', $class)->sole()->id;
            foreach ($symptoms as $i => $word) {
                FailureWord::query()->create([
                    'kind' => FailureKind::Symptom,
                    'class_id' => $id,
                    'word' => $word,
                    'position' => $i,
                ]);
            }
        }
        foreach (Asset::query()->with('class')->where('life_state', '<>', 'retired')->orderBy('id')->get() as $asset) {
            $this->assets[$asset->class->name][] = $asset;
        }
    }

    /** @param  array<string, User>  $people */
    public function play(SetClock $clock, LocalDate $day, LocalDate $today, array $people): void
    {
        foreach ($this->ofDay($day->daysUntil($today)) as [$asset, $fault]) {
            $this->number++;
            $clock->set(sprintf('%s %02d:%02d:00', $day, 6 + $this->number % 7, ($this->number * 11) % 60));
            $soon = [HowSoon::ThisShift, HowSoon::CanWait, HowSoon::ThisShift, HowSoon::AtOnce][$this->number % 4];
            $input = ReportInput::of($asset, $fault['symptom'], $fault['what'], 'Bas, line A')->wanted($soon);
            [$request] = ($this->report)(Actor::guest('Bas, line A'), $input);
            $clock->set($clock->now()->modify('+'.(20 + ($this->number * 7) % 90).' minutes'));
            $order = $this->accepted($request, $asset, $fault, $people, $day);
            if ($day->daysUntil($today) <= self::SEAL[0]) {
                $this->sealAgain($order, $people);
            }
            if ($day->daysUntil($today) <= 3 && $this->number % 3 === 0) {
                continue;
            }
            $this->mend($clock, $order, $fault, $people, $day);
            if ($day->daysUntil($today) > 2) {
                ($this->close)($people['supervisor']->actor(), $order->refresh());
            }
        }
    }

    /** @return list<array{Asset, array<string, mixed>}> what broke so many days ago, the same in every run */
    private function ofDay(int $daysAgo): array
    {
        $dice = crc32("faults {$daysAgo}");
        $classes = array_keys($this->given['faults']);
        $count = [1, 1, 2, 1, 1, 2, 1][$dice % 7];
        $broken = [];
        for ($i = 0; $i < $count; $i++) {
            $roll = crc32("{$dice} {$i}");
            // Half of what breaks is on looms, and a third of that is the weft sensor of one.
            $class = $roll % 2 === 0 ? 'loom' : $classes[intdiv($roll, 2) % count($classes)];
            $of = $this->assets[$class];
            $fault = $this->given['faults'][$class][intdiv($roll, 64) % count($this->given['faults'][$class])];
            $isWeft = $class === 'loom' && $roll % 3 === 0;
            $tag = $isWeft ? 'LM-14' : null;
            $asset = $tag === null
                ? $of[intdiv($roll, 1024) % count($of)]
                : array_values(array_filter($of, static fn (Asset $one): bool => $one->tag === $tag))[0];
            $broken[] = [$asset, $isWeft ? $this->given['faults']['loom'][0] : $fault];
        }

        // On the first day of work on which it is due.
        if ($daysAgo <= (self::SEAL[count($this->seals)] ?? -1)) {
            $pumps = $this->assets['centrifugal pump'];
            $first = array_values(array_filter($pumps, static fn (Asset $one): bool => $one->tag === 'PMP-01'))[0];
            $broken[] = [$first, $this->given['faults']['centrifugal pump'][0]];
        }

        return $broken;
    }

    /**
     * What the seal of pump 1 costs when it fails again goes to the first order.
     *
     * @param  array<string, User>  $people
     */
    private function sealAgain(WorkOrder $order, array $people): void
    {
        if ($order->asset?->tag !== 'PMP-01' || $order->title !== 'Change the shaft seal') {
            return;
        }
        if ($this->seals !== []) {
            ($this->repeat)($people['planner']->actor(), $order, $this->seals[0]);
        }
        $this->seals[] = $order->refresh();
    }

    /**
     * @param  array<string, mixed>  $fault
     * @param  array<string, User>  $people
     */
    private function accepted(
        WorkRequest $request,
        Asset $asset,
        array $fault,
        array $people,
        LocalDate $day,
    ): WorkOrder {
        $table = $this->rules->table();
        $priority = $table->proposed($request->how_soon, $asset->criticality);
        $due = $table->due($priority, $day);
        $worker = $this->workerFor((string) $fault['trade'], $asset->site_id, $people);
        $order = ($this->accept)(
            $people['planner']->actor(),
            $request,
            OrderInput::on($asset, (string) $fault['title'], $request->what)
                ->as(OrderType::corrective(), $priority, $due)
                ->for(new Assignment($this->teamOf($worker, $asset->site_id), $worker->id, $due)),
        );
        $part = (string) $fault['part'] === '' ? '' : "\n{$fault['part']} x {$fault['quantity']}";
        ($this->plan)(
            $people['planner']->actor(),
            $order,
            ...($this->read)(
                "Lock off and make safe 10 min\nFind and mend it {$fault['minutes']} min\nTry it out 10 min\n".
                    "1 {$fault['trade']} {$fault['minutes']} min{$part}",
                self::CURRENCY,
            ),
        );
        ($this->approve)($people['supervisor']->actor(), $order);

        return $order->refresh();
    }

    /**
     * @param  array<string, mixed>  $fault
     * @param  array<string, User>  $people
     */
    private function mend(SetClock $clock, WorkOrder $order, array $fault, array $people, LocalDate $day): void
    {
        $worker = $this->workerFor((string) $fault['trade'], $order->site_id, $people);
        ($this->start)($worker->actor(), $order);
        ($this->tick)($worker->actor(), $order);
        $minutes = intdiv((int) $fault['minutes'] * (80 + ($this->number * 23) % 60), 100);
        $clock->set($clock->now()->modify("+{$minutes} minutes"));
        ($this->book)($worker->actor(), $order, $worker, $day, WorkedMinutes::of($minutes));
        $part = Part::query()->where('number', $fault['part'])->first();
        if ($part !== null) {
            $quantity = Quantity::parse((string) $fault['quantity']);
            $this->stores->fetch($part->id, $order->site_id, $quantity);
            ($this->use)($worker->actor(), $order, PartUsed::ofPart($part, $quantity, self::CURRENCY));
        }
        $words = array_intersect_key($fault, array_flip(['symptom', 'mode', 'mechanism', 'cause', 'action']));
        ($this->record)(
            $worker->actor(),
            $order,
            FailureWords::of($words + ['found' => 'noticed by operator', 'effect' => 'stopped the machine']),
        );
        ($this->finish)($worker->actor(), $order, $clock->now(), 'It runs again.');
    }

    private function teamOf(User $worker, int $siteId): ?int
    {
        $team = DB::table('teams')->whereIn('id', $worker->teamIds())->where('site_id', $siteId)->value('id');

        return $team === null ? null : (int) $team;
    }

    /** @param  array<string, User>  $people */
    private function workerFor(string $trade, int $siteId, array $people): User
    {
        if ($siteId !== $people['technician']->siteIds()[0]) {
            return $people['atarn'];
        }
        $of = ['electrician' => ['ehall'], 'boiler hand' => ['kpike'], 'fitter' => ['technician', 'tnowak', 'jbeck']];
        $logins = $of[$trade] ?? $of['fitter'];

        return $people[$logins[$this->number % count($logins)]];
    }

    /** What was reported in the last days and waits; a pump that was found faulty runs on with a restriction. */
    public function waiting(SetClock $clock, LocalDate $today): void
    {
        foreach ($this->given['waiting'] as [$tag, $symptom, $what, $soon, $days, $minute]) {
            $clock->set(sprintf('%s 06:%02d:00', $today->plusDays(-$days), $minute));
            $asset = Asset::query()->where('tag', $tag)->sole();
            $input = ReportInput::of($asset, $symptom, $what, $days % 2 === 0 ? 'Bas, line A' : 'Ilse, second shift')
                ->wanted(HowSoon::from($soon));
            [$request] = ($this->report)(
                Actor::guest($input->reporter),
                $soon === 'at once' ? $input->down($clock->now()) : $input,
            );
            if ($tag === 'PMP-02') {
                $clock->set($clock->now()->modify('+3 hours'));
                ($this->mayRun)(
                    User::query()->where('login', 'supervisor')->sole()->actor(),
                    $request,
                    MayRun::Restricted,
                    'half speed, look at it each shift',
                    $today->plusDays(9),
                );
            }
        }
    }
}
