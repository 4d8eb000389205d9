<?php

declare(strict_types=1);

namespace App\Platform\Import;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Takes the last file of its kind back: all of it, or nothing when something that it made is in use by now. */
final readonly class TakeBackImport
{
    public function __construct(private ImportKinds $kinds, private Audit $audit, private Clock $clock)
    {
    }

    public function __invoke(Actor $by, string $id): Import
    {
        return DB::transaction(function () use ($by, $id): Import {
            $import = Import::query()->lockForUpdate()->findOrFail($id);
            if ($import->state === Import::TAKEN_BACK) {
                return $import;
            }
            if (Import::last($import->what, $import->site_id)?->id !== $id) {
                throw InvalidInput::because(
                    'not_last',
                    'file',
                    'Only the file that was loaded last can be taken back. Take back those that came after it first.',
                );
            }
            DB::table('sites')->where('id', $import->site_id)->lockForUpdate()->first();
            /** @var list<array{kind: string, id: int, did: string, before: array<string, string|null>,
             *     after: array<string, string|null>}> $did */
            $did = DB::table('import_traces')
                ->where('import_id', $id)
                ->orderByDesc('id')
                ->get()
                ->map(
                    static fn (object $line): array => [
                        'kind' => (string) $line->kind,
                        'id' => (int) $line->subject_id,
                        'did' => (string) $line->did,
                        'before' => (array) json_decode((string) $line->before, true),
                        'after' => (array) json_decode((string) $line->after, true),
                    ],
                )
                ->values()
                ->all();
            $this->kinds->find($import->what)?->takeBack($by, $import->site_id, $did);
            $import
                ->fill([
                    'state' => Import::TAKEN_BACK,
                    'taken_back_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
                    'failure' => null,
                ])
                ->save();
            $this->audit->record(
                $by,
                Subject::of('site', $import->site_id, $import->site_id),
                "took {$import->file_name} back",
            );

            return $import;
        });
    }
}
