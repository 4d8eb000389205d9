<?php

declare(strict_types=1);

namespace App\People\Pages;

use App\People\Models\Rate;
use App\People\Models\Team;
use App\People\Models\Trade;
use App\People\Models\User;
use App\People\Queries\Administering;
use App\Platform\Audit\Actor;
use App\Platform\Extension\Extensions;
use App\Platform\Subject;

/** What stands on the page of a person, or of a new one, for whoever administers them. */
final readonly class PersonPage
{
    public function __construct(private Administering $administering, private Extensions $extensions)
    {
    }

    /** @return array<string, mixed> */
    public function __invoke(Actor $by, ?User $person): array
    {
        $sites = $this->administering->sites($by);

        return [
            'person' => $person,
            'trades' => Trade::query()->orderBy('name')->get(),
            'sites' => $sites,
            'teams' => Team::query()->with('site')->whereIn('site_id', $sites->pluck('id'))->orderBy('name')->get(),
            'elsewhere' => $person !== null && $this->administering->isElsewhere($by, $person),
            'sections' => $person === null ? [] : $this->extensions->sections(Subject::of('person', $person->id)),
            'rates' => $person === null
                ? []
                : Rate::query()->where('user_id', $person->id)->orderByDesc('from_day')->get(),
        ];
    }
}
