<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Stores\Queries\ServiceReached;
use App\Stores\Queries\StockFigures;
use stdClass;
use Sundial\Calendar\LocalDate;

/** The figures of the stores: worth, turnover, usage by month, what lies, what ran empty. */
final readonly class FiguresPage
{
    private const YEAR = 365;

    public function __construct(
        private CurrentSite $site,
        private StockFigures $figures,
        private ServiceReached $service,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(int $months, ?LocalDate $month): array
    {
        $siteId = $this->site->id();
        $today = $this->site->today();
        $yearAgo = $today->plusDays(-self::YEAR);
        $usage = $this->figures->usage($siteId, $yearAgo);
        $used = (int) $usage->sum('cents');
        $now = $this->figures->worth($siteId);
        $then = $this->figures->worthOn($siteId, $yearAgo);
        $most = max(1, (int) $usage->max('cents'));

        return [
            'value' => $this->figures->value($siteId),
            'now' => $now,
            'then' => $then,
            'used' => $used,
            'turnover' => $now + $then === 0 ? null : $used * 2 / ($now + $then),
            'bars' => array_values($usage->map(static fn (stdClass $one, int $i): array => [
                'x' => $i * 54,
                'height' => round(84 * max(0, (int) $one->cents) / $most, 1),
                'month' => Wording::MONTHS[(int) substr((string) $one->month, 5)],
                'cents' => (int) $one->cents,
                'key' => (string) $one->month,
            ])->all()),
            'month' => $month === null ? null : Wording::MONTHS[$month->month]." {$month->year}",
            'usedIn' => $month === null ? collect() : $this->figures->usedIn($siteId, $month),
            'service' => $this->service->total($siteId, $yearAgo),
            'missed' => $this->service->byPart($siteId, $yearAgo),
            'months' => $months,
            'lying' => $this->figures->lying($siteId, self::back($today, $months)),
            'empty' => $this->figures->empty($siteId, $yearAgo),
        ];
    }

    private static function back(LocalDate $today, int $months): LocalDate
    {
        return $today->plusDays(-intdiv($months * self::YEAR, 12));
    }
}
