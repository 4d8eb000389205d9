<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Planning\Models\Schedule;
use App\Platform\Sites\Site;
use App\Work\Orders\ReleaseChoice;
use Illuminate\Database\Eloquent\Builder;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\LeftBecause;
use Sundial\Planning\ReleaseDecision;

/** What a release would make today, and what it would leave and why. */
final class ReleasePreview
{
    /** How many visits that are left are named, at most. */
    private const MOST = 400;

    /** How far ahead visits are named whose lead has not come. */
    private const AHEAD = 14;

    public function decide(Schedule $schedule, LocalDate $today): ReleaseDecision
    {
        return ReleaseDecision::of(
            $today, $schedule->nextVisit(), $schedule->season(), $schedule->leading === 'usage' ? null : Schedule::day($schedule->next_point_on), $schedule->in_hand !== null, $schedule->held_from !== null, $schedule->ended,
            $schedule->isInUse(), Schedule::day($schedule->ends_on), $schedule->method->inForce !== null,
        );
    }

    /** @return array{made: list<Schedule>, left: list<array{schedule: Schedule, because: LeftBecause}>} */
    public function __invoke(Site $site, ReleaseChoice $choice): array
    {
        $today = $choice->until;
        $schedules = $choice->narrow(Schedule::query(), $site)->with(['asset', 'method.inForce', 'round.stops.asset'])->where('ended', false)
            ->where(static fn (Builder $near) => $near->where('release_on', '<=', (string) $today->plusDays(self::AHEAD))->orWhereNull('release_on')->orWhereNotNull('in_hand')->orWhereNotNull('held_from'))
            ->orderByRaw('in_hand IS NOT NULL')->orderByRaw('next_due_on IS NULL')->orderBy('next_due_on')->orderBy('id')->limit(self::MOST)->get();
        $made = [];
        $left = [];
        foreach ($schedules as $schedule) {
            $because = $this->decide($schedule, $today)->because;
            $because === null ? $made[] = $schedule : $left[] = ['schedule' => $schedule, 'because' => $because];
        }

        return ['made' => $made, 'left' => $left];
    }
}
