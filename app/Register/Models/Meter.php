<?php

declare(strict_types=1);

namespace App\Register\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Calendar\LocalDate;
use Sundial\Meters\Counter;
use Sundial\Meters\CounterStanding;
use Sundial\Meters\Gauge;
use Sundial\Meters\Rate;
use Sundial\Meters\RateFrom;
use Sundial\Support\Quantity;

/**
 * A counter on an asset, and how it stands.
 *
 * @property int $id
 * @property int $site_id
 * @property int $asset_id
 * @property string $name
 * @property string $unit
 * @property int $decimals
 * @property string|null $rolls_over_at
 * @property string|null $expected_per_year
 * @property int $window_days
 * @property string|null $last_at
 * @property string|null $last_on
 * @property string|null $last_shown
 * @property string|null $last_total
 * @property int|null $rate_units
 * @property int|null $rate_days
 * @property int|null $fast_units
 * @property int|null $fast_days
 * @property int|null $slow_units
 * @property int|null $slow_days
 * @property string $rate_from
 * @property string|null $since_on
 * @property string|null $since_total
 * @property string|null $stands_on
 * @property string $kind
 * @property string|null $low_limit
 * @property string|null $high_limit
 * @property string $hysteresis
 * @property string|null $beyond
 * @property int $version
 * @property-read Asset $asset
 */
final class Meter extends Record
{
    protected $table = 'meters';

    public const SETTINGS = [
        'name',
        'unit',
        'decimals',
        'rolls_over_at',
        'expected_per_year',
        'window_days',
        'kind',
        'low_limit',
        'high_limit',
        'hysteresis',
    ];

    public const COUNTER = 'counter';

    public const GAUGE = 'gauge';

    protected $guarded = [];

    protected $attributes = [
        'version' => 1,
        'decimals' => 0,
        'window_days' => 90,
        'rate_from' => 'nothing',
        'kind' => self::COUNTER,
        'hysteresis' => '0',
    ];

    /** @return BelongsTo<Asset, $this> */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class);
    }

    public function subject(): Subject
    {
        return Subject::of('meter', $this->id, $this->site_id);
    }

    public function counter(): Counter
    {
        $quantity = static fn (?string $text): ?int => $text === null ? null : Quantity::parse($text);

        return Counter::of(
            $quantity($this->rolls_over_at),
            $this->unit === 'h' ? 24000 : null,
            $quantity($this->expected_per_year),
            $this->window_days,
            $this->decimals,
        );
    }

    public function isGauge(): bool
    {
        return $this->kind === self::GAUGE;
    }

    public function gauge(): Gauge
    {
        $quantity = static fn (?string $text): ?int => $text === null ? null : Quantity::parse($text);

        return Gauge::of(
            $quantity($this->low_limit),
            $quantity($this->high_limit),
            Quantity::parse($this->hysteresis),
            $this->decimals,
        );
    }

    /** What may be said of it in a list beside what it shows: the rate of a counter, the limits of a gauge. */
    public function standingText(): string
    {
        if (! $this->isGauge()) {
            return $this->rateText();
        }
        $limits = implode(
            ' to ',
            array_filter([
                $this->low_limit === null ? null : $this->text($this->low_limit),
                $this->high_limit === null ? null : $this->text($this->high_limit),
            ]),
        );

        return match (true) {
            $this->beyond === 'high' => "above its limit of {$this->text($this->high_limit)}",
            $this->beyond === 'low' => "below its limit of {$this->text($this->low_limit)}",
            $limits === '' => 'no limits',
            default => $this->low_limit === null
                ? "at most {$limits}"
                : ($this->high_limit === null
                    ? "at least {$limits}"
                    : $limits),
        };
    }

    /** Its last total; 0 before its first reading. */
    public function total(): int
    {
        return Quantity::parse($this->last_total ?? '0');
    }

    /** A limit as it stands in a field. */
    public function typed(string $quantity): string
    {
        return Quantity::text(Quantity::parse($quantity), $this->decimals);
    }

    /** Whether it stands on a day on which it was read already. */
    public function stoodOn(LocalDate $day): bool
    {
        return $this->last_on === (string) $day &&
            $this->stands_on === $this->last_on &&
            ($this->since_on !== null || $this->rate_from !== RateFrom::Readings->value);
    }

    /** How it stands since the last reading; null before the first. */
    public function standing(): ?CounterStanding
    {
        if ($this->last_total === null || $this->last_on === null) {
            return null;
        }

        return CounterStanding::of(
            LocalDate::parse($this->last_on),
            Quantity::parse($this->last_total),
            self::rate($this->rate_units, $this->rate_days),
            RateFrom::from($this->rate_from),
            self::rate($this->fast_units, $this->fast_days),
            self::rate($this->slow_units, $this->slow_days),
            $this->since_on === null
                ? null
                : [LocalDate::parse($this->since_on), Quantity::parse((string) $this->since_total)],
        );
    }

    public function stand(?CounterStanding $standing, LocalDate $today): void
    {
        $pair = static fn (string $name, ?Rate $rate): array => [
            "{$name}_units" => $rate?->thousandths,
            "{$name}_days" => $rate?->days,
        ];
        $this->fill(
            [
                'stands_on' => (string) $today,
                'rate_from' => ($standing->from ?? RateFrom::Nothing)->value,
                'since_on' => $standing?->since === null ? null : (string) $standing->since[0],
                'since_total' => $standing?->since === null ? null : Quantity::plain($standing->since[1]),
            ] +
                $pair('rate', $standing?->rate) +
                $pair('fast', $standing?->fast) +
                $pair('slow', $standing?->slow),
        );
    }

    /** A total as this meter would show it, counted from its last reading. */
    public function shownAt(int $total): int
    {
        return $this->counter()->showsAt(
            $total,
            Quantity::parse((string) $this->last_total),
            Quantity::parse((string) $this->last_shown),
        );
    }

    /** A number of its units: "4 245 h". */
    public function text(int|string|null $quantity, ?int $decimals = null): string
    {
        return $quantity === null
            ? '—'
            : Quantity::text(
                is_string($quantity) ? Quantity::parse($quantity) : $quantity,
                $decimals ?? $this->decimals,
            ).
                    "\u{202f}".
                    $this->unit;
    }

    /** The rate per day: "15.2 h/d". */
    public function rateText(): string
    {
        $rate = self::rate($this->rate_units, $this->rate_days);

        return $rate === null ? 'no rate' : Quantity::text($rate->over(1), 1)."\u{202f}{$this->unit}/d";
    }

    private static function rate(?int $units, ?int $days): ?Rate
    {
        return $units === null || $days === null ? null : Rate::of($units, $days);
    }
}
