<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use Sundial\Costing\SpentOn;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;

/** What an outside service cost; below zero takes back what was booked wrongly. */
final readonly class Invoice
{
    private const MOST = 200;

    private function __construct(
        public string $what,
        public int $cents,
        public ?int $supplierId,
        public ?string $number,
        public ?int $lineId = null,
        public SpentOn $on = SpentOn::Plan,
        public ?int $rowId = null,
    ) {
    }

    /** For a service that was planned. */
    public function ofLine(?int $lineId): self
    {
        return new self(...[...get_object_vars($this), 'lineId' => $lineId]);
    }

    /** On one of the assets of the order; null: on all of them. */
    public function onRow(?int $rowId): self
    {
        return new self(...[...get_object_vars($this), 'rowId' => $rowId]);
    }

    public function spentOn(SpentOn $on): self
    {
        return new self(...[...get_object_vars($this), 'on' => $on]);
    }

    /**
     * @param  string  $amount  as it was typed
     *
     * @throws InvalidInput missing, or what is wrong with the amount
     */
    public static function of(string $what, string $amount, ?int $supplierId = null, ?string $number = null): self
    {
        $cents = Money::parse($amount, 'service_amount');
        if (trim($what) === '') {
            throw InvalidInput::because('missing', 'service_what', 'Say what it was for.');
        }
        if ($cents === 0) {
            throw InvalidInput::because('missing', 'service_amount', 'Give the amount.');
        }

        return new self(mb_substr(trim($what), 0, self::MOST), $cents, $supplierId, $number);
    }
}
