<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Method;
use App\Register\Models\Asset;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * The library of methods: found by code, name, what a step says, class, and whether anything uses them; those that
 * suit an asset come first.
 */
final class MethodIndex
{
    private const MOST = 200;

    /**
     * @param  array<string, mixed>  $given  q, class, asset (a tag), usage
     * @return array{methods: Collection<int, Method>, given: array<string, string>, total: int,
     *     suits: Asset|null, most: int}
     */
    public function __invoke(int $siteId, array $given): array
    {
        $given = array_filter($given, static fn (mixed $value): bool => is_string($value) && $value !== '');
        $like = '%'.addcslashes($given['q'] ?? '', '%_\\').'%';
        $asset = isset($given['asset'])
            ? Asset::query()->where('site_id', $siteId)->where('tag', $given['asset'])->first()
            : null;
        $inStep = static fn (Builder $query): Builder => $query->whereIn(
            'id',
            DB::table('method_steps as s')
                ->join('method_revisions as r', 'r.id', '=', 's.revision_id')
                ->where('r.state', '<>', 'superseded')
                ->where('s.text', 'like', $like)
                ->select('r.method_id'),
        );
        $used = DB::table('schedules')->where('ended', false)->select('method_id');
        $methods = Method::query()
            ->with(['class', 'inForce:id,method_id,number', 'draft:id,method_id,number'])
            ->withCount(['schedules' => static fn (Builder $query): Builder => $query->where('ended', false)])
            ->when(
                isset($given['q']),
                static fn (Builder $query): Builder => $query->where(
                    static fn (Builder $any): Builder => $any
                        ->where('name', 'like', $like)
                        ->orWhere('code', 'like', $like)
                        ->orWhere($inStep),
                ),
            )
            ->when(
                isset($given['class']),
                static fn (Builder $query): Builder => $query->where('class_id', (int) $given['class']),
            )
            ->when(
                ($given['usage'] ?? '') === 'used',
                static fn (Builder $query): Builder => $query->whereIn('id', $used),
            )
            ->when(
                ($given['usage'] ?? '') === 'unused',
                static fn (Builder $query): Builder => $query->whereNotIn('id', $used),
            )
            ->when(
                ($given['usage'] ?? '') === 'draft',
                static fn (Builder $query): Builder => $query->whereHas('draft'),
            )
            ->when(
                $asset !== null,
                static fn (Builder $query): Builder => $query
                    ->orderByRaw('class_id <=> ? DESC', [$asset?->class_id])
                    ->orderByRaw('class_id IS NULL DESC'),
            )
            ->orderBy('code')
            ->limit(self::MOST)
            ->get();

        return [
            'methods' => $methods,
            'given' => $given,
            'total' => Method::query()->count(),
            'suits' => $asset,
            'most' => self::MOST,
        ];
    }
}
