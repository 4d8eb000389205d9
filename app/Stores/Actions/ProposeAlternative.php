<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Stores\Models\Part;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Says that one part could be taken instead of another, one way or both; whoever may has to allow it first. */
final readonly class ProposeAlternative
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Part $part, Part $other, bool $bothWays, ?string $note): void
    {
        if ($part->id === $other->id) {
            throw InvalidInput::because('same', 'other', 'Name another part.');
        }
        DB::transaction(function () use ($by, $part, $other, $bothWays, $note): void {
            $ways = $bothWays ? [[$part->id, $other->id], [$other->id, $part->id]] : [[$part->id, $other->id]];
            foreach ($ways as [$one, $instead]) {
                DB::table('alternatives')->insertOrIgnore([
                    'part_id' => $one,
                    'other_id' => $instead,
                    'note' => $note,
                    'proposed_who' => $by->name,
                ]);
            }
            $this->audit->record(
                $by,
                $part->subject(),
                "proposed {$other->number} {$other->name} instead of {$part->number}".($bothWays ? ', both ways' : ''),
                [],
                $note,
                [$other->subject()],
            );
        });
    }
}
