<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\Platform\Sites\CurrentSite;
use App\Stores\Queries\ServiceReached;
use App\Stores\Queries\StockFigures;
use Illuminate\Support\Collection;
use stdClass;
use Sundial\Calendar\LocalDate;

/** The figures of the stores: worth, turnover, usage by month, what lies, what ran empty. */
final readonly class FiguresPage
{
    private const YEAR = 365;

    /** Months that are drawn. */
    private const BARS = 12;

    public function __construct(
        private CurrentSite $site,
        private StockFigures $figures,
        private ServiceReached $service,
    ) {
    }

    /** @return array<string, mixed> what lies there, and what was used in a year */
    public function __invoke(?LocalDate $month): array
    {
        $siteId = $this->site->id();
        $months = $this->figures->months($siteId, $this->site->today()->plusDays(-self::YEAR));
        $used = (int) $months->sum('used');
        $now = $this->figures->worth($siteId);
        $then = $now - (int) $months->sum('moved');

        return [
            'now' => $now,
            'then' => $then,
            'used' => $used,
            'turnover' => $now + $then === 0 ? null : $used * 2 / ($now + $then),
            'bars' => $this->bars($months),
            'month' => $month === null ? null : $month->monthInWords()." {$month->year}",
            'usedIn' => $month === null ? collect() : $this->figures->usedIn($siteId, $month),
        ];
    }

    /** @return array<string, mixed> by store and class, what lies, what was asked for, what ran empty */
    public function rest(int $months): array
    {
        $siteId = $this->site->id();
        $today = $this->site->today();
        $yearAgo = $today->plusDays(-self::YEAR);

        return [
            'value' => $this->figures->value($siteId),
            'service' => $this->service->total($siteId, $yearAgo),
            'missed' => $this->service->byPart($siteId, $yearAgo),
            'months' => $months,
            'lying' => $this->figures->lying($siteId, self::back($today, $months)),
            'empty' => $this->figures->empty($siteId, $yearAgo),
        ];
    }

    /**
     * A bar for each of the last twelve months, the running one last; none where nothing was used in all of them.
     *
     * @param  Collection<int, stdClass>  $months
     * @return list<array{x: int, height: float, month: string, cents: int, key: string}>
     */
    private function bars(Collection $months): array
    {
        $used = $months
            ->pluck('used', 'month')
            ->map(static fn (mixed $cents): int => (int) $cents)
            ->all();
        $most = max([0, ...array_values($used)]);
        $first = $this->site->today()->firstOfMonth()->plusMonthsClamped(1 - self::BARS);
        $bars = [];
        for ($i = 0; $most > 0 && $i < self::BARS; $i++) {
            $month = $first->plusMonthsClamped($i);
            $key = substr((string) $month, 0, 7);
            $bars[] = [
                'x' => $i * 60,
                'height' => round(84 * max(0, $used[$key] ?? 0) / $most, 1),
                'month' => $month->monthInWords(),
                'cents' => $used[$key] ?? 0,
                'key' => $key,
            ];
        }

        return $bars;
    }

    private static function back(LocalDate $today, int $months): LocalDate
    {
        return $today->plusDays(-intdiv($months * self::YEAR, 12));
    }
}
