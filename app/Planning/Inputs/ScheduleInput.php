<?php

declare(strict_types=1);

namespace App\Planning\Inputs;

use App\Planning\Models\Schedule;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** What is said of a schedule, by the fields of its form; made of a form, a row of a file, or another schedule. */
final readonly class ScheduleInput
{
    /**
     * @param  array<string, mixed>  $fields  as they came
     * @param  array<string, mixed>  $facts  as a schedule keeps them
     */
    private function __construct(private array $fields, public array $facts)
    {
    }

    /**
     * @param  array<string, mixed>  $fields
     *
     * @throws InvalidInput if an amount is none
     */
    public static function of(array $fields): self
    {
        return new self($fields, self::who($fields) + self::rule($fields) + self::triggers($fields));
    }

    /** @throws InvalidInput if an amount is none */
    public static function fromJson(string $json): self
    {
        return self::of(json_decode($json, true, 16, JSON_THROW_ON_ERROR));
    }

    public function json(): string
    {
        return json_encode($this->fields, JSON_THROW_ON_ERROR);
    }

    /**
     * The same, with some fields said anew.
     *
     * @param  array<string, mixed>  $fields
     *
     * @throws InvalidInput if an amount is none
     */
    public function with(array $fields): self
    {
        return self::of($fields + $this->fields);
    }

    public function firstDay(): ?LocalDate
    {
        $typed = $this->word('anchor_on');

        return $typed === null ? null : LocalDate::parse($typed, 'anchor_on');
    }

    /** The day on which it was last done; null if it is not known. */
    public function lastDone(): ?string
    {
        return $this->word('last_done_on');
    }

    /** What the counter showed when it was last done; null: what it showed on that day, or shows now. */
    public function usageLast(): ?string
    {
        return $this->word('usage_last');
    }

    public function roundId(): ?int
    {
        return self::number($this->fields, 'round_id');
    }

    public function meterId(): ?int
    {
        return self::number($this->fields, 'meter_id');
    }

    public function gaugeId(): ?int
    {
        return self::number($this->fields, 'gauge_id');
    }

    /** The number of the first visit in its ladder; null: as it stands. */
    public function ladderStart(): ?int
    {
        return self::number($this->fields, 'ladder_start');
    }

    private function word(string $field): ?string
    {
        $typed = (string) ($this->fields[$field] ?? '');

        return $typed === '' ? null : $typed;
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed> what it is called, who does it, and how its orders begin
     */
    private static function who(array $fields): array
    {
        return [
            'name' => (string) $fields['name'],
            'method_id' => (int) $fields['method_id'],
            'team_id' => self::number($fields, 'team_id'),
            'lead' => (int) $fields['lead'],
            'lead_unit' => (string) ($fields['lead_unit'] ?? 'days'),
            'near_days' => self::number($fields, 'near_days'),
            'tolerance_days' => self::number($fields, 'tolerance_days'),
            'approve_at_once' => (bool) ($fields['approve_at_once'] ?? false),
            'statutory' => (bool) ($fields['statutory'] ?? false),
            'ends_on' => ($fields['ends_on'] ?? '') ?: null,
            'last_done_on' => ($fields['last_done_on'] ?? '') ?: null,
            'anchor_on' => (string) (($fields['anchor_on'] ?? '') ?: $fields['last_done_on'] ?? ''),
        ];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed> how it recurs by the calendar
     */
    private static function rule(array $fields): array
    {
        $rule = self::kind($fields);
        $days = array_map(intval(...), (array) ($fields[$rule === Schedule::NTH ? 'nth_weekday' : 'weekdays'] ?? []));
        $months = array_map(intval(...), (array) ($fields['months'] ?? []));
        $plain = ! in_array($rule, [Schedule::WEEKDAYS, Schedule::NTH], true);
        // On chosen weekdays a late visit moves nothing: the next one is on the next of them.
        $shares = $plain || self::meter($fields) !== null;

        return [
            'rule' => $rule,
            'every' => (int) ($fields['every'] ?? 0) ?: 1,
            'unit' => match ($rule) {
                Schedule::WEEKDAYS => 'weeks',
                Schedule::NTH => 'months',
                default => (string) ($fields['unit'] ?? 'days'),
            },
            'weekdays' => $plain ? null : implode(',', $days),
            'nth' => $rule === Schedule::NTH ? (int) $fields['nth'] : null,
            'months' => $months === [] || count($months) === 12 ? null : implode(',', $months),
            'non_working' => (string) ($fields['non_working'] ?? 'keep'),
            'late_share' => $shares ? (int) ($fields['late_share'] ?? 0) : 0,
            'early_share' => $shares ? (int) ($fields['early_share'] ?? 0) : 0,
            'least_gap' => (int) ($fields['least_gap'] ?? 0),
        ];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed> what it counts on a meter, and beyond which value of a gauge it falls due
     */
    private static function triggers(array $fields): array
    {
        $gauge = self::number($fields, 'gauge_id');
        $meter = self::meter($fields);

        return [
            'gauge_id' => $gauge,
            'condition_beyond' => $gauge === null ? null : (string) ($fields['condition_beyond'] ?? 'high'),
            'condition_limit' => $gauge === null ? null : self::amount($fields, 'condition_limit'),
            'condition_readings' => $gauge === null ? null : max(1, (int) ($fields['condition_readings'] ?? 1)),
            'condition_hysteresis' => $gauge === null ? null : self::amount($fields, 'condition_hysteresis'),
            'meter_id' => $meter,
            'usage_every' => $meter === null
                ? null
                : Quantity::plain(Quantity::parse((string) ($fields['usage_every'] ?? ''), 'usage_every')),
        ];
    }

    /** @param  array<string, mixed>  $fields */
    private static function kind(array $fields): string
    {
        return (string) ($fields['rule'] ?? Schedule::INTERVAL);
    }

    /** @param  array<string, mixed>  $fields */
    private static function meter(array $fields): ?int
    {
        return self::kind($fields) === Schedule::CONDITION ? null : self::number($fields, 'meter_id');
    }

    /** @param  array<string, mixed>  $fields */
    private static function number(array $fields, string $field): ?int
    {
        $typed = $fields[$field] ?? '';

        return $typed === '' ? null : (int) $typed;
    }

    /** @param  array<string, mixed>  $fields */
    private static function amount(array $fields, string $field): string
    {
        $typed = (string) ($fields[$field] ?? '');

        return Quantity::plain(Quantity::parse($typed === '' ? '0' : $typed, $field));
    }
}
