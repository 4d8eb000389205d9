<?php

declare(strict_types=1);

namespace App\Planning\Pages;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Queries\LadderOf;
use App\Planning\Queries\ScheduleDraft;
use App\Planning\Wording\ScheduleWording;
use App\Platform\Frame\Wording;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Visit\VisitDates;
use Sundial\Planning\Visit\VisitState;

/** The sheet of a schedule: where it stands, what was agreed, what became of its visits. */
final readonly class SchedulePage
{
    /** How many visits to come it names, and how many past ones. */
    private const AHEAD = 6;

    private const BACK = 30;

    public function __construct(
        private ScheduleDraft $draft,
        private LadderOf $ladders,
        private ScheduleWording $words,
        private Wording $wording,
    ) {
    }

    public function __invoke(Schedule $schedule, LocalDate $today): ScheduleShown
    {
        $going = ! $schedule->ended && $schedule->held_from === null;
        $visit = $schedule->nextVisit();
        $levels = $this->ladders->names($schedule, self::AHEAD + 2);
        $next = $schedule->standing->next_due_on;

        return new ScheduleShown(
            $going ? $visit?->nearness($today, $schedule->standing->isInHand()) : null,
            $visit?->consumed($today),
            $this->words->otherShare($schedule),
            $visit?->leadShare(),
            $going,
            $visit === null ? null : $this->day($schedule, $visit),
            $levels[0] ?? null,
            $visit === null ? '' : $this->order($schedule, $visit, $today),
            $visit === null ? null : $this->onTime($schedule, $visit),
            $schedule->paused_from === null ? null : $this->pause($schedule, $today),
            $schedule->pause()?->isOn($today) === true,
            $this->first($schedule),
            $schedule->standing->readingWanted($today) ? 'Take the reading that is wanted' : 'Its meter',
            $visit === null ? null : $this->wording->weekday($visit->planned),
            $going ? $this->then($schedule, $levels) : [],
            $this->facts($schedule),
            $this->past($schedule),
            $going && $visit !== null && ! $schedule->standing->isInHand() ? $this->moveHint($schedule, $visit) : null,
            (string) ($next === null ? $today : LocalDate::later($today, LocalDate::parse($next))),
            $this->ladders->method($schedule->method_id) !== null,
        );
    }

    private function day(Schedule $schedule, VisitDates $visit): string
    {
        return ($schedule->standing->expected ? 'about ' : '').$this->wording->weekday($visit->planned);
    }

    private function order(Schedule $schedule, VisitDates $visit, LocalDate $today): string
    {
        if ($schedule->standing->isInHand()) {
            return '';
        }
        $late = $visit->release->isBefore($today) ? ' (with the next release)' : '';

        return $this->words->noOrder($schedule) ??
            "Its order is made on {$this->wording->day($schedule->standing->release_on)}{$late}.";
    }

    private function onTime(Schedule $schedule, VisitDates $visit): ?string
    {
        return $schedule->standing->leading === Leading::Calendar
            ? "On time from {$this->wording->day($visit->onTimeFrom())} to ".
                $this->wording->day($visit->onTimeUntil()).
                ($schedule->statutory ? ', by law' : '').
                '.'
            : null;
    }

    private function first(Schedule $schedule): string
    {
        $calendarOn = $schedule->standing->calendar_on;

        return match (true) {
            $calendarOn === null => '',
            $schedule->standing->leading === Leading::Usage => 'By the calendar it would be '.
                "{$this->wording->day($calendarOn)}; the meter comes first.",
            default => 'The calendar comes first.',
        };
    }

    private function pause(Schedule $schedule, LocalDate $today): string
    {
        if ($schedule->held_from !== null && $schedule->pause()?->isOn($today) === true) {
            return $schedule->paused_until === null
                ? ''
                : ', and goes on by itself on '.$this->wording->day($schedule->pause()->goesOnOn());
        }
        $until = $schedule->paused_until === null ? ' on' : " to {$this->wording->day($schedule->paused_until)}";

        $from = $this->wording->day($schedule->paused_from);

        return "It will be paused from {$from}{$until}: {$schedule->pause_reason}.";
    }

    /** @param  list<string>  $levels
     * @return list<array{day: string, level: string|null, between: string|null, made: string}> */
    private function then(Schedule $schedule, array $levels): array
    {
        $then = [];
        foreach (array_slice($this->draft->preview($schedule, self::AHEAD), 1) as $i => $later) {
            $then[] = [
                'day' => ($later->expected ? '≈ ' : '').$this->wording->weekday($later->planned),
                'level' => $levels[$i + 1] ?? null,
                'between' => $later->early === null
                    ? null
                    : "{$this->wording->day($later->early)} to {$this->wording->day($later->late)}",
                'made' => $this->wording->day($later->dates()->release),
            ];
        }

        return $then;
    }

    /** @return list<array{string, string, string|null}> */
    private function facts(Schedule $schedule): array
    {
        $turn = $this->ladders->turn($schedule->method_id);
        $rule = $schedule->recurrence();
        $approved = $schedule->approve_at_once ? 'approved at once' : 'to be approved';
        $facts = [
            ['method', $schedule->method->name, "/methods/{$schedule->method_id}"],
            ['every', $this->words->every($schedule), null],
            ['levels', (string) $turn, null],
            [
                'as a rule (RFC 5545)',
                $rule === null ? '' : 'DTSTART:'.str_replace('-', '', $schedule->anchor_on)." RRULE:{$rule}",
                null,
            ],
            ['on a non-working day', ScheduleWording::MOVES[$schedule->non_working], null],
            ['carry-over', $this->words->carryOver($schedule), null],
            ['order', "{$this->words->lead($schedule)}, {$approved}", null],
            ['team', $schedule->team->name ?? 'that of the asset', null],
            ['ends', $this->wording->day($schedule->ends_on), null],
        ];

        return array_values(array_filter($facts, static fn (array $fact): bool => $fact[1] !== ''));
    }

    /** @return list<array{number: int, level: string, planned: string, became: string, why: string|null,
     *     label: string|null}> */
    private function past(Schedule $schedule): array
    {
        $ladder = $this->ladders->method($schedule->method_id);
        $past = [];
        foreach ($schedule->visits()->limit(self::BACK)->get() as $visit) {
            $past[] = [
                'number' => $visit->number,
                'level' => $ladder === null || $visit->level === null ? '' : $ladder->name($visit->level),
                'planned' => $this->wording->day($visit->planned_on),
                'became' => $this->became($visit),
                'why' => $visit->reading_id === null
                    ? null
                    : $this->words->madeDue($visit->setRelation('schedule', $schedule)),
                'label' => $visit->label,
            ];
        }

        return $past;
    }

    /** done 18 Mar, 2 d late: all well */
    private function became(Visit $visit): string
    {
        $note = $visit->note === null || $visit->note === '' ? '' : ": {$visit->note}";
        if ($visit->state !== VisitState::Done || $visit->done_on === null) {
            return "{$visit->state->value}{$note}";
        }
        $late = LocalDate::parse($visit->planned_on)->daysUntil(LocalDate::parse($visit->done_on));
        $how = match (true) {
            $late > 0 => "{$late} d late",
            $late < 0 => -$late.' d early',
            default => 'on the day',
        };

        return "done {$this->wording->day($visit->done_on)}, {$how}{$note}";
    }

    private function moveHint(Schedule $schedule, VisitDates $visit): string
    {
        $day = $this->wording->day($schedule->standing->moved_from ?? $schedule->standing->next_due_on);

        $within = $this->wording->count($visit->tolerance, 'day');

        return "Within {$within} of {$day}, its tolerance; the visits after it stay where they are.";
    }
}
