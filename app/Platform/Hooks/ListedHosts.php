<?php

declare(strict_types=1);

namespace App\Platform\Hooks;

use Illuminate\Support\Facades\DB;

/** Machines of one's own network that may be told, as a plant administrator listed them. */
final readonly class ListedHosts
{
    /** @return list<string> */
    public function all(): array
    {
        return array_values(
            DB::table('webhook_hosts')
                ->orderBy('host')
                ->pluck('host')
                ->map(static fn (mixed $one): string => (string) $one)
                ->all(),
        );
    }
}
