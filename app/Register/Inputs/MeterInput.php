<?php

declare(strict_types=1);

namespace App\Register\Inputs;

use App\Register\Models\Meter;
use Sundial\Import\CellKind;
use Sundial\Import\Column;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** What is said of a meter. */
final readonly class MeterInput
{
    public const NUMBERS = ['rolls_over_at', 'expected_per_year', 'low_limit', 'high_limit', 'hysteresis'];

    /** @param  array<string, string|null>  $numbers  exact, with three places, by their names */
    private function __construct(
        public string $name,
        public string $unit,
        public int $decimals,
        public int $windowDays,
        public ?string $kind,
        private array $numbers,
    ) {
    }

    /**
     * @param  array{name: string, unit: string, decimals?: int|string, rolls_over_at?: string|null,
     *     expected_per_year?: string|null, window_days?: int|string, kind?: string|null, low_limit?: string|null,
     *     high_limit?: string|null, hysteresis?: string|null}  $fields
     *
     * @throws InvalidInput if a number is none
     */
    public static function of(array $fields): self
    {
        $numbers = [];
        foreach (self::NUMBERS as $field) {
            $typed = (string) ($fields[$field] ?? '');
            $numbers[$field] = $typed === '' ? null : Quantity::plain(Quantity::parse($typed, $field));
        }

        return new self(
            $fields['name'],
            $fields['unit'],
            (int) ($fields['decimals'] ?? 0),
            (int) ($fields['window_days'] ?? 90),
            $fields['kind'] ?? null,
            $numbers,
        );
    }

    /** @return array<string, string|int|null> as a meter of a kind keeps them; only a gauge has limits */
    public function facts(string $kind): array
    {
        $isGauge = $kind === Meter::GAUGE;

        return [
            'name' => $this->name,
            'unit' => $this->unit,
            'decimals' => $this->decimals,
            'window_days' => $this->windowDays,
            'rolls_over_at' => $this->numbers['rolls_over_at'],
            'expected_per_year' => $this->numbers['expected_per_year'],
            'kind' => $kind,
            'low_limit' => $isGauge ? $this->numbers['low_limit'] : null,
            'high_limit' => $isGauge ? $this->numbers['high_limit'] : null,
            'hysteresis' => $isGauge ? $this->numbers['hysteresis'] ?? '0' : '0',
        ];
    }

    /** @return list<Column> what a meter holds, as a file names it; its name stands there as "meter" */
    public static function columns(): array
    {
        $columns = [
            Column::text('meter', 80)->needed(),
            Column::choice('kind', [Meter::COUNTER, Meter::GAUGE]),
            Column::text('unit', 12),
            Column::whole('decimals', 0, 3),
        ];
        foreach (self::NUMBERS as $number) {
            $columns[] = Column::of($number, CellKind::Number);
        }

        return [...$columns, Column::whole('window_days', 14, 999)];
    }
}
