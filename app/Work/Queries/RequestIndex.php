<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\People\Models\User;
use App\Work\Models\WorkRequest;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Sundial\Access\Right;
use Sundial\Work\Request\HowSoon;
use Sundial\Work\Request\RequestState;

/** The requests of a site: those that wait, the pressing and the oldest first; operators see their own. */
final readonly class RequestIndex
{
    public const PAGE = 60;

    public const WAITING = 'waiting';

    /** @return Collection<int, WorkRequest> one more than a page, if there is more */
    public function __invoke(int $siteId, User $person, string $state, string $q, int $page): Collection
    {
        $found = $state === self::WAITING
            ? $this->pressingFirst($this->found($siteId, $person, $state, $q))
            : $this->found($siteId, $person, $state, $q)->orderByDesc('received_at');

        return $found
            ->with(['asset:id,name,tag', 'location:id,name,tag', 'order'])
            ->withCount('voices')
            ->offset(self::PAGE * ($page - 1))
            ->limit(self::PAGE + 1)
            ->get()
            ->toBase();
    }

    public function count(int $siteId, User $person, string $state): int
    {
        return $this->found($siteId, $person, $state, '')->count();
    }

    /** @return Builder<WorkRequest> */
    public function waiting(int $siteId, User $person): Builder
    {
        return $this->pressingFirst($this->found($siteId, $person, self::WAITING, ''));
    }

    /**
     * @param  Builder<WorkRequest>  $found
     * @return Builder<WorkRequest>
     */
    private function pressingFirst(Builder $found): Builder
    {
        $order = array_column(HowSoon::pressingFirst(), 'value');
        $places = implode(', ', array_fill(0, count($order), '?'));

        return $found
            ->orderByRaw("field(how_soon, {$places})", $order)
            ->orderBy('received_at');
    }

    /** @return Builder<WorkRequest> */
    private function found(int $siteId, User $person, string $state, string $q): Builder
    {
        $like = '%'.addcslashes($q, '%_\\').'%';
        $isNumber = preg_match('/^r?-?(\d{1,15})$/iD', $q, $part) === 1;

        return WorkRequest::query()
            ->where('site_id', $siteId)
            ->when(! $person->may(Right::SeePlant, $siteId), static fn ($own) => $own->where('user_id', $person->id))
            ->when(
                $state === self::WAITING,
                static fn ($some) => $some->whereIn('state', [RequestState::Received, RequestState::AskedBack]),
            )
            ->when(
                RequestState::tryFrom($state) !== null && $state !== self::WAITING,
                static fn ($some) => $some->where('state', $state),
            )
            ->when($isNumber, static fn ($some) => $some->where('number', (int) ($part[1] ?? 0)))
            ->when(
                $q !== '' && ! $isNumber,
                static fn ($some) => $some->where(
                    static fn ($any) => $any
                        ->where('what', 'like', $like)
                        ->orWhere('symptom', 'like', $like)
                        ->orWhereRelation('asset', 'tag', 'like', $like)
                        ->orWhereRelation('asset', 'name', 'like', $like),
                ),
            );
    }
}
