<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Register\Events\AssetCopied;
use App\Register\Inputs\AssetFacts;
use App\Register\Inputs\MeterInput;
use App\Register\Models\Asset;
use App\Register\Models\Meter;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Register\FieldType;
use Sundial\Register\LifeState;

/**
 * Makes more assets like one: its fields, spare-parts list, meters at zero and schedules; never its history,
 * readings, documents or what names this one piece.
 */
final readonly class CopyAsset
{
    private const FACTS = [
        'class_id',
        'team_id',
        'make',
        'model',
        'criticality',
        'notes',
        'cost_centre_id',
        'supplier_id',
        'replacement_cents',
    ];

    public function __construct(
        private SaveAsset $save,
        private SaveMeter $saveMeter,
        private TakeReading $read,
        private Clock $clock,
    ) {
    }

    /**
     * @param  non-empty-list<array{tag: string, name: string}>  $copies
     * @param  LocalDate|null  $start  the first date of each schedule; null: without schedules
     * @return list<Asset>
     */
    public function __invoke(Actor $by, Asset $from, array $copies, ?LocalDate $start, bool $meters): array
    {
        return DB::transaction(function () use ($by, $from, $copies, $start, $meters): array {
            $stands = $from->parent_id !== null ? $from->parent()->value('tag') : $from->location()->value('tag');
            $words = DB::table('extra_fields')->where('type', FieldType::Document->value)->pluck('id');
            $made = [];
            foreach ($copies as $copy) {
                $to = ($this->save)(
                    $by,
                    null,
                    $from->site_id,
                    AssetFacts::of(
                        ['stands' => $stands, 'life_state' => LifeState::InService] +
                            $copy + $from->only(self::FACTS),
                    ),
                );
                DB::table('extra_values')->insertUsing(
                    ['asset_id', 'field_id', 'value', 'size'],
                    DB::table('extra_values')
                        ->where('asset_id', $from->id)
                        ->whereNotIn('field_id', $words)
                        ->selectRaw('?, field_id, value, size', [$to->id]),
                );
                $map = $meters ? $this->meters($by, $from, $to) : [];
                event(new AssetCopied($by, $from, $to, $start, $map));
                $made[] = $to;
            }

            return $made;
        });
    }

    /** @return array<int, int> */
    private function meters(Actor $by, Asset $from, Asset $to): array
    {
        $map = [];
        foreach (Meter::query()->where('asset_id', $from->id)->orderBy('id')->get() as $meter) {
            /** @var array{name: string, unit: string, decimals?: int|string, rolls_over_at?: string|null,
             *     expected_per_year?: string|null, window_days?: int|string, kind?: string,
             *     low_limit?: string|null, high_limit?: string|null, hysteresis?: string|null} $settings */
            $settings = $meter->only(Meter::SETTINGS);
            $copy = ($this->saveMeter)($by, null, $to, MeterInput::of($settings));
            if (! $meter->isGauge()) {
                ($this->read)($by, $copy, '0', $this->clock->now(), note: 'starts at zero');
            }
            $map[$meter->id] = $copy->id;
        }

        return $map;
    }
}
