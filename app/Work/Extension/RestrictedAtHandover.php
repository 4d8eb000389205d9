<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Frame\Wording;
use App\Stops\Extension\ToldAtHandover;
use Illuminate\Support\Facades\DB;
use stdClass;

/** At a handover: machines that run on with a restriction. */
final readonly class RestrictedAtHandover implements ToldAtHandover
{
    private const MOST = 40;

    public function __construct(private Wording $words)
    {
    }

    public function position(): int
    {
        return 15;
    }

    public function title(): string
    {
        return 'Restricted';
    }

    public function lines(int $siteId): array
    {
        return array_values(DB::table('restrictions as r')
            ->join('assets as a', 'a.id', '=', 'r.asset_id')
            ->where('r.site_id', $siteId)
            ->whereNull('r.lifted_at')
            ->orderBy('r.set_at')
            ->limit(self::MOST)
            ->get(['a.name', 'r.asset_id', 'r.what', 'r.until_on'])
            ->map(fn (stdClass $one): array => [
                'words' => "{$one->name}: {$one->what}".
                    ($one->until_on === null ? '' : ", until {$this->words->day($one->until_on)}"),
                'href' => "/assets/{$one->asset_id}",
            ])
            ->all());
    }
}
