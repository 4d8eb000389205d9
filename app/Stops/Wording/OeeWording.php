<?php

declare(strict_types=1);

namespace App\Stops\Wording;

use App\Platform\Frame\Wording;
use App\Stops\Queries\OeeSum;
use DateTimeImmutable;
use Sundial\Stops\Oee;

/** Effectiveness in words: shares with one decimal, and minutes. */
final readonly class OeeWording
{
    public function __construct(private Wording $words)
    {
    }

    /** What it is added up by, as one says it. */
    public function key(string $by, string $key): string
    {
        return match ($by) {
            'day' => $this->words->day($key),
            'month' => (new DateTimeImmutable("{$key}-01"))->format('F Y'),
            default => $key,
        };
    }

    public function percent(?float $share): string
    {
        return $share === null ? '–' : number_format(100 * $share, 1).' %';
    }

    /** One of another; nothing where that is 0. */
    public function shareOf(float $part, int $whole): string
    {
        return $this->percent($whole === 0 ? null : $part / $whole);
    }

    public function minutes(float $minutes): string
    {
        return number_format(abs($minutes) < 0.5 ? 0.0 : $minutes, 0, '.', "\u{00A0}");
    }

    /** With its sign: what is lost more, or less. */
    public function difference(float $minutes): string
    {
        $rounded = round($minutes);

        return $rounded === 0.0
            ? 'the same'
            : $this->minutes(abs($rounded)).($rounded > 0 ? ' min more' : ' min less');
    }

    /** What is known of the time that was wanted; nothing is said where all of it is. */
    public function covered(?float $share): ?string
    {
        return match (true) {
            $share === null => null,
            $share >= 0.9995 => null,
            $share === 0.0 => 'nothing is entered',
            default => $this->percent($share).' of the time is covered',
        };
    }

    /** What one percent is: minutes, and what they are worth. */
    public function onePercent(OeeSum $sum): ?string
    {
        if ($sum->oee->planned === 0) {
            return null;
        }
        $minutes = $sum->oee->planned / 6000;
        $cents = $sum->cents($minutes);

        return 'One percent is '.$this->minutes($minutes).' min'.
            ($cents === null ? '' : ", {$this->words->money($cents)}");
    }

    /** Where more was made than the ideal rate allows, it is the rate that is wrong. */
    public function above(Oee $oee, ?string $idealSeconds): ?string
    {
        if (! $oee->isAboveIdeal()) {
            return null;
        }
        $fits = $idealSeconds === null ? null : $oee->idealThatFits($idealSeconds);

        return 'Performance is above 100 %: the ideal rate is set too low'.
            ($fits === null
                ? '.'
                : '. '.number_format($fits, 2).' s a piece would explain it; '.
                    number_format((float) $idealSeconds, 2).' s is set.');
    }
}
