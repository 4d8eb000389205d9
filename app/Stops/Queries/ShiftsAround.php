<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\People\Models\Team;
use App\Platform\Clock\Clock;
use App\Stops\Models\LineRate;
use App\Stops\Models\Product;
use App\Stops\Models\ShiftRecord;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Stops\Oee;

/** The shifts beside one of a line, and what its form offers. */
final readonly class ShiftsAround
{
    public function __construct(private RejectReasons $rejects, private StopReasons $stopReasons, private Clock $clock)
    {
    }

    /** @return Collection<int, ShiftRecord> those that the band shows */
    public function records(ShiftRecord $record, int $days): Collection
    {
        if ($days === 0) {
            return collect([$record]);
        }

        return ShiftRecord::query()
            ->with(['runs.product'])
            ->where('line_id', $record->line_id)
            ->where('day', '>=', (string) LocalDate::parse($record->day)->plusDays(1 - $days))
            ->where('day', '<=', $record->day)
            ->orderBy('from_at')
            ->get()
            ->toBase()
            ->each(static fn (ShiftRecord $one) => $one->setRelation('line', $record->line));
    }

    public function lastWeek(ShiftRecord $record): ?Oee
    {
        $row = DB::table('shift_records')
            ->where('line_id', $record->line_id)
            ->where('day', (string) LocalDate::parse($record->day)->plusDays(-7))
            ->where('shift', $record->shift)
            ->first(['planned_s', 'run_s', 'ideal_s', 'good_s']);

        return $row instanceof stdClass && (int) $row->planned_s > 0
            ? Oee::kept((int) $row->planned_s, (int) $row->run_s, $row->ideal_s, $row->good_s)
            : null;
    }

    /** @return array{before: int|null, after: int|null} the shifts beside it */
    public function around(ShiftRecord $record): array
    {
        $of = DB::table('shift_records')->where('line_id', $record->line_id);
        $before = (clone $of)->where('from_at', '<', $record->from_at)->orderByDesc('from_at')->value('id');
        $after = (clone $of)
            ->where('from_at', '>', $record->from_at)
            ->where('from_at', '<=', $this->clock->now()->format('Y-m-d H:i:s'))
            ->orderBy('from_at')
            ->value('id');

        return ['before' => $before === null ? null : (int) $before, 'after' => $after === null ? null : (int) $after];
    }

    /** @return array<string, mixed> what its form offers */
    public function offered(ShiftRecord $record): array
    {
        $rates = LineRate::query()
            ->with('product')
            ->where('line_id', $record->line_id)
            ->where('from_on', '<=', $record->day)
            ->orderBy('from_on')
            ->get()
            ->keyBy('product_id');

        return [
            'products' => $rates
                ->map(static fn (LineRate $rate): Product => $rate->product)
                ->reject(static fn (Product $product): bool => $product->retired)
                ->sortBy('name'),
            'reasons' => $this->rejects->offered($record->line_id),
            'teams' => Team::query()->where('site_id', $record->site_id)->orderBy('name')->get(),
            'why' => $this->stopReasons->offered($record->line->asset_id),
            'team' => $record->team_id ?? $this->usualTeam($record),
        ];
    }

    /** The team that had this shift the last time. */
    private function usualTeam(ShiftRecord $record): ?int
    {
        $team = ShiftRecord::query()
            ->where('line_id', $record->line_id)
            ->where('shift', $record->shift)
            ->whereNotNull('team_id')
            ->where('from_at', '<', $record->from_at)
            ->orderByDesc('from_at')
            ->value('team_id');

        return $team === null ? null : (int) $team;
    }
}
