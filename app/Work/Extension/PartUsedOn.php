<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Extension\SheetSection;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Work\Queries\PartUses;
use stdClass;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;

/** On a part's sheet: on what it was used within a year, and how much of it by month. */
final readonly class PartUsedOn implements SheetSection
{
    private const YEAR = 365;

    public function __construct(private PartUses $uses, private CurrentSite $site)
    {
    }

    public function kind(): string
    {
        return 'part';
    }

    public function title(): string
    {
        return 'Where it was used';
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function position(): int
    {
        return 55;
    }

    public function view(Subject $subject): array
    {
        $since = $this->site->today()->plusDays(-self::YEAR);
        $assets = $this->uses->byAsset($subject->id, $this->site->id(), $since);
        if ($assets->isEmpty()) {
            return ['', [], null];
        }
        $months = $this->uses->byMonth($subject->id, $this->site->id(), $since);

        return [
            'work.picks.used',
            [
                'assets' => $assets,
                'months' => $months->map(static fn (stdClass $one): string => LocalDate::MONTHS[
                    (int) substr((string) $one->month, 5)
                ].' '.Quantity::words(Quantity::parse((string) $one->used)))->implode(' · '),
            ],
            $assets->count(),
        ];
    }
}
