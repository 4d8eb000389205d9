<?php

declare(strict_types=1);

namespace App\Planning\Pages;

use App\People\Models\Team;
use App\Planning\Models\Method;
use App\Planning\Models\Round;
use App\Planning\Models\Schedule;
use App\Planning\Wording\ScheduleWording;
use App\Register\Models\Asset;
use App\Register\Models\Meter;
use Illuminate\Support\Collection;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\Unit;

/** The form of a schedule: what may be chosen in it, and what stands in each field. */
final readonly class ScheduleForm
{
    /**
     * @param  Collection<string, Collection<int, Method>>  $suiting  methods by the class for which they are
     * @param  Collection<int, Team>  $teams
     * @param  Collection<int, Asset>  $alike  others of its class
     * @param  Collection<int, Meter>  $meters  of the asset and of what it stands in
     * @param  array<string, mixed>|null  $typed  what was typed, where nothing is saved yet
     */
    public function __construct(
        public Asset $asset,
        public Schedule $schedule,
        public ?Round $round,
        public Collection $suiting,
        public Collection $teams,
        public Collection $alike,
        private Collection $meters,
        private ?array $typed,
        public SchedulePreviewShown $preview,
    ) {
    }

    /** What stands in a field: what was sent and refused, else what was typed, else what is kept. */
    public function get(string $name, mixed $else = null): mixed
    {
        return old($name, $this->typed($name) ?? ($this->schedule->getAttributes()[$name] ?? $else));
    }

    public function typed(string $name, mixed $else = null): mixed
    {
        return $this->typed[$name] ?? $else;
    }

    /** A quantity without the zeros behind it. */
    public function quantity(string $name): string
    {
        $kept = (string) $this->get($name);

        return str_contains($kept, '.') ? rtrim(rtrim($kept, '0'), '.') : $kept;
    }

    /** @return list<int> */
    public function ticked(string $name): array
    {
        $kept = $this->schedule->getAttributes()[$name] ?? null;

        $shown = (array) old($name, $this->typed($name) ?? Schedule::numbers($kept));

        return array_map(intval(...), array_values($shown));
    }

    public function nthWeekday(): int
    {
        return (int) old(
            'nth_weekday',
            $this->typed('nth_weekday') ?? (Schedule::numbers($this->schedule->weekdays)[0] ?? 1),
        );
    }

    public function isApproved(bool $sentBack): bool
    {
        return (bool) match (true) {
            $sentBack => old('approve_at_once'),
            $this->typed !== null => $this->typed('approve_at_once'),
            default => $this->schedule->approve_at_once,
        };
    }

    /** Whether the visit of its ladder with which it begins can still be said. */
    public function asksLadderStart(): bool
    {
        return ! $this->schedule->exists || $this->schedule->standing->next_number === $this->schedule->ladder_start;
    }

    /** @return Collection<int, Meter> */
    public function counters(): Collection
    {
        return $this->meters->reject(static fn (Meter $meter): bool => $meter->isGauge())->values();
    }

    /** @return Collection<int, Meter> */
    public function gauges(): Collection
    {
        return $this->meters->filter(static fn (Meter $meter): bool => $meter->isGauge())->values();
    }

    /** The counter that stands chosen: the only one of a new schedule, where none was chosen. */
    public function counterId(): string
    {
        $counters = $this->counters();
        $only = ! $this->schedule->exists && $counters->count() === 1 ? $counters[0]?->id : null;

        return (string) ($this->get('meter_id') ?? $only);
    }

    /** Whether it is put on this asset as well. */
    public function isAlso(int $assetId): bool
    {
        return in_array((string) $assetId, array_map(strval(...), (array) $this->typed('also', [])), true);
    }

    /** @return array<int, string> */
    public function nth(): array
    {
        return ScheduleWording::NTH;
    }

    /** @return array<int, string> */
    public function weekdays(): array
    {
        return ScheduleWording::WEEKDAYS;
    }

    /** @return array<int, string> */
    public function months(): array
    {
        return LocalDate::MONTHS;
    }

    /** @return array<string, string> */
    public function moves(): array
    {
        return ScheduleWording::MOVES;
    }

    /** @return list<string> */
    public function units(): array
    {
        return array_column(Unit::cases(), 'value');
    }

    /** @return array<int, string> */
    public function shares(): array
    {
        return [
            0 => '0 %: keep to the plan',
            25 => '25 %',
            50 => '50 %',
            75 => '75 %',
            100 => '100 %: count from completion',
        ];
    }
}
