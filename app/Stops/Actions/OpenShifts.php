<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Stops\Models\Line;
use App\Stops\Models\ShiftRecord;
use App\Stops\Projections\StopShifts;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stops\ShiftSlot;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;

/**
 * Stands the shifts of a line up to today as records, by the pattern that holds on each day: what nobody enters is seen
 * as missing. Safe to run twice.
 */
final readonly class OpenShifts
{
    /** The first time it looks back no further. */
    private const DAYS_BACK = 800;

    public function __construct(private SiteDays $days, private StopShifts $shifts, private Clock $clock)
    {
    }

    /** @return int how many were added */
    public function __invoke(Line $line, ?LocalDate $from = null): int
    {
        return DB::transaction(function () use ($line, $from): int {
            Line::query()->lockForUpdate()->findOrFail($line->id);
            $site = $this->days->site($line->site_id);
            $today = $site->dayOf($this->clock->now());
            $zone = $site->zone();
            $first = $this->first($line, $from, $today);
            [$standing, $before] = [self::standing($line, $first), SpanSet::of()];
            $rows = [];
            for ($day = $first; ! $day->isAfter($today); $day = $day->plusDays(1)) {
                foreach ($line->patternOn($day)?->pattern()->on($day, $zone, $site->workingDays()) ?? [] as $slot) {
                    // Beside the one before it too, where the pattern changed between them.
                    $slot = $slot->beside($standing)?->beside($before);
                    if ($slot !== null) {
                        $rows[] = $this->row($line, $slot);
                        $before = SpanSet::of($slot->span);
                    }
                }
            }
            $added = 0;
            foreach (array_chunk($rows, 200) as $some) {
                $added += DB::table('shift_records')->insertOrIgnore($some);
            }

            // What stood already, before its shift was known, began in it.
            foreach ($added === 0 ? [] : $line->loadMissing('parts')->assetIds() as $assetId) {
                $this->shifts->keep($assetId, $rows[0]['from_at'], null);
            }

            return $added;
        });
    }

    /** When shifts stand already that a new one could share time with. */
    private static function standing(Line $line, LocalDate $first): SpanSet
    {
        $records = ShiftRecord::query()
            ->where('line_id', $line->id)
            ->where('day', '>=', (string) $first->plusDays(-2))
            ->get(['from_at', 'to_at'])
            ->map(static fn (ShiftRecord $one): Span => $one->span());

        return SpanSet::of(...$records->all());
    }

    private function first(Line $line, ?LocalDate $from, LocalDate $today): LocalDate
    {
        $last = ShiftRecord::query()->where('line_id', $line->id)->max('day');
        $first = $line->patterns->first()?->from_on;
        $from ??= match (true) {
            $last !== null => LocalDate::parse($last),
            $first !== null => LocalDate::parse($first),
            default => $today,
        };

        return LocalDate::later($from, $today->plusDays(-self::DAYS_BACK));
    }

    /** @return array<string, mixed> */
    private function row(Line $line, ShiftSlot $slot): array
    {
        $now = $this->clock->now()->format('Y-m-d H:i:s');

        return [
            'site_id' => $line->site_id,
            'line_id' => $line->id,
            'day' => (string) $slot->day,
            'shift' => $slot->name,
            'from_at' => ShiftRecord::at($slot->span->from),
            'to_at' => ShiftRecord::at($slot->span->to),
            'breaks' => json_encode(array_map(
                static fn (Span $rest): array => ['from' => $rest->from, 'to' => $rest->to, 'worked' => false],
                $slot->breaks,
            ), JSON_THROW_ON_ERROR),
            'created_at' => $now,
            'updated_at' => $now,
        ];
    }
}
