<?php

declare(strict_types=1);

namespace App\Stores\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\TodayCard;
use App\Platform\Frame\Post;
use App\Platform\Frame\Wording;
use App\Platform\Today\Group;
use App\Platform\Today\Line;
use App\Stores\Models\PartRepair;
use App\Stores\Queries\LotsOf;
use App\Stores\Queries\OutForRepairs;
use App\Stores\Queries\ToolsOfSite;
use stdClass;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;

/** On Today, for whoever keeps the stores: what should be back, from repair or from a loan; what runs out. */
final readonly class KeepingToday implements TodayCard
{
    private const LINES = 6;

    private const SOON = 30;

    public function __construct(
        private Wording $words,
        private OutForRepairs $repairs,
        private LotsOf $lots,
        private ToolsOfSite $tools,
    ) {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        return Rights::has(Right::KeepStores)
            ? [
                ...$this->fromRepair($siteId, $today),
                ...$this->keeping($siteId, $today),
                ...$this->tools($siteId, $today),
            ]
            : [];
    }

    /** @return list<Group> what should be back from repair */
    private function fromRepair(int $siteId, LocalDate $today): array
    {
        $out = $this->repairs->expectedBy($siteId, $today);
        $lines = $out->take(self::LINES)->map(fn (PartRepair $one): Line => new Line(
            Post::svg('approved', true),
            $one->stock->part->name,
            $one->stock->part->number,
            Quantity::words($one->out()->thousandths).' at '.($one->supplier->name ?? 'the own workshop').
                ", expected {$this->words->relative($one->expected_on)}",
            $one->expected_on < (string) $today ? 'late' : 'due',
            "/parts/{$one->stock->part_id}#repairs",
            null,
        ));
        $lines = array_values($lines->all());

        return $lines === []
            ? []
            : [new Group('repairs', 'Back from repair', false, 26, $lines, $out->count(), '/parts')];
    }

    /** @return list<Group> batches that are past their day or will be soon */
    private function keeping(int $siteId, LocalDate $today): array
    {
        $lots = $this->lots->keepingUntil($siteId, $today->plusDays(self::SOON));
        $lines = $lots->take(self::LINES)->map(fn (stdClass $one): Line => new Line(
            Post::svg('planned', true),
            (string) $one->part,
            (string) $one->number,
            "batch {$one->name}, {$this->words->quantity((string) $one->quantity)} {$one->unit}, keeps until ".
                $this->words->day((string) $one->best_before),
            $one->best_before < (string) $today ? 'late' : 'due',
            "/parts/{$one->part_id}#lots",
            null,
        ));
        $lines = array_values($lines->all());

        return $lines === []
            ? []
            : [new Group('batches', 'Batches near their day', false, 61, $lines, $lots->count(), '/parts',
                'batch near its day')];
    }

    /** @return list<Group> tools that are not back, are wanted by two, or whose calibration runs out */
    private function tools(int $siteId, LocalDate $today): array
    {
        $said = $this->tools->wrong($siteId, $today, $today->plusDays(self::SOON));
        $lines = array_map(static fn (array $one): Line => new Line(
            Post::svg('planned', true),
            $one['name'],
            $one['number'],
            $one['says'],
            $one['isLate'] ? 'late' : 'due',
            "/tools/{$one['id']}",
            null,
        ), array_slice($said, 0, self::LINES));

        return $lines === []
            ? []
            : [new Group('tools', 'Special tools', false, 62, $lines, count($said), '/tools', 'special tool')];
    }
}
