<?php

declare(strict_types=1);

namespace Sundial\Register;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/**
 * Something that holds until a day: a warranty, an insurance, a statutory examination, a calibration, a certificate.
 */
final readonly class Expiry
{
    public const MOST_WARNING = 730;

    private function __construct(public LocalDate $until, public LocalDate $warnFrom)
    {
    }

    /**
     * @param  LocalDate  $until  the last day on which it holds
     * @param  int  $warnDays  how many days before that somebody is warned, 0 to 730
     *
     * @throws InvalidInput out of range
     */
    public static function on(LocalDate $until, int $warnDays): self
    {
        if ($warnDays < 0 || $warnDays > self::MOST_WARNING) {
            throw InvalidInput::outside('warn_days', $warnDays, 0, self::MOST_WARNING);
        }

        return new self($until, $until->plusDays(-$warnDays));
    }

    public function state(LocalDate $today): ExpiryState
    {
        return match (true) {
            $today->isAfter($this->until) => ExpiryState::RunOut,
            ! $today->isBefore($this->warnFrom) => ExpiryState::RunningOut,
            default => ExpiryState::Holds,
        };
    }

    /**
     * The next one after a renewal. It has to hold longer than this one.
     *
     * @throws InvalidInput when it does not
     */
    public function renewedUntil(LocalDate $until, int $warnDays): self
    {
        if (! $until->isAfter($this->until)) {
            throw InvalidInput::because(
                'not_longer',
                'until',
                "A renewal holds longer than what it renews, which ran until {$this->until->inWords()}. ".
                    'Give a later day, or correct the old date.',
                (string) $until,
            );
        }

        return self::on($until, $warnDays);
    }
}
