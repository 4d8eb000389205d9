<?php

declare(strict_types=1);

namespace App\Register\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Register\Expiry;
use Sundial\Register\ExpiryState;

/**
 * The expiry dates of a site, of the people who belong to it and of the suppliers of the plant, first to run out first,
 * with the names of what they are about.
 */
final class ExpiryList
{
    public const MOST = 300;

    /**
     * @param  array{state?: string|null, what?: string|null}  $filter
     * @return list<stdClass> with name, tag, href and state
     */
    public function of(int $siteId, LocalDate $today, array $filter = [], int $most = self::MOST): array
    {
        $query = $this->standing($siteId)
            ->leftJoin(
                'assets as a',
                static fn ($join) => $join->on('a.id', '=', 'e.subject_id')->where('e.kind', 'asset'),
            )
            ->leftJoin(
                'users as u',
                static fn ($join) => $join->on('u.id', '=', 'e.subject_id')->where('e.kind', 'person'),
            )
            ->leftJoin(
                'suppliers as s',
                static fn ($join) => $join->on('s.id', '=', 'e.subject_id')->where('e.kind', 'supplier'),
            );
        match ($filter['state'] ?? '') {
            ExpiryState::RunOut->value => $query->where('e.until', '<', (string) $today),
            ExpiryState::RunningOut->value => $query
                ->where('e.until', '>=', (string) $today)
                ->where('e.warn_from', '<=', (string) $today),
            ExpiryState::Holds->value => $query->where('e.warn_from', '>', (string) $today),
            default => null,
        };
        if (($filter['what'] ?? '') !== '') {
            $query->where('e.what', 'like', '%'.addcslashes((string) $filter['what'], '%_\\').'%');
        }

        return array_values(
            $query
                ->orderBy('e.until')
                ->orderBy('e.id')
                ->limit($most)
                ->get(['e.*', 'a.tag', DB::raw('COALESCE(a.name, u.name, s.name) as name')])
                ->map(static function (object $row) use ($today): object {
                    $row->state = Expiry::on(LocalDate::parse($row->until), (int) $row->warn_days)->state($today);
                    $row->days = $today->daysUntil(LocalDate::parse($row->until));
                    $row->href = match ($row->kind) {
                        'asset' => "/assets/{$row->subject_id}#expiry",
                        'supplier' => "/suppliers/{$row->subject_id}#expiry",
                        default => null,
                    };

                    return $row;
                })
                ->values()
                ->all(),
        );
    }

    public function standing(int $siteId): Builder
    {
        return DB::table('expiry_dates as e')
            ->whereNull('e.ended_at')
            ->where(
                static fn (Builder $any) => $any
                    ->where('e.site_id', $siteId)
                    ->orWhere('e.kind', 'supplier')
                    ->orWhere(
                        static fn (Builder $people) => $people
                            ->where('e.kind', 'person')
                            ->whereIn(
                                'e.subject_id',
                                DB::table('user_sites')->where('site_id', $siteId)->select('user_id'),
                            ),
                    ),
            );
    }
}
