<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\Planning\Api\ScheduleShape;
use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Queries\OutlookQuery;
use App\Planning\Queries\SchedulesAsked;
use App\Platform\Api\ApiSites;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use App\Register\Queries\RegisterLists;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** Schedules, their visits and the outlook, for programs. */
final class ApiScheduleController
{
    public function __construct(
        private readonly ApiSites $sites,
        private readonly ScheduleShape $shape,
        private readonly Clock $clock,
        private readonly SchedulesAsked $asked,
        private readonly RegisterLists $register,
    ) {
    }

    public function index(Request $request): JsonResponse
    {
        $given = $request->validate([
            'site' => ['string'],
            'tag' => ['string', 'max:40'],
            'nearness' => ['in:clear,near,due,late,in hand'],
            'after' => ['integer'],
            'limit' => ['integer', 'between:1,500'],
        ]);
        $limit = (int) ($given['limit'] ?? 100);
        $schedules = ($this->asked)(
            $this->sites->listed(Right::SeePlant, $given['site'] ?? null),
            $given,
            $limit + 1,
        );

        return new JsonResponse([
            'data' => $schedules->take($limit)->map($this->shape->of(...))->values(),
            'next' => $schedules->count() > $limit
                    ? '/api/v1/schedules?'.http_build_query(['after' => $schedules[$limit - 1]->id] + $given)
                    : null,
        ]);
    }

    public function show(Schedule $schedule): JsonResponse
    {
        return new JsonResponse($this->shape->of($schedule));
    }

    /** What became of its visits, the last first. */
    public function visits(Request $request, Schedule $schedule): JsonResponse
    {
        $given = $request->validate(['before' => ['integer'], 'limit' => ['integer', 'between:1,500']]);
        $limit = (int) ($given['limit'] ?? 100);
        $visits = $this->asked->visits($schedule, isset($given['before']) ? (int) $given['before'] : null, $limit + 1);

        return new JsonResponse([
            'data' => $visits
                ->take($limit)
                ->map(fn (Visit $visit): array => $this->shape->visit($visit, $schedule))
                ->values(),
            'next' => $visits->count() > $limit
                    ? "/api/v1/schedules/{$schedule->id}/visits?".
                        http_build_query(['before' => $visits[$limit - 1]->number] + $given)
                    : null,
        ]);
    }

    /** Every visit to come of a site or an asset between two days. */
    public function outlook(Request $request, OutlookQuery $outlook): JsonResponse
    {
        $given = $request->validate([
            'site' => ['required', 'string'],
            'tag' => ['string', 'max:40'],
            'from' => ['date_format:Y-m-d'],
            'to' => ['required', 'date_format:Y-m-d'],
            'after' => ['regex:/^\d{4}-\d{2}-\d{2} \d+$/'],
            'limit' => ['integer', 'between:1,1000'],
        ]);
        $site = $this->sites->named($given['site']);
        $asset = isset($given['tag'])
            ? $this->register->assetByTag($site->id, $given['tag']) ??
                throw InvalidInput::because('no_asset', 'tag', "There is no asset “{$given['tag']}” at this site.")
            : null;
        [$from, $to] = [
            LocalDate::parse($given['from'] ?? (string) $site->dayOf($this->clock->now()), 'from'),
            LocalDate::parse($given['to'], 'to'),
        ];
        if ($to->isBefore($from) || $from->daysUntil($to) > 1830) {
            throw InvalidInput::because(
                'reach',
                'to',
                'The outlook reaches from its first day up to five years on.',
            );
        }
        $after = isset($given['after']) ? explode(' ', $given['after']) : null;
        $page = $outlook->page(
            $asset?->subject() ?? Subject::of('site', $site->id, $site->id),
            $from,
            $to->plusDays(1),
            $after === null ? null : [$after[0], (int) $after[1]],
            (int) ($given['limit'] ?? 200),
        );

        return new JsonResponse([
            'data' => array_map(
                static fn (stdClass $visit): array => [
                    'schedule_id' => (int) $visit->schedule_id,
                    'schedule' => $visit->name,
                    'asset_id' => (int) $visit->asset_id,
                    'tag' => $visit->tag,
                    'planned_on' => $visit->planned_on,
                    'expected' => (bool) $visit->expected,
                    'early_on' => $visit->early_on,
                    'late_on' => $visit->late_on,
                    'level' => (int) $visit->level,
                    'minutes' => (int) $visit->minutes,
                    'in_hand' => $visit->in_hand,
                ],
                $page['rows'],
            ),
            'next' => $page['more'] === null
                    ? null
                    : '/api/v1/outlook?'.http_build_query(['after' => implode(' ', $page['more'])] + $given),
        ]);
    }
}
