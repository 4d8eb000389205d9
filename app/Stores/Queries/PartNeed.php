<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Demand\DayDemand;
use App\Stores\Demand\DemandKind;
use App\Stores\Models\Part;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\FreeStair;
use Sundial\Stock\ReorderPosition;

/** A part of which more will be wanted than is there and comes: how much has to be bought. */
final readonly class PartNeed
{
    /**
     * @param  list<DayDemand>  $demand
     * @param  list<array{LocalDate, int}>  $coming
     */
    private function __construct(
        public Shelves $shelves,
        public int $buy,
        private int $ahead,
        private array $demand,
        private array $coming,
    ) {
    }

    /**
     * @param  list<DayDemand>  $demand  what takes of it within its window
     * @param  list<array{LocalDate, int}>  $coming  what comes within it
     * @return self|null null: nothing has to be bought
     */
    public static function of(Shelves $shelves, array $demand, array $coming): ?self
    {
        $ahead = array_sum(array_map(
            static fn (DayDemand $one): int => $one->kind === DemandKind::Approved ? 0 : $one->thousandths,
            $demand,
        ));
        $buy = ReorderPosition::of(
            $shelves->promises(),
            array_sum(array_column($coming, 1)),
            $ahead,
            $shelves->point,
        )->toBuy($shelves->orderQuantity, $shelves->most);

        return $buy === 0 ? null : new self($shelves, $buy, $ahead, $demand, $coming);
    }

    public function proposal(Part $part, LocalDate $today): Proposal
    {
        $stair = FreeStair::of(
            $today,
            $this->shelves->free(),
            array_map(static fn (DayDemand $one): array => [$one->on, $one->thousandths], $this->demand),
            $this->coming,
        );

        return new Proposal(
            $part,
            $this->shelves->storeId,
            $this->buy,
            $stair->orderBy($part->lead_days),
            new ProposalFigures(
                $this->shelves->short,
                $this->ahead,
                $this->shelves->free(),
                // What comes back from repair is on its way, too.
                max($this->shelves->onOrder, array_sum(array_column($this->coming, 1))),
                $this->shelves->point,
            ),
            $stair->shortFrom(),
        );
    }
}
