<?php

declare(strict_types=1);

namespace App\Platform\Documents;

use App\Platform\Subject;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Hangs what hangs on a record that is merged away on the one that is kept; the main photo of that one stays. */
final readonly class TakeOverDocuments
{
    public function __invoke(Subject $gone, Subject $kept): void
    {
        $hasMain = self::of($kept)->where('main', true)->whereNull('removed_at')->exists();
        self::of($gone)->update(['subject_id' => $kept->id] + ($hasMain ? ['main' => false] : []));
    }

    private static function of(Subject $subject): Builder
    {
        return DB::table('documents')->where('kind', $subject->kind)->where('subject_id', $subject->id);
    }
}
