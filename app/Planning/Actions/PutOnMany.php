<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Register\Models\Asset;
use App\Register\Models\Meter;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Puts one schedule on several assets at once, each so many days after the one before; all of them or none. */
final readonly class PutOnMany
{
    public function __construct(private SaveSchedule $save)
    {
    }

    /**
     * @param  ScheduleInput  $input  what is said of the first
     * @param  list<int>  $others  assets of the same site
     * @return list<Schedule>
     */
    public function __invoke(Actor $by, Asset $first, ScheduleInput $input, array $others, int $stagger): array
    {
        return DB::transaction(function () use ($by, $first, $input, $others, $stagger): array {
            $made = [($this->save)($by, null, $first, $input)];
            foreach (
                Asset::query()
                    ->where('site_id', $first->site_id)
                    ->whereIn('id', $others)
                    ->whereKeyNot($first->id)
                    ->orderBy('tag')
                    ->get() as $i => $asset
            ) {
                $anchor = $input->firstDay()?->plusDays($stagger * ($i + 1));
                $made[] = ($this->save)($by, null, $asset, $input->with([
                    'anchor_on' => $anchor === null ? null : (string) $anchor,
                    'meter_id' => $this->like($input->meterId(), $first, $asset),
                    'gauge_id' => $this->like($input->gaugeId(), $first, $asset),
                    'usage_last' => null,
                    'last_done_on' => null,
                ]));
            }

            return $made;
        });
    }

    /** The meter of the other asset that has the same name; one outside the first asset serves both. */
    private function like(?int $meterId, Asset $first, Asset $asset): ?int
    {
        $meter = $meterId === null ? null : Meter::query()->findOrFail($meterId);
        if ($meter === null || $meter->asset_id !== $first->id) {
            return $meter?->id;
        }
        $like = Meter::query()->where('asset_id', $asset->id)->where('name', $meter->name)->value('id');

        return $like === null
            ? throw InvalidInput::because(
                'no_meter',
                'also',
                "{$asset->tag} has no meter “{$meter->name}”. Put one on it, or leave it out.",
            )
            : (int) $like;
    }
}
