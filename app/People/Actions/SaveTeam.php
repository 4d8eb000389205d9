<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\Team;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use Illuminate\Support\Facades\DB;

/** Adds a team to a site, or renames one. */
final readonly class SaveTeam
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, ?Team $team, int $siteId, string $name, ?int $version = null): Team
    {
        return DB::transaction(function () use ($by, $team, $siteId, $name, $version): Team {
            $isNew = $team === null;
            $team = $isNew ? new Team(['site_id' => $siteId]) : Versioned::lock($team, $version);
            $before = $isNew ? [] : $team->only(['name']);
            $team->name = $name;
            if (! Versioned::save($team)) {
                return $team;
            }
            $this->audit->record(
                $by,
                Subject::of('team', $team->id, $team->site_id),
                $isNew ? "added team {$name}" : "renamed team to {$name}",
                Audit::difference($before, ['name' => $name]),
            );

            return $team;
        });
    }
}
