<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Calendar\LocalDate;

/**
 * What may move to a higher rank by itself: what is promised to lower ones and not set aside, as far as resupply, of
 * which nobody counts on more, still serves each of them by its day.
 */
final readonly class GivingWay
{
    private function __construct(private ClaimRank $to, private Resupply $coming)
    {
    }

    public static function to(ClaimRank $rank, Resupply $coming): self
    {
        return new self($rank, $coming);
    }

    /**
     * @param  list<array{string, ClaimRank, int, LocalDate|null}>  $others  order, its rank, what is promised to it,
     *     and the day it needs that; the lowest first
     * @return array<string, int> how much each could give up, by order
     */
    public function givers(array $others): array
    {
        $coming = $this->coming;
        $givers = [];
        foreach ($others as [$order, $rank, $promised, $day]) {
            $gives = $this->to->outranks($rank) ? min($promised, $coming->until($day)) : 0;
            if ($gives > 0) {
                $givers[$order] = $gives;
                $coming = $coming->less($gives);
            }
        }

        return $givers;
    }
}
