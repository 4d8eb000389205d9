<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Work\Models\FailureWord;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Work\Failure\FailureKind;

/** Adds a word by which failures are told, or retires one: what was recorded with it stays. */
final readonly class SaveFailureWord
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, FailureKind $kind, ?int $classId, string $word): FailureWord
    {
        return DB::transaction(function () use ($by, $kind, $classId, $word): FailureWord {
            $words = FailureWord::query()->where('kind', $kind)->where('class_id', $classId);
            $standing = (clone $words)->where('word', $word)->lockForUpdate()->first();
            if ($standing !== null && ! $standing->retired) {
                throw ValidationException::withMessages(['word' => "“{$word}” stands there already."]);
            }
            $one = $standing ?? new FailureWord(['kind' => $kind, 'class_id' => $classId, 'word' => $word]);
            $one->fill(['retired' => false, 'position' => $one->position ?? 1 + (int) $words->max('position')])->save();
            $this->audit->record(
                $by,
                Subject::of('failure word', $one->id),
                "added the word “{$word}” for {$kind->value}",
            );

            return $one;
        });
    }
}
