<?php

declare(strict_types=1);

namespace App\Work\Pages;

/** A row of the ledger at the head of an order: a kind of cost, as planned, agreed and booked, and how it stands. */
final readonly class LedgerRow
{
    /**
     * @param  int  $plannedShare  thousandths of the widest bar
     * @param  int  $bookedShare  likewise
     */
    public function __construct(
        public string $kind,
        public string $href,
        public string $amount,
        public ?string $planned,
        public ?string $committed,
        public ?string $booked,
        public int $plannedShare,
        public int $bookedShare,
        public string $stands,
        public bool $isOver,
    ) {
    }
}
