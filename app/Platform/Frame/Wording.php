<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use App\Platform\Clock\Clock;
use App\Platform\Sites\CurrentSite;
use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Illuminate\Support\Str;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\CostSum;
use Sundial\Costing\UnitPrice;
use Sundial\Costing\WorkedTime;
use Sundial\Support\Money;
use Sundial\Support\Quantity;

/** Dates, durations, money and counts as people read them, at the site's zone and relative to its today. */
final readonly class Wording
{
    public const WEEKDAYS = [1 => 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

    public function __construct(private Clock $clock, private CurrentSite $site)
    {
    }

    public function today(): LocalDate
    {
        return $this->site->today();
    }

    /** 24 Nov, or 24 Nov 2027 outside this half-year; an instant stands for its day at the site. */
    public function day(LocalDate|string|null $day): string
    {
        return $day === null || $day === ''
            ? '—'
            : self::dayFrom($this->today(), is_string($day) ? $this->dayOf($day) : $day);
    }

    private function dayOf(string $day): LocalDate
    {
        return LocalDate::parse(strlen($day) > 10 ? $this->local($day)->format('Y-m-d') : $day);
    }

    /** The same where nobody is logged in: seen from a day. */
    public static function dayFrom(LocalDate $today, LocalDate $day): string
    {
        $text = "{$day->day} {$day->monthInWords()}";

        return abs($today->daysUntil($day)) > 180 ? "{$text} {$day->year}" : $text;
    }

    public function weekday(LocalDate|string $day): string
    {
        $day = is_string($day) ? LocalDate::parse($day) : $day;

        return self::WEEKDAYS[$day->weekday()].' '.$this->day($day);
    }

    /** From one day to another, or the one day that both are. */
    public function weekdays(string $from, string $to): string
    {
        return $from === $to ? $this->weekday($from) : $this->weekday($from).' to '.$this->weekday($to);
    }

    /** in 12 d, tomorrow, today, yesterday, 6 d ago; an instant stands for its day at the site. */
    public function relative(LocalDate|string $day): string
    {
        if (is_string($day)) {
            $day = $this->dayOf($day);
        }
        $days = $this->today()->daysUntil($day);

        return match (true) {
            $days === 0 => 'today',
            $days === 1 => 'tomorrow',
            $days === -1 => 'yesterday',
            $days > 0 => "in {$days} d",
            default => -$days.' d ago',
        };
    }

    /** An instant at the site: today 05:50, yesterday 14:10, 24 Nov 06:00. */
    public function instant(DateTimeInterface|string|null $at): string
    {
        if ($at === null) {
            return '—';
        }
        $local = $this->local($at);
        $day = LocalDate::parse($local->format('Y-m-d'));
        $word = abs($this->today()->daysUntil($day)) <= 1 ? $this->relative($day) : $this->day($day);

        return "{$word} {$local->format('H:i')}";
    }

    public function local(DateTimeInterface|string $at): DateTimeImmutable
    {
        $at = is_string($at)
            ? new DateTimeImmutable($at, new DateTimeZone('UTC'))
            : DateTimeImmutable::createFromInterface($at);

        return $at->setTimezone($this->site->get()->zone());
    }

    public function now(): DateTimeImmutable
    {
        return $this->local($this->clock->now());
    }

    /** 45 min, 1 h, 3.5 h; what is no quarter of an hour with its minutes: 1 h 20 min. */
    public function minutes(int $minutes): string
    {
        if ($minutes >= 60 && $minutes % 15 !== 0) {
            return number_format(intdiv($minutes, 60), 0, '.', "\u{202f}").' h '.$minutes % 60 .' min';
        }

        return $minutes < 60
            ? "{$minutes} min"
            : rtrim(rtrim(number_format($minutes / 60, 2, '.', "\u{202f}"), '0'), '.').' h';
    }

    /** How long something has gone on: 45 min, 2 h 10 min, 3 d 4 h. */
    public function lasting(int $minutes): string
    {
        return match (true) {
            $minutes < 60 => "{$minutes} min",
            $minutes < 1440 => intdiv($minutes, 60).
                ' h'.
                ($minutes % 60 === 0 ? '' : ' '.$minutes % 60 .' min'),
            default => intdiv($minutes, 1440).
                ' d'.
                (intdiv($minutes % 1440, 60) === 0 ? '' : ' '.intdiv($minutes % 1440, 60).' h'),
        };
    }

    /** Hours to one place: 85.9 h. */
    public function hours(int $minutes): string
    {
        return number_format($minutes / 60, 1, '.', "\u{202f}").' h';
    }

    /** A time as it stands in a field: 2:30. */
    public function typedTime(int $minutes): string
    {
        return WorkedTime::typed($minutes);
    }

    /** An amount as it stands in a field: 1204.50. */
    public function typedMoney(int $cents): string
    {
        return Money::plain($cents);
    }

    public function money(int $cents): string
    {
        $sign = $cents < 0 ? '−' : '';

        return $sign.
            number_format(intdiv(abs($cents), 100), 0, '.', "\u{202f}").
            '.'.
            str_pad((string) (abs($cents) % 100), 2, '0', STR_PAD_LEFT).
            ' '.
            $this->site->get()->currency;
    }

    /** A sum of costs: what is known of it, and that something is not. */
    public function cost(CostSum $sum): string
    {
        return match (true) {
            $sum->isEmpty() => '—',
            $sum->isKnown() => $this->money($sum->cents),
            $sum->cents === 0 => 'unknown',
            default => "{$this->money($sum->cents)} and {$sum->unknown} unknown",
        };
    }

    /** A quantity as people read it: "2", "0.25". */
    public function quantity(string|int|float|null $quantity): string
    {
        return Quantity::words(Quantity::parse((string) ($quantity ?? '0')));
    }

    /** A quantity in thousandths as people read it: 2500 is "2.5". */
    public function thousandths(int $quantity): string
    {
        return Quantity::words($quantity);
    }

    /** A price of one unit, with two places at least and as many as it has: "6.3333", "12.50". */
    public function price(string $price): string
    {
        return UnitPrice::parse($price)->plain();
    }

    /** A value of a log as people read it: a day or an instant in words, yes or no, the number of lines of a list. */
    public function logged(mixed $value): string
    {
        return match (true) {
            $value === null => 'nothing',
            is_bool($value) => $value ? 'yes' : 'no',
            is_array($value) => $this->count(count($value), 'line'),
            is_string($value) && preg_match('/^\d{4}-\d\d-\d\d$/D', $value) === 1 => $this->day($value),
            is_string($value) &&
            preg_match('/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d(\.\d+)?$/D', $value) === 1 => $this->instant($value),
            is_scalar($value) => Str::limit((string) $value, 80, '…'),
            default => 'changed',
        };
    }

    /** A whole number, its thousands apart. */
    public static function number(int $count): string
    {
        return number_format($count, 0, '.', "\u{202f}");
    }

    /** The size of a file: "1.5 MB", "12 kB". */
    public function size(int $bytes): string
    {
        $mega = 1_048_576;

        return $bytes >= $mega ? round($bytes / $mega, 1).' MB' : max(1, intdiv($bytes, 1024)).' kB';
    }

    /** 1 order, 14 orders. */
    public function count(int $count, string $one, ?string $many = null): string
    {
        return self::number($count).' '.($count === 1 ? $one : $many ?? "{$one}s");
    }

    /** A count that was not taken further than so many: 2000+. */
    public function upTo(int $count, int $most): string
    {
        return $count > $most ? self::number($most).'+' : self::number($count);
    }
}
