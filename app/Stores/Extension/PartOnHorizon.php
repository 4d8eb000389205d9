<?php

declare(strict_types=1);

namespace App\Stores\Extension;

use App\Platform\Extension\HorizonSource;
use App\Platform\Frame\HorizonMark;
use App\Platform\Frame\MarkKind;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Stores\Demand\AskedFor;
use App\Stores\Queries\ComingIn;
use App\Stores\Queries\DemandAhead;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;

/** On the horizon of a part: what takes some of it, and what brings some. */
final readonly class PartOnHorizon implements HorizonSource
{
    private const MARKS = 120;

    public function __construct(private DemandAhead $demand, private ComingIn $coming, private CurrentSite $site)
    {
    }

    public function marks(Subject $subject, LocalDate $from, LocalDate $to): array
    {
        if ($subject->kind !== 'part') {
            return [];
        }
        $wanted = MarkKind::listed('demand', static fn (): string => "/parts/{$subject->id}");
        $receipt = MarkKind::listed('receipt', static fn (): string => '/purchases');
        $marks = [];
        $asked = new AskedFor($this->site->id(), $subject->id, null, $to, self::MARKS);
        foreach ($this->demand->first($asked) as $one) {
            $day = $one->on->isAfter($from) ? $one->on : $from;
            $says = Quantity::words($one->thousandths)." for {$one->what}";
            $marks[] = HorizonMark::point($wanted, $day, $says, 'clear', $one->href);
        }
        foreach ($this->coming->toPart($subject->id, $this->site->id())->whereNotNull('expected_on') as $one) {
            $day = LocalDate::parse((string) $one->expected_on);
            if (! $day->isAfter($to) && $day->isAfter($from)) {
                $many = Quantity::parse((string) $one->quantity) - Quantity::parse((string) $one->received);
                $marks[] = HorizonMark::bar(
                    $receipt,
                    $day,
                    $day,
                    Quantity::words($many)." from B-{$one->number}",
                    'approved',
                    "/purchases/{$one->purchase_id}",
                );
            }
        }

        return $marks;
    }
}
