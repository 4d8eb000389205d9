<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Extension\SheetSection;
use App\Platform\Sites\SiteDays;
use App\Platform\Subject;
use App\Register\Models\Asset;
use App\Work\Queries\AlongWith;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** On the sheet of an asset: the visits that are due there close together, to be made into one order. */
final readonly class DueTogether implements SheetSection
{
    public function __construct(private AlongWith $along, private SiteDays $days)
    {
    }

    public function kind(): string
    {
        return 'asset';
    }

    public function position(): int
    {
        return 25;
    }

    public function title(): string
    {
        return 'Do together';
    }

    public function right(): Right
    {
        return Right::Release;
    }

    public function view(Subject $subject): array
    {
        $asset = Asset::query()->findOrFail($subject->id);
        $today = $this->days->today($asset->site_id);
        $near = ($this->along)($asset, $today);
        // What is due next sets the day; without anything near, what comes first.
        $day = $near === [] ? $today : LocalDate::later($today, $near[0]['offer']->planned);
        $offers = count($near) > 1 ? ($this->along)($asset, $day) : $near;

        return count($offers) > 1 ? ['work.together', ['offers' => $offers, 'asset' => $asset, 'day' => $day], count($offers)] : ['', [], null];
    }
}
