<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Round;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Adds a round, or names it anew. */
final readonly class SaveRound
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, ?Round $round, int $siteId, string $name, ?int $version = null): Round
    {
        return DB::transaction(function () use ($by, $round, $siteId, $name, $version): Round {
            if (
                Round::query()
                    ->where('site_id', $siteId)
                    ->where('name', $name)
                    ->whereKeyNot($round->id ?? 0)
                    ->exists()
            ) {
                throw InvalidInput::because(
                    'name_taken',
                    'name',
                    "There is a round “{$name}” already. Give this one another name.",
                    $name,
                );
            }
            $old = $round?->name;
            $round = $round === null ? new Round(['site_id' => $siteId]) : Versioned::lock($round, $version);
            $round->fill(['name' => $name]);
            if (! Versioned::save($round)) {
                return $round;
            }
            $this->audit->record(
                $by,
                $round->subject(),
                $old === null ? "added the round {$name}" : "named the round {$name}",
                Audit::difference(['name' => $old], ['name' => $name]),
            );

            return $round;
        });
    }
}
