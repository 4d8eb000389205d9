<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Register\Models\Field;
use Illuminate\Support\Facades\DB;

/** Moves an extra field one place up or down among those in use: on sheets, in forms, tables and files. */
final readonly class MoveField
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Field $field, int $places): void
    {
        DB::transaction(function () use ($by, $field, $places): void {
            $ids = Field::query()
                ->where('retired', false)
                ->orderBy('position')
                ->orderBy('name')
                ->orderBy('id')
                ->lockForUpdate()
                ->pluck('id')
                ->all();
            $from = array_search($field->id, $ids, true);
            $to = is_int($from) ? $from + ($places <=> 0) : -1;
            if (! is_int($from) || $to < 0 || $to >= count($ids)) {
                return;
            }
            [$ids[$from], $ids[$to]] = [$ids[$to], $ids[$from]];
            foreach ($ids as $i => $id) {
                Field::query()
                    ->whereKey($id)
                    ->update(['position' => $i + 1]);
            }
            $this->audit->record(
                $by,
                Subject::of('field', $field->id),
                "moved field {$field->name} ".($places < 0 ? 'up' : 'down'),
            );
        });
    }
}
