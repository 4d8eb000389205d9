<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Method;
use App\Planning\Models\MethodLabour;
use App\Planning\Models\Schedule;
use App\Planning\Projections\KeepStanding;
use App\Platform\Sites\SiteDays;
use App\Register\Models\Asset;
use Generator;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\Start;
use Sundial\Planning\Visit\ComingVisit;
use Sundial\Support\InvalidInput;

/** Makes a schedule of what is said of it, and shows what it would do before anything is saved. */
final readonly class ScheduleDraft
{
    /** What decides its dates: when one of these changes, the next date is counted afresh. */
    public const RULE = [
        'rule',
        'every',
        'unit',
        'weekdays',
        'nth',
        'months',
        'non_working',
        'anchor_on',
        'last_done_on',
        'meter_id',
        'usage_every',
        'gauge_id',
        'condition_beyond',
        'condition_limit',
        'condition_readings',
        'condition_hysteresis',
    ];

    /** What its form asks for: what is agreed, and its name, its people and how its orders begin. */
    public const FIELDS = ['name', 'team_id', 'approve_at_once', ...Schedule::AGREED];

    public function __construct(
        private StartOf $starts,
        private FactsOf $facts,
        private SiteDays $sites,
    ) {
    }

    public function fill(Schedule $schedule, ScheduleInput $input): Schedule
    {
        return $schedule->fill([
            // A schedule stays on its round, or on its asset, whatever else of it changes.
            'round_id' => $schedule->exists ? $schedule->round_id : $input->roundId(),
            'ladder_start' => max(1, $input->ladderStart() ?? (int) $schedule->ladder_start),
        ] + $input->facts);
    }

    /**
     * Stands it at its beginning: the first point of each trigger, and every date that hangs on it.
     *
     * @param  string|null  $usageLast what the counter showed when it was last done; null: what it showed on that
     *     day, or shows now
     */
    public function start(Schedule $schedule, ?string $usageLast = null): Schedule
    {
        return $this->begin($schedule, ($this->starts)($schedule, $usageLast));
    }

    /**
     * The same where somebody chose its anchor as the day of its next visit.
     *
     * @param  string|null  $shown  what the counter shows or showed, from which its units count
     */
    public function startHere(Schedule $schedule, ?string $shown): Schedule
    {
        return $this->begin($schedule, ($this->starts)($schedule, $shown)->here());
    }

    private function begin(Schedule $schedule, Start $start): Schedule
    {
        $schedule->anchor_on =
            $schedule->anchor_on !== ''
                ? $schedule->anchor_on
                : $schedule->last_done_on ?? (string) $this->sites->today($schedule->site_id);
        $facts = ($this->facts)($schedule);

        return KeepStanding::fill($schedule, $schedule->agreed()->begin($start, $facts), $facts);
    }

    /**
     * The next visits that this schedule would have.
     *
     * @return list<ComingVisit>
     *
     * @throws InvalidInput
     */
    public function preview(Schedule $schedule, int $count): array
    {
        $visits = [];
        foreach ($this->outlook($schedule) as $visit) {
            $visits[] = $visit;
            if (count($visits) >= $count) {
                break;
            }
        }

        return $visits;
    }

    /**
     * The days of its visits from one day to another, at most so many as can be drawn. What is past already is none of
     * them.
     *
     * @return list<LocalDate>
     */
    public function within(Schedule $schedule, LocalDate $from, LocalDate $until): array
    {
        $planned = [];
        foreach ($this->outlook($schedule) as $visit) {
            if ($visit->planned->isAfter($until) || count($planned) >= 366) {
                break;
            }
            if (! $visit->planned->isBefore($from)) {
                $planned[] = $visit->planned;
            }
        }

        return $planned;
    }

    /** @return Generator<int, ComingVisit> */
    private function outlook(Schedule $schedule): Generator
    {
        return $schedule->agreed()->outlook($schedule->state(), $this->facts->kept($schedule));
    }

    /**
     * Sentences about what looks wrong in a draft, though it can be saved.
     *
     * @param  list<ComingVisit>  $coming  the next visits that it would have
     * @return list<string>
     */
    public function warnings(Schedule $schedule, Asset $asset, array $coming, LocalDate $today): array
    {
        return [
            ...$this->aboutMethod($schedule),
            ...$asset->life_state->isInUse()
                ? []
                : ["{$asset->tag} is {$asset->life_state->value}: no orders are made until it is in use."],
            ...$this->aboutDates($schedule, $coming, $today),
        ];
    }

    /** @return list<string> */
    private function aboutMethod(Schedule $schedule): array
    {
        $method = Method::query()->with('inForce.labour.trade')->find($schedule->method_id);
        if ($method === null) {
            return [];
        }
        $idle =
            $method->inForce?->labour
                ->filter(
                    static fn (MethodLabour $line): bool => DB::table('users')
                        ->where('trade_id', $line->trade_id)
                        ->where('active', true)
                        ->doesntExist(),
                )
                ->map(static fn (MethodLabour $line): string => $line->trade->name)
                ->unique()
                ->all() ?? [];

        return [
            ...$method->inForce === null
                ? ["{$method->name} is not in force yet: no orders are made until it is."]
                : [],
            ...$idle === [] ? [] : ['Nobody has the trade '.implode(' or ', $idle).' that the method asks for.'],
        ];
    }

    /**
     * @param  list<ComingVisit>  $coming
     * @return list<string>
     */
    private function aboutDates(Schedule $schedule, array $coming, LocalDate $today): array
    {
        $lead = $schedule->leadTime()->inDays($schedule->standing->interval_days);
        $warnings = [];
        if ($schedule->rule === Schedule::CONDITION && $schedule->standing->next_due_on === null) {
            return [];
        }
        if ($schedule->standing->next_due_on === null) {
            return [
                'No date can be expected: the meter has no rate yet. Say its expected use per year on the meter, '.
                'or take a second reading a week from the first.',
            ];
        }
        if ($lead > $schedule->standing->interval_days) {
            $warnings[] =
                "The lead of {$lead} days is longer than the interval of {$schedule->standing->interval_days}: ".
                'each order would be made as soon as the one before it is done.';
        }
        if ($coming === []) {
            $warnings[] = 'No visit is left within its season and its end. Choose more months, or a later end.';
        } elseif ($schedule->months !== null && $today->daysUntil($coming[0]->planned) > 366) {
            $warnings[] = 'Its months leave nothing within the next year. Check them against the dates of the rule.';
        }
        if (LocalDate::parse($schedule->standing->next_due_on)->isBefore($today)) {
            $warnings[] =
                'The first date lies in the past, so this schedule starts late. If the work was done since, say '.
                'when under “last done”.';
        }

        return $warnings;
    }
}
