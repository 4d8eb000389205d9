<?php

declare(strict_types=1);

namespace App\Work\Actions\Fields;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Work\Models\OrderField;
use Illuminate\Support\Facades\DB;

/** Asks for a field of orders no more; what they hold stays and comes back with it. */
final readonly class RetireOrderField
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, OrderField $field): void
    {
        DB::transaction(function () use ($by, $field): void {
            $field->fill(['retired' => true])->save();
            $this->audit->record($by, Subject::of('order fields', 1), "retired the field “{$field->name}” of orders");
        });
    }
}
