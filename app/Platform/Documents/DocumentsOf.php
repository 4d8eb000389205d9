<?php

declare(strict_types=1);

namespace App\Platform\Documents;

use App\Platform\Subject;
use Illuminate\Database\Eloquent\Collection;

/** The documents that stand on a record; asked once in a request, though several parts of a sheet show them. */
final class DocumentsOf
{
    /** @var array<string, Collection<int, Document>> */
    private array $known = [];

    /** @return Collection<int, Document> */
    public function subject(Subject $subject): Collection
    {
        return $this->known["{$subject->kind} {$subject->id}"] ??= Document::ofSubject($subject)->get();
    }
}
