<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Subject;
use Illuminate\Support\Facades\DB;

/** Drops a failure that turned out to be none, or that is not over after all. */
final readonly class DropFailure
{
    public function __invoke(Subject $of): void
    {
        DB::table('failures')->where('kind', $of->kind)->where('subject_id', $of->id)->delete();
    }
}
