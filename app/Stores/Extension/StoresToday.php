<?php

declare(strict_types=1);

namespace App\Stores\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\TodayCard;
use App\Platform\Frame\Post;
use App\Platform\Frame\Wording;
use App\Platform\Today\Group;
use App\Platform\Today\Line;
use App\Stores\Models\Claim;
use App\Stores\Models\Purchase;
use App\Stores\Queries\DueToCount;
use App\Stores\Queries\Purchases;
use App\Stores\Queries\ShortClaims;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;

/** On Today, for whoever keeps the stores: parts that are short for the week's orders, what should have come. */
final readonly class StoresToday implements TodayCard
{
    private const LINES = 6;

    private const WEEK = 7;

    public function __construct(
        private Wording $words,
        private ShortClaims $short,
        private Purchases $purchases,
        private DueToCount $due,
    ) {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        if (! Rights::has(Right::SeePlant) || ! (Rights::has(Right::KeepStores) || Rights::has(Right::PlanOrders))) {
            return [];
        }

        return [
            ...$this->shortOnes($siteId, $today),
            ...(Rights::has(Right::KeepStores) ? $this->lateOnes($siteId, $today) : []),
            ...(Rights::has(Right::KeepStores) ? $this->counts($siteId) : []),
        ];
    }

    /** @return list<Group> */
    private function shortOnes(int $siteId, LocalDate $today): array
    {
        $short = ($this->short)($siteId, $today->plusDays(self::WEEK));
        $lines = $short->take(self::LINES)->map(fn (Claim $claim): Line => new Line(
            Post::svg('on hold', true),
            $claim->stock->part->name,
            $claim->stock->part->number,
            Quantity::words($claim->short())." short for {$claim->label}".
                ($claim->needed_on === null ? '' : ", needed {$this->words->weekday($claim->needed_on)}"),
            'late',
            "/parts/{$claim->stock->part_id}",
            ['label' => 'Buy', 'href' => '/purchases', 'method' => 'get'],
        ));

        $lines = array_values($lines->all());

        return $lines === []
            ? []
            : [new Group('short', 'Short of a part this week', false, 24, $lines, $short->count(), '/purchases')];
    }

    /** @return list<Group> */
    private function lateOnes(int $siteId, LocalDate $today): array
    {
        $due = $this->purchases->open($siteId)->filter(static fn (Purchase $one): bool => $one->state->isUnderWay() &&
            $one->expected_on !== null && $one->expected_on <= (string) $today);
        $lines = $due->take(self::LINES)->map(fn (Purchase $one): Line => new Line(
            Post::svg('approved', true),
            "{$one->label()} {$one->supplier->name}",
            '',
            "expected {$this->words->relative((string) $one->expected_on)}",
            $one->expected_on < (string) $today ? 'late' : 'due',
            "/purchases/{$one->id}",
            ['label' => 'Receive', 'href' => "/purchases/{$one->id}", 'method' => 'get'],
        ));

        $lines = array_values($lines->all());

        return $lines === []
            ? []
            : [new Group('receipts', 'Should have come', false, 25, $lines, $due->count(), '/purchases#open')];
    }

    /** @return list<Group> */
    private function counts(int $siteId): array
    {
        $due = $this->due->count($siteId);

        return $due === 0 ? [] : [
            new Group('counts', 'To count', false, 60, [new Line(
                Post::svg('planned', true),
                $this->words->count($due, 'part').' to count',
                '',
                'by class and last count',
                'due',
                '/counts',
                ['label' => 'Make a sheet', 'href' => '/counts', 'method' => 'get'],
            )], $due, '/counts'),
        ];
    }
}
