<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Register\Models\Asset;
use Illuminate\Contracts\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** Which part of the register a person sees: all of their sites, or (operators) the lines they belong to. */
final class VisibleLines
{
    /** @var array<int, list<string>|null> */
    private array $known = [];

    public function __construct(private readonly CurrentSite $site)
    {
    }

    /** @return list<string>|null paths of the lines; null when nothing is hidden */
    public function lines(User $person, ?int $siteId = null): ?array
    {
        if ($person->may(Right::SeePlant, $siteId)) {
            return null;
        }

        return $this->known[$person->id] ??= array_values(DB::table('location_operators as o')
            ->join('locations as l', 'l.id', '=', 'o.location_id')
            ->where('o.user_id', $person->id)
            ->pluck('l.path')
            ->all());
    }

    /**
     * Leaves in a query only what stands on the lines of a person.
     *
     * @param  string  $path  the column that holds the path of the asset
     * @param  int|null  $siteId  at which site; null: at the one being looked at
     */
    public function within(Builder $query, User $person, string $path, ?int $siteId = null): void
    {
        self::onLines($query, $this->lines($person, $siteId), $path);
    }

    /** @param  list<string>|null  $lines  paths of the lines; null: nothing is hidden */
    public static function onLines(Builder $query, ?array $lines, string $path): void
    {
        if ($lines === null) {
            return;
        }
        $query->where(static function (Builder $any) use ($lines, $path): void {
            $any->whereRaw('1 = 0');
            foreach ($lines as $line) {
                $any->orWhere($path, 'like', "{$line}%");
            }
        });
    }

    public function holds(User $person, Asset $asset): bool
    {
        $lines = $this->lines($person, $asset->site_id);

        return $this->site->holds($asset->site_id, $person->id) &&
            ($lines === null ||
                array_filter($lines, static fn (string $line): bool => str_starts_with($asset->path, $line)) !== []);
    }
}
