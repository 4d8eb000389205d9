<?php

declare(strict_types=1);

namespace App\Platform\Documents;

use App\Platform\Subjects;
use Illuminate\Contracts\Auth\Access\Authorizable;

/** Who sees a document sees its record; who writes it may write its record. */
final readonly class DocumentPolicy
{
    public function __construct(private Subjects $subjects)
    {
    }

    public function view(Authorizable $person, Document $document): bool
    {
        $record = $this->subjects->find($document->kind, $document->subject_id);

        return $record !== null && $person->can('view', $record);
    }

    public function update(Authorizable $person, Document $document): bool
    {
        $record =
            $document->removed_at === null ? $this->subjects->find($document->kind, $document->subject_id) : null;

        return $record !== null && $person->can('update', $record);
    }
}
