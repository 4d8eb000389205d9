<?php

declare(strict_types=1);

namespace App\Platform\Fields;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;

/** Asks for a field no more; what records hold stays and comes back with it. */
final readonly class RetireField
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, RecordField $field): void
    {
        DB::transaction(function () use ($by, $field): void {
            $field->fill(['retired' => true])->save();
            $this->audit->record(
                $by,
                Subject::of("{$field->kind} fields", 1),
                "retired the field “{$field->name}” of {$field->kind}s",
            );
        });
    }
}
