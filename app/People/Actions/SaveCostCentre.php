<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\CostCentre;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use Illuminate\Support\Facades\DB;

/** Adds a cost centre, or changes its code or name. */
final readonly class SaveCostCentre
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(
        Actor $by,
        ?CostCentre $centre,
        string $code,
        string $name,
        ?int $version = null,
    ): CostCentre {
        return DB::transaction(function () use ($by, $centre, $code, $name, $version): CostCentre {
            $isNew = $centre === null;
            $centre = $isNew ? new CostCentre() : Versioned::lock($centre, $version);
            $before = $isNew ? [] : $centre->only(['code', 'name']);
            $centre->fill(['code' => $code, 'name' => $name]);
            if (! Versioned::save($centre)) {
                return $centre;
            }
            $this->audit->record(
                $by,
                Subject::of('cost centre', $centre->id),
                $isNew ? "added cost centre {$code}" : "changed cost centre {$code}",
                $isNew ? [] : Audit::difference($before, $centre->only(['code', 'name'])),
            );

            return $centre;
        });
    }
}
