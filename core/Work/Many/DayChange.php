<?php

declare(strict_types=1);

namespace Sundial\Work\Many;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** A day that many get, or days by which each of theirs is shifted: "2026-03-31", "+7", "-2". */
final readonly class DayChange
{
    private const MOST = 3660;

    private function __construct(private ?LocalDate $day, private int $shift)
    {
    }

    /** @throws InvalidInput invalid_date, or days_too_many */
    public static function parse(string $typed, string $field): self
    {
        $typed = str_replace(["\u{2212}", ' '], ['-', ''], trim($typed));
        if (preg_match('/^([+-])(\d{1,6})$/D', $typed, $found) !== 1) {
            return new self(LocalDate::parse($typed, $field), 0);
        }
        $days = (int) $found[2];
        if ($days > self::MOST) {
            throw InvalidInput::because('days_too_many', $field, 'At most ten years of days, such as +7.', $typed);
        }

        return new self(null, $found[1] === '-' ? -$days : $days);
    }

    /** @return LocalDate|null what a day becomes; null where there is none to be shifted */
    public function from(?LocalDate $day): ?LocalDate
    {
        return $this->day ?? $day?->plusDays($this->shift);
    }

    public function words(): string
    {
        return match (true) {
            $this->day !== null => (string) $this->day,
            $this->shift >= 0 => "{$this->shift} d later",
            default => -$this->shift.' d earlier',
        };
    }
}
