<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Planning\Models\Schedule;
use App\Platform\Sites\Site;
use App\Work\Orders\ReleaseChoice;
use Illuminate\Database\Eloquent\Builder;
use Sundial\Planning\Schedule\LeftBecause;

/** What a release would make today, and what it would leave and why. */
final class ReleasePreview
{
    /** How many visits are named, at most. */
    private const MOST = 400;

    /** How far ahead visits are named whose lead has not come. */
    private const AHEAD = 14;

    /**
     * @return array{made: list<Schedule>, more: bool, left: list<array{schedule: Schedule,
     *     because: LeftBecause}>} the first that it makes, whether it makes more, and the first that it leaves
     */
    public function __invoke(Site $site, ReleaseChoice $choice): array
    {
        $due = $choice
            ->due($site)
            ->orderBy('next_due_on')
            ->orderBy('id')
            ->limit(self::MOST + 1)
            ->with(['asset', 'method.inForce', 'round.stations.asset'])
            ->get();
        $rest = $choice
            ->narrow(Schedule::standings(), $site)
            ->with(['asset', 'method.inForce', 'round.stations.asset'])
            ->where('ended', false)
            ->where(
                static fn (Builder $near) => $near
                    ->whereBetween('release_on', [
                        (string) $choice->until->plusDays(1),
                        (string) $choice->until->plusDays(self::AHEAD),
                    ])
                    ->orWhereNull('release_on')
                    ->orWhereNotNull('visit_id')
                    ->orWhereNotNull('held_from'),
            )
            ->orderByRaw('visit_id IS NOT NULL')
            ->orderByRaw('next_due_on IS NULL')
            ->orderBy('next_due_on')
            ->orderBy('id')
            ->limit(self::MOST)
            ->get();
        $made = [];
        $left = [];
        foreach ($due->take(self::MOST)->concat($rest) as $schedule) {
            $because = $schedule->releaseDecision($choice->until)->because;
            $because === null ? ($made[] = $schedule) : ($left[] = ['schedule' => $schedule, 'because' => $because]);
        }

        return ['made' => $made, 'more' => $due->count() > self::MOST, 'left' => $left];
    }
}
