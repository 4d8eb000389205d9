<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\People\Queries\PeopleLists;
use App\People\Queries\PeopleOf;
use App\Planning\Queries\OrderTypes;
use App\Planning\Queries\PlanningLists;
use App\Platform\Sites\Site;
use App\Platform\Sites\SiteDays;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Register\Queries\WhereByLabel;
use App\Work\Queries\OpenOn;
use App\Work\Queries\OrderByLabel;
use App\Work\Queries\PriorityRules;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Work\OrderType;
use Sundial\Work\Request\HowSoon;

/** The form from which an order is raised, filled in from what is known: asset or place, method, former order. */
final readonly class RaisePage
{
    public function __construct(
        private WhereByLabel $find,
        private OrderByLabel $former,
        private PriorityRules $rules,
        private PeopleLists $people,
        private PeopleOf $peopleOf,
        private PlanningLists $planning,
        private OrderTypes $types,
        private OpenOn $open,
        private SiteDays $days,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(Site $site, string $tag, ?int $methodId, string $copyOf): array
    {
        $former = $copyOf === '' ? null : ($this->former)($site->id, $copyOf);
        $where = $former?->worksite() ?? ($this->find)($site->id, $tag);
        $asset = $where instanceof Asset ? $where : null;
        $method = $methodId === null ? null : $this->planning->method($methodId);
        $table = $this->rules->table();
        $today = $this->days->today($site->id);
        $priority = $former->priority ?? $table->proposed(HowSoon::CanWait, $asset?->criticality);
        $type = $former?->type->name ?? $method?->inForce->order_type ?? OrderType::CORRECTIVE;

        return [
            'title' => $former->title ?? $method?->name,
            'about' => $former?->about,
            'asset' => $where?->tag,
            'former' => $former,
            'types' => $this->types->offered($type),
            'type' => $type,
            'team' => $former->team_id ?? $asset?->team_id,
            'priority' => $priority,
            'due' => $table->due($priority, $today),
            'teams' => $this->people->teams($site->id),
            'people' => $this->peopleOf->with(Right::WorkOnOwnOrders, $site->id),
            'methods' => $this->planning->methodsInForce(),
            'method' => $method?->id,
            ...$this->waits($where, $today),
        ];
    }

    /** @return array<string, mixed> what else waits there */
    public function waits(Asset|Location|null $where, LocalDate $today): array
    {
        return [
            'waitingAt' => $where,
            'waitingRequests' => $where === null ? collect() : $this->open->requests($where),
            'openOrders' => $where === null ? collect() : $this->open->orders($where),
            'offers' => $where === null ? [] : $this->open->visits($where, $today),
            'today' => $today,
        ];
    }
}
