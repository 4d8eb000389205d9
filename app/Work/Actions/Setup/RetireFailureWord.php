<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Work\Models\FailureWord;
use Illuminate\Support\Facades\DB;

/** Offers a word no more; what was recorded with it keeps it. */
final readonly class RetireFailureWord
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, FailureWord $word): void
    {
        DB::transaction(function () use ($by, $word): void {
            $word->fill(['retired' => true])->save();
            $this->audit->record(
                $by,
                Subject::of('failure word', $word->id),
                "retired the word “{$word->word}” for {$word->kind->value}",
            );
        });
    }
}
