<?php

declare(strict_types=1);

namespace App\Work\Queries;

use Illuminate\Support\Facades\DB;

/** Whether an asset has any of what few have: one statement asks for all of it, once in a request. */
final class AssetHolds
{
    private const ASKED = [
        'requests' => 'SELECT 1 FROM requests WHERE asset_id = ?',
        'restrictions' => 'SELECT 1 FROM restrictions WHERE asset_id = ? AND lifted_at IS NULL',
        'points' => 'SELECT 1 FROM isolation_points WHERE asset_id = ?',
    ];

    /** @var array<int, array<string, bool>> by asset */
    private array $known = [];

    /** @param  key-of<self::ASKED>  $what */
    public function has(int $assetId, string $what): bool
    {
        if (! isset($this->known[$assetId])) {
            $query = DB::query();
            foreach (self::ASKED as $key => $sql) {
                $query->selectRaw("EXISTS ({$sql}) as {$key}", [$assetId]);
            }
            $this->known[$assetId] = array_map(
                static fn (mixed $found): bool => (int) $found === 1,
                (array) $query->first(),
            );
        }

        return $this->known[$assetId][$what] ?? false;
    }
}
