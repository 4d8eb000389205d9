<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Method;
use App\Planning\Models\MethodRevision;
use Sundial\Support\InvalidInput;

/** The revision of a method from which one thing is changed at once: that in force, where no draft waits. */
final readonly class RevisionToChange
{
    /** @throws InvalidInput draft, not_in_force */
    public function __invoke(Method $method): MethodRevision
    {
        $draft = $method->draft()->value('number');
        if ($draft !== null) {
            throw InvalidInput::because(
                'draft',
                'parts',
                "Revision {$draft} of {$method->name} is a draft. Write it there, or put the draft in force or throw ".
                    'it away first.',
            );
        }

        return $method->inForce()->with(MethodRevision::WHOLE)->first() ??
            throw InvalidInput::because('not_in_force', 'parts', "{$method->name} is not in force yet.");
    }
}
