<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Method;
use App\Planning\Models\MethodRevision;
use App\Planning\Models\Round;
use App\Planning\Models\Schedule;
use Illuminate\Support\Collection;

/** Methods, rounds and schedules that forms and pages of planning look up. */
final readonly class PlanningLists
{
    private const MOST = 200;

    /** @return Collection<int, Method> those with a revision in force, by code */
    public function methodsInForce(): Collection
    {
        return Method::query()
            ->whereHas('inForce')
            ->orderBy('code')
            ->get(['id', 'code', 'name'])
            ->toBase();
    }

    /** @param  list<string>  $with */
    public function method(int $id, array $with = []): ?Method
    {
        return Method::query()->with($with)->find($id);
    }

    public function methodByCode(string $code): ?Method
    {
        return Method::query()->where('code', $code)->first();
    }

    public function methodName(int $id): string
    {
        return (string) Method::query()->whereKey($id)->value('name');
    }

    /** What a file of a method holds: the revision in force, or the draft of one that never was. */
    public function toTell(Method $method): MethodRevision
    {
        return $method->inForce()->with([...MethodRevision::WHOLE, 'labour.trade'])->first() ??
            $method->draft()->with([...MethodRevision::WHOLE, 'labour.trade'])->firstOrFail();
    }

    /** What the next change of a method begins with: its draft, or the revision in force. */
    public function toChange(Method $method): MethodRevision
    {
        return $method->draft()->with(MethodRevision::WHOLE)->first() ??
            $method->inForce()->with(MethodRevision::WHOLE)->firstOrFail();
    }

    /** @return Collection<string, int> numbers of the revisions of a method by their state */
    public function revisions(int $methodId): Collection
    {
        return MethodRevision::query()->where('method_id', $methodId)->pluck('number', 'state');
    }

    /** @return Collection<int, Schedule> of a method at a site, the next due first */
    public function schedulesOf(Method $method, int $siteId): Collection
    {
        return Schedule::standings()
            ->where('method_id', $method->id)
            ->where('schedule_standings.site_id', $siteId)
            ->with('asset')
            ->orderBy('ended')
            ->orderBy('next_due_on')
            ->limit(60)
            ->get()
            ->toBase();
    }

    /** @return Collection<int, Round> with their stations counted and what is scheduled on them */
    public function rounds(int $siteId): Collection
    {
        return Round::query()
            ->where('site_id', $siteId)
            ->withCount('stations')
            ->with(['schedules' => static fn ($query) => $query->where('ended', false)])
            ->orderBy('name')
            ->limit(self::MOST)
            ->get()
            ->toBase();
    }

    public function round(int $siteId, int $id): ?Round
    {
        return Round::query()->where('site_id', $siteId)->find($id);
    }

    /** Of any site: whoever asks has just written it. */
    public function schedule(int $id): Schedule
    {
        return Schedule::query()->findOrFail($id);
    }

    public function scheduleOn(int $assetId, int $id): Schedule
    {
        return Schedule::query()->where('asset_id', $assetId)->findOrFail($id);
    }
}
