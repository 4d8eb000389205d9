<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** Which part of the register a person sees: all of their sites, or (operators) the lines they belong to. */
final class Reach
{
    /** @var array<int, list<string>|null> */
    private array $known = [];

    public function __construct(private readonly CurrentSite $site)
    {
    }

    /** @return list<string>|null paths of the lines; null when nothing is hidden */
    public function lines(User $person): ?array
    {
        if ($person->may(Right::SeePlant)) {
            return null;
        }

        return $this->known[$person->id] ??= DB::table('location_operators as o')->join('locations as l', 'l.id', '=', 'o.location_id')->where('o.user_id', $person->id)->pluck('l.path')->all();
    }

    public function holds(User $person, Asset $asset): bool
    {
        $lines = $this->lines($person);

        return $this->site->holds($asset->site_id, $person->id)
            && ($lines === null || array_filter($lines, static fn (string $line): bool => str_starts_with($asset->path, $line)) !== []);
    }
}
