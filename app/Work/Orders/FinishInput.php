<?php

declare(strict_types=1);

namespace App\Work\Orders;

use DateTimeImmutable;
use DateTimeZone;
use Sundial\Work\FinishAnswer;

/** What the form of a finish holds. */
final readonly class FinishInput
{
    /** How its fields may be filled in. */
    public const RULES = [
        'finished_at' => ['required', 'date_format:Y-m-d\TH:i'],
        'finding' => ['nullable', 'string', 'max:5000'],
        'readings' => ['nullable', 'array'],
        'readings.*' => ['nullable', 'string', 'max:20'],
        'turn' => ['nullable', 'array'],
        'turn.*' => ['nullable', 'in:confirmed,rolled over,replaced'],
        'runs_again' => ['nullable', 'boolean'],
        'taken' => ['nullable', 'array', 'max:200'],
        'taken.*' => ['nullable', 'string', 'max:20'],
        'old_final' => ['nullable', 'array'],
        'old_final.*' => ['nullable', 'string', 'max:20'],
    ];

    /**
     * @param  array<int, array{shown: string, turn: string, old_final: string|null}>  $readings  by meter
     * @param  array<int, string>  $taken  how many of each planned part were used, by line
     * @param  FinishAnswer  $answer  whether what is questioned was said to be right
     * @param  DateTimeImmutable|null  $runsFrom  when the machine runs again; null: nothing is said of that
     */
    public function __construct(
        public DateTimeImmutable $at,
        public ?string $finding,
        public array $readings,
        public FinishAnswer $answer,
        public array $taken = [],
        public ?DateTimeImmutable $runsFrom = null,
    ) {
    }

    /**
     * As it was typed; times are those of the site's clocks.
     *
     * @param  array<string, mixed>  $given  by the rules
     */
    public static function typed(array $given, DateTimeZone $zone, FinishAnswer $answer): self
    {
        $readings = [];
        foreach ($given['readings'] ?? [] as $id => $shown) {
            if (trim((string) $shown) !== '') {
                $readings[(int) $id] = [
                    'shown' => (string) $shown,
                    'turn' => (string) ($given['turn'][$id] ?? ''),
                    'old_final' => $given['old_final'][$id] ?? null,
                ];
            }
        }

        $at = (new DateTimeImmutable($given['finished_at'], $zone))->setTimezone(new DateTimeZone('UTC'));

        return new self(
            $at,
            $given['finding'] ?? null,
            $readings,
            $answer,
            array_filter(
                array_map(static fn (mixed $typed): string => trim((string) $typed), $given['taken'] ?? []),
                static fn (string $typed): bool => $typed !== '',
            ),
            (bool) ($given['runs_again'] ?? false) ? $at : null,
        );
    }
}
