<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\FailureWord;
use Illuminate\Support\Collection;
use Sundial\Work\Failure\FailureKind;

/** The words by which a failure is told: those of a class first, then those of all. */
final readonly class FailureWordsOf
{
    private const OFFERED = 7;

    /** @return array<string, list<string>> by kind */
    public function __invoke(?int $classId): array
    {
        $words = $this->standing($classId)->groupBy(static fn (FailureWord $word): string => $word->kind->value);
        $by = [];
        foreach (FailureKind::cases() as $kind) {
            $by[$kind->value] = array_values(array_unique(($words[$kind->value] ?? collect())->pluck('word')->all()));
        }

        return $by;
    }

    /** @return Collection<int, FailureWord> those of a class alone, or those of all */
    public function ofClass(?int $classId): Collection
    {
        return $this->standing($classId)->where('class_id', $classId)->values();
    }

    /** @return list<string> what one taps to report something: the class's own words, or those of all */
    public function symptoms(?int $classId): array
    {
        $words = $this->standing($classId)->where('kind', FailureKind::Symptom);
        $own = $words->whereNotNull('class_id');

        return array_values(
            ($own->isEmpty() ? $words : $own->concat($words->whereNull('class_id')))
                ->pluck('word')
                ->unique()
                ->take(self::OFFERED)
                ->all(),
        );
    }

    /** @return Collection<int, FailureWord> */
    private function standing(?int $classId): Collection
    {
        return FailureWord::query()
            ->where('retired', false)
            ->where(static fn ($any) => $any->whereNull('class_id')->orWhere('class_id', $classId))
            ->orderByRaw('class_id IS NULL')
            ->orderByDesc('usual')
            ->orderBy('position')
            ->orderBy('id')
            ->get()
            ->toBase();
    }
}
