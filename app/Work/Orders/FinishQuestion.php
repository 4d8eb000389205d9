<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Planning\Models\Visit;
use App\Platform\Frame\Wording;
use App\Platform\Sites\SiteDays;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Str;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Method\AnswerKind;
use Sundial\Support\InvalidInput;
use Sundial\Work\FinishAnswer;
use Sundial\Work\FinishDoubt;

/** Asks about the time of a finish that would move dates nobody meant to move; the caller holds the order. */
final readonly class FinishQuestion
{
    /** How many open steps are named. */
    private const NAMED = 5;

    public function __construct(private SiteDays $sites, private Wording $words)
    {
    }

    /** @throws InvalidInput doubtful, unless it was said that the time is right */
    public function ask(WorkOrder $order, DateTimeImmutable $at, FinishAnswer $answer): void
    {
        if ($answer === FinishAnswer::ItIsRight) {
            return;
        }
        $this->aboutSteps($order);
        $site = $this->sites->site($order->site_id);
        $done = $site->dayOf($at);
        $made = $site->dayOf(
            new DateTimeImmutable((string) $order->getRawOriginal('created_at'), new DateTimeZone('UTC')),
        );
        foreach ($this->visits($order) as [$last, $planned, $interval]) {
            $doubt = FinishDoubt::about($done, $made, $last, $planned, $interval);
            if ($doubt !== null) {
                $this->doubt($doubt, $done, $made, $last, $planned);
            }
        }
    }

    /** Steps that wanted an answer and have none are named. */
    private function aboutSteps(WorkOrder $order): void
    {
        $open = OrderStep::query()
            ->where('order_id', $order->id)
            ->where('answer', '<>', AnswerKind::Tick->value)
            ->whereNull('value')
            ->orderBy('position')
            ->get(['position', 'text']);
        if ($open->isNotEmpty()) {
            $named = $open
                ->take(self::NAMED)
                ->map(static fn (OrderStep $step): string => "{$step->position} “".
                    Str::limit($step->text, 40, '…').'”');
            throw InvalidInput::because(
                'doubtful',
                'unanswered',
                ($open->count() === 1 ? 'Step ' : 'Steps ').
                    $named->implode(', ').
                    ($open->count() > self::NAMED ? ' and '.($open->count() - self::NAMED).' more' : '').
                    ($open->count() === 1 ? ' has' : ' have').
                    ' no answer yet. Answer '.
                    ($open->count() === 1 ? 'it' : 'them').
                    ', or say below that it is right without.',
            );
        }
    }

    /** @return list<array{LocalDate|null, LocalDate|null, int}> the visit before, the plan and the interval of each */
    private function visits(WorkOrder $order): array
    {
        $visits = [];
        foreach ($order->visits()->with('visit.schedule')->get() as $covered) {
            $schedule = $covered->visit->schedule;
            $last = Visit::query()
                ->where('schedule_id', $schedule->id)
                ->where('number', '<', $covered->visit->number)
                ->max('done_on');
            $visits[] = [
                $last === null ? null : LocalDate::parse((string) $last),
                LocalDate::parse((string) $covered->visit->planned_on),
                (int) $schedule->standing->interval_days,
            ];
        }

        return $visits === [] ? [[null, null, 0]] : $visits;
    }

    private function doubt(
        FinishDoubt $doubt,
        LocalDate $done,
        LocalDate $made,
        ?LocalDate $last,
        ?LocalDate $planned,
    ): never {
        $day = $this->words->day($done);
        $beside = match ($doubt) {
            FinishDoubt::BeforeMade => "the order was made on {$this->words->day($made)}, after that",
            FinishDoubt::BeforeLast => 'the visit before it was done on '.
                ($last === null ? 'a later day' : $this->words->day($last)).
                ', after that',
            FinishDoubt::FarFromPlan => 'it was planned for '.
                ($planned === null ? 'another day' : $this->words->day($planned)).
                ', far from that',
        };
        throw InvalidInput::because(
            'doubtful',
            'finished_at',
            "{$day} {$done->year} as the day of the finish: {$beside}. If it is right, say so below; else mend the ".
            'day.',
            (string) $done,
        );
    }
}
