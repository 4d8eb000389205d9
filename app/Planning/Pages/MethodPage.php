<?php

declare(strict_types=1);

namespace App\Planning\Pages;

use App\People\Queries\PeopleLists;
use App\People\Queries\PeopleOf;
use App\Planning\Models\Method;
use App\Planning\Models\MethodLabour;
use App\Planning\Models\MethodRevision;
use App\Planning\Queries\HandsOf;
use App\Planning\Queries\PlanningLists;
use App\Planning\Queries\VisitCosts;
use App\Platform\Access\Rights;
use App\Platform\Audit\LogQuery;
use App\Platform\Extension\Extensions;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use Sundial\Access\Right;
use Sundial\Planning\Ladder\Ladder;
use Sundial\Planning\Method\MethodTime;

/** The sheet of a method: what is done by whom and with what, and below it where it is used and what came of it. */
final readonly class MethodPage
{
    public function __construct(
        private CurrentSite $site,
        private PlanningLists $planning,
        private PeopleLists $people,
        private PeopleOf $names,
        private HandsOf $hands,
        private VisitCosts $costs,
        private Extensions $extensions,
        private LogQuery $log,
    ) {
    }

    /** @return array<string, mixed> what is done */
    public function __invoke(Method $method): array
    {
        $revision = $method->inForce ?? $method->draft;
        $revision?->load([...MethodRevision::WHOLE, 'labour.trade']);
        $siteId = $this->site->id();

        return [
            'method' => $method,
            'revision' => $revision,
            'draft' => $method->draft,
            'time' => self::time($revision),
            'visitCosts' => $revision !== null && Rights::has(Right::SeeCosts)
                ? ($this->costs)($revision, $this->site->get()->currency, $this->site->today())
                : [],
            'ladder' => Ladder::parse((string) $revision?->ladder),
            'hands' => $this->hands->methods($siteId, $method->id)[$method->id] ?? null,
            'teams' => $this->people->teams($siteId),
            'people' => $this->names->names($siteId),
            'site' => $this->site->get(),
        ];
    }

    /** @return array<string, mixed> where it is used, and how it came to be */
    public function rest(Method $method): array
    {
        $subject = Subject::of('method', $method->id, $this->site->id());

        return [
            'method' => $method,
            'revisions' => $method->revisions()->get(),
            'schedules' => $this->planning->schedulesOf($method, $this->site->id()),
            'sections' => $this->extensions->sections($subject),
            'log' => $this->log->of(Subject::of('method', $method->id), $this->site->get()->zone()),
        ];
    }

    private static function time(?MethodRevision $revision): MethodTime
    {
        return MethodTime::of(
            array_values($revision?->steps->pluck('minutes')->all() ?? []),
            array_values(
                $revision?->labour
                    ->map(static fn (MethodLabour $line): array => [$line->trade_id, $line->people, $line->minutes])
                    ->all() ?? [],
            ),
        );
    }
}
