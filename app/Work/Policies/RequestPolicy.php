<?php

declare(strict_types=1);

namespace App\Work\Policies;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Work\Models\WorkRequest;
use Sundial\Access\Right;

/** Who sees a request, who decides on it. */
final readonly class RequestPolicy
{
    public function __construct(private CurrentSite $site)
    {
    }

    /** Whoever sees the plant, and whoever reported it. */
    public function view(User $person, WorkRequest $request): bool
    {
        return $this->site->holds($request->site_id, $person->id) &&
            ($person->may(Right::SeePlant, $request->site_id) || $request->user_id === $person->id);
    }

    /** Planners and supervisors always; and the team that is responsible for the asset. */
    public function review(User $person, WorkRequest $request): bool
    {
        return $this->site->holds($request->site_id, $person->id) &&
            ($person->may(Right::PlanOrders, $request->site_id) || $this->isResponsible($person, $request));
    }

    /** Make it an order, or part of one that stands. */
    public function accept(User $person, WorkRequest $request): bool
    {
        return $this->site->holds($request->site_id, $person->id) &&
            $person->may(Right::PlanOrders, $request->site_id);
    }

    /** Hang files on it, or draw on its photo. */
    public function update(User $person, WorkRequest $request): bool
    {
        return $this->review($person, $request);
    }

    private function isResponsible(User $person, WorkRequest $request): bool
    {
        return $person->may(Right::WorkOnOwnOrders, $request->site_id) &&
            $request->asset?->team_id !== null &&
            in_array($request->asset->team_id, $person->teamIds(), true);
    }
}
