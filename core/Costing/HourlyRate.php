<?php

declare(strict_types=1);

namespace Sundial\Costing;

use Sundial\Support\Decimals;
use Sundial\Support\InvalidInput;

/** What an hour costs, to four places of the currency: 33.333 is 333 330 ten-thousandths. A rate of 0 is a rate. */
final readonly class HourlyRate
{
    private function __construct(public int $tenThousandths)
    {
    }

    /** @throws InvalidInput negative_rate */
    public static function ofCents(int $cents): self
    {
        return self::checked(100 * $cents);
    }

    /** @throws InvalidInput negative_rate */
    public static function of(int $tenThousandths): self
    {
        return self::checked($tenThousandths);
    }

    /** As people write it, with two places at least: 52.00, 33.333. */
    public function plain(): string
    {
        $places = rtrim(str_pad((string) ($this->tenThousandths % 10000), 4, '0', STR_PAD_LEFT), '0');

        return intdiv($this->tenThousandths, 10000).'.'.str_pad($places, 2, '0');
    }

    /** @throws InvalidInput unless it is a number with at most four places; negative_rate */
    public static function parse(string $text): self
    {
        return self::checked(Decimals::parse($text, 4, 'rate'));
    }

    private static function checked(int $tenThousandths): self
    {
        return $tenThousandths < 0
            ? throw InvalidInput::because('negative_rate', 'rate', 'A rate of pay lies at 0 or above.', $tenThousandths)
            : new self($tenThousandths);
    }
}
