<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Stores\Models\Part;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Allows that a part is taken instead of another, or takes the proposal away. */
final readonly class DecideAlternative
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Part $part, Part $other, bool $allow): void
    {
        DB::transaction(function () use ($by, $part, $other, $allow): void {
            $row = DB::table('alternatives')->where('part_id', $part->id)->where('other_id', $other->id);
            if ((clone $row)->lockForUpdate()->doesntExist()) {
                throw InvalidInput::because('gone', 'other', 'Nobody proposes that any more.');
            }
            $allow ? $row->update(['allowed' => 1, 'allowed_who' => $by->name]) : $row->delete();
            $this->audit->record(
                $by,
                $part->subject(),
                ($allow ? 'allowed' : 'took away')." {$other->number} {$other->name} instead of {$part->number}",
                [],
                null,
                [$other->subject()],
            );
        });
    }
}
