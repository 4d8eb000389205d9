<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use App\Register\Models\Unit;
use Illuminate\Support\Facades\DB;

/** Adds a unit that is offered for meters and fields, or changes how it is written. */
final readonly class SaveUnit
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, ?Unit $unit, string $symbol, string $name, ?int $version = null): Unit
    {
        return DB::transaction(function () use ($by, $unit, $symbol, $name, $version): Unit {
            $isNew = $unit === null;
            $unit = $isNew ? new Unit() : Versioned::lock($unit, $version);
            $before = $isNew ? [] : $unit->only(['symbol', 'name']);
            $unit->fill(['symbol' => $symbol, 'name' => $name]);
            if (! Versioned::save($unit)) {
                return $unit;
            }
            $this->audit->record(
                $by,
                Subject::of('unit', $unit->id),
                $isNew ? "added unit {$symbol}" : "changed unit {$symbol}",
                $isNew ? [] : Audit::difference($before, $unit->only(['symbol', 'name'])),
            );

            return $unit;
        });
    }
}
