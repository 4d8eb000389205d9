<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Fields\FillFields;
use App\Platform\Writing\Seen;
use App\Stores\Models\Part;
use Illuminate\Support\Facades\DB;

/** Fills in what the plant added to its parts. */
final readonly class FillPartFields
{
    public function __construct(private FillFields $fill, private Audit $audit)
    {
    }

    /** @param  array<int, string>  $typed  by field; those that are not named stay as they are */
    public function __invoke(Actor $by, Part $part, array $typed, Seen $seen): void
    {
        DB::transaction(function () use ($by, $part, $typed, $seen): void {
            $part = Part::query()->lockForUpdate()->findOrFail($part->id);
            $changes = ($this->fill)($part->subject(), $part->class, $typed, $seen);
            if ($changes !== []) {
                $this->audit->record($by, $part->subject(), "filled in {$part->number}", $changes);
            }
        });
    }
}
