<?php

declare(strict_types=1);

namespace App\Platform\Import;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Import\Plan;
use Sundial\Import\RowOutcome;

/** Loads a file that was checked: all of it or, when one row is refused, nothing. A second press finds it loaded. */
final readonly class LoadImport
{
    public function __construct(private ImportKinds $kinds, private Audit $audit, private Clock $clock)
    {
    }

    /**
     * @param  int|null  $work how many rows the check said it would make or change; if it is another number by
     *     now, nothing is loaded
     */
    public function __invoke(Actor $by, string $id, ?int $work = null): Import
    {
        return DB::transaction(function () use ($by, $id, $work): Import {
            $import = Import::query()->lockForUpdate()->findOrFail($id);
            if ($import->state === Import::LOADED || $import->state === Import::TAKEN_BACK) {
                return $import;
            }
            DB::table('sites')->where('id', $import->site_id)->lockForUpdate()->first();
            $kind = $this->kinds->find($import->what) ?? abort(404);
            $plan = $kind->plan($import->site_id, $import->sheet($kind));
            if ($plan->problems !== [] || ($work !== null && $plan->work() !== $work)) {
                throw ValidationException::withMessages([
                    'file' => 'Nothing was loaded: '.
                        ($plan->problems === []
                            ? 'the register has changed since the check. See what the file would do now.'
                            : 'the file has problems. See them in the check.'),
                ]);
            }
            $trace = $this->carryOut($by, $import, $kind, $plan);
            $now = $this->clock->now()->format('Y-m-d H:i:s.u');
            $import
                ->fill([
                    'state' => Import::LOADED,
                    'loaded_at' => $now,
                    'loaded_as' => 1 + (int) Import::query()->where('site_id', $import->site_id)->max('loaded_as'),
                    'made' => count($plan->that(RowOutcome::Make)),
                    'changed' => count($plan->that(RowOutcome::Change)),
                    'failure' => null,
                ])
                ->save();
            foreach (array_chunk($trace->did, 500) as $lines) {
                DB::table('import_traces')->insert(
                    array_map(
                        static fn (array $line): array => [
                            'import_id' => $id,
                            'kind' => $line['kind'],
                            'subject_id' => $line['id'],
                            'did' => $line['did'],
                            'before' => json_encode($line['before'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                            'after' => json_encode($line['after'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                        ],
                        $lines,
                    ),
                );
            }
            $this->audit->record(
                $by,
                Subject::of('site', $import->site_id, $import->site_id),
                "loaded {$import->file_name}: {$import->made} made, {$import->changed} changed (".
                    mb_strtolower($kind->title()).
                    ')',
            );

            return $import;
        });
    }

    private function carryOut(Actor $by, Import $import, ImportKind $kind, Plan $plan): Trace
    {
        $trace = new Trace($import->noteRows(...));
        $kind->load($by, $import->site_id, $plan, $trace);
        if ($trace->refused !== []) {
            $first = $trace->refused[0];
            throw ValidationException::withMessages([
                'file' => "Nothing was loaded. Row {$first['row']}, {$first['column']}: {$first['message']}",
            ]);
        }

        return $trace;
    }
}
