<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Clock\Clock;
use App\Register\Models\Asset;
use App\Stops\Models\LineTablet;
use App\Stops\Models\MaintenanceCall;
use App\Stops\Models\ShiftRecord;
use Illuminate\Support\Facades\DB;

/** How a line stands, as its tablet shows it. */
final readonly class TabletState
{
    private const OFFERED = 6;

    private const MACHINES = 24;

    public function __construct(
        private StopReasons $reasons,
        private LineSettings $settings,
        private LastStops $last,
        private Clock $clock,
    ) {
    }

    /** @return array<string, mixed> instants in milliseconds since 1970 */
    public function of(LineTablet $tablet): array
    {
        $line = $tablet->line;
        $open = DB::table('stops as s')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->whereIn('s.asset_id', $line->assetIds())
            ->whereNotNull('s.open_on')
            ->orderBy('s.from_at')
            ->first(['s.from_at', 's.reason', 's.kind', 'a.name']);
        $last = $this->last->of($line->assetIds())->first();
        $call = MaintenanceCall::query()->where('line_id', $line->id)->whereNull('over_at')->first();
        $offered = $this->reasons->offered($line->asset_id);

        return [
            'line' => $line->asset->name,
            'lineId' => $line->id,
            'now' => $this->clock->now()->getTimestamp() * 1000,
            'down' => $open !== null,
            'since' => self::ms($open->from_at ?? $last->to_at ?? null),
            'reason' => $open->reason ?? null,
            'where' => $open !== null && $open->name !== $line->asset->name ? $open->name : null,
            'waits' => $open === null && $last !== null && $last->kind === null,
            'offered' => array_slice($offered, 0, self::OFFERED),
            'others' => array_slice($offered, self::OFFERED),
            'elsewhere' => $this->reasons->fromElsewhere(),
            'machines' => $this->settings->candidates($line)->take(self::MACHINES)->map(
                static fn (Asset $one): array => ['id' => $one->id, 'name' => $one->name],
            )->values()->all(),
            'parts' => $line->parts->map(static fn ($part): array => ['id' => $part->id, 'name' => $part->name])->all(),
            'call' => $call === null ? null : [
                'words' => $call->words,
                'called' => self::ms($call->called_at),
                'comes' => $call->comes_who,
                'arrived' => self::ms($call->arrived_at),
                'order' => $call->subject_label,
            ],
        ];
    }

    private static function ms(?string $at): ?int
    {
        return $at === null ? null : ShiftRecord::second($at) * 1000;
    }
}
