<?php

declare(strict_types=1);

namespace App\Platform\Import;

use App\Platform\Audit\Actor;
use Illuminate\Support\Facades\DB;
use Sundial\Import\Plan;

/** Does what a file would do and takes it back, so that it tells exactly what would be refused. */
final readonly class TryImport
{
    public function __construct(private ImportKinds $kinds)
    {
    }

    /** The plan of the file with everything that would be refused. */
    public function __invoke(Actor $by, Import $import): Plan
    {
        $kind = $this->kinds->find($import->what) ?? abort(404);
        $plan = $kind->plan($import->site_id, $import->sheet($kind));
        if ($plan->problems !== [] || ! $kind->isTried() || $plan->work() === 0) {
            return $plan;
        }
        $trace = new Trace($import->noteRows(...));
        DB::beginTransaction();
        try {
            $kind->load($by, $import->site_id, $plan, $trace);
        } finally {
            DB::rollBack();
        }

        return $plan->refusing($trace->refused);
    }
}
