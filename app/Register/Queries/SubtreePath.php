<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Platform\Subject;
use Illuminate\Support\Facades\DB;

/** The path below which everything inside an asset or a location stands; asked once in a request. */
final class SubtreePath
{
    /** @var array<string, string> */
    private array $known = [];

    public function path(Subject $subject): string
    {
        return $this->known["{$subject->kind} {$subject->id}"] ??=
            DB::table($subject->kind === 'asset' ? 'assets' : 'locations')
                ->where('id', $subject->id)
                ->value('path').'%';
    }

    /** Told beforehand by whoever has the record at hand. */
    public function know(Subject $subject, string $path): void
    {
        $this->known["{$subject->kind} {$subject->id}"] = $path.'%';
    }
}
