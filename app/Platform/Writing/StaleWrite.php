<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use Illuminate\Database\Eloquent\Model;
use RuntimeException;

/** Somebody else saved the record since this form was opened. Carries what stands there now. */
final class StaleWrite extends RuntimeException
{
    private function __construct(public readonly Model $record, string $message)
    {
        parent::__construct($message);
    }

    public static function of(Model $record): self
    {
        return new self(
            $record,
            'Somebody else saved this in the meantime. Nothing of theirs or yours is lost: what stands there now '.
                'is shown beside what you typed. Look, then save again.',
        );
    }
}
