<?php

declare(strict_types=1);

namespace Sundial\Calendar;

use Sundial\Support\InvalidInput;

/** One entry of BYDAY (RFC 5545): a weekday, or its nth in the month or year (-1 is the last). */
final readonly class WeekdayPick
{
    private const CODES = ['MO' => 1, 'TU' => 2, 'WE' => 3, 'TH' => 4, 'FR' => 5, 'SA' => 6, 'SU' => 7];

    private function __construct(public int $weekday, public ?int $nth)
    {
    }

    /** @throws InvalidInput unless weekday is 1 (Monday) to 7 and nth, where given, -53 to 53 and not 0 */
    public static function of(int $weekday, ?int $nth = null): self
    {
        if ($weekday < 1 || $weekday > 7) {
            throw InvalidInput::outside('weekday', $weekday, 1, 7);
        }
        if ($nth === 0 || ($nth !== null && abs($nth) > 53)) {
            throw InvalidInput::outside('nth', $nth, -53, 53);
        }

        return new self($weekday, $nth);
    }

    /** @throws InvalidInput unless the text is such as MO, 1MO or -1FR */
    public static function parse(string $text): self
    {
        if (preg_match('/^([+-]?\d{1,2})?(MO|TU|WE|TH|FR|SA|SU)$/D', $text, $part) !== 1) {
            throw InvalidInput::because(
                'invalid_rule',
                'BYDAY',
                "“{$text}” is no weekday of a rule. Write MO, or 1MO for the first Monday.",
                $text,
            );
        }

        return self::of(self::CODES[$part[2]], $part[1] === '' ? null : (int) $part[1]);
    }

    /** MO, 1MO, -1FR. */
    public function code(): string
    {
        return ($this->nth ?? '').array_search($this->weekday, self::CODES, true);
    }

    /** The weekday number of a bare code: 1 for MO. */
    public static function weekdayOf(string $code): int
    {
        return self::parse($code)->weekday;
    }
}
