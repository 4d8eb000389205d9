<?php

declare(strict_types=1);

namespace App\Register\Api;

use App\Register\Models\Meter;
use App\Register\Models\Reading;
use Illuminate\Support\Facades\DB;

/** Meters and readings as the API gives them; quantities are texts, so that none passes through a float. */
final class MeterShape
{
    private const NUMBERS = ['rolls_over_at', 'expected_per_year', 'low_limit', 'high_limit', 'hysteresis'];

    /** @return array<string, mixed> */
    public static function of(Meter $meter): array
    {
        $number = static fn (?string $value): ?string => $value === null
            ? null
            : (str_contains($value, '.')
                ? rtrim(rtrim($value, '0'), '.')
                : $value);
        $shape = [
            'id' => $meter->id,
            'asset_id' => $meter->asset_id,
            'tag' => $meter->asset->tag,
            'meter' => $meter->name,
            'kind' => $meter->kind,
            'unit' => $meter->unit,
            'decimals' => $meter->decimals,
            'window_days' => $meter->window_days,
        ];
        foreach (self::NUMBERS as $field) {
            $shape[$field] = $number($meter->getAttribute($field));
        }

        return $shape + [
            'last_reading' => $meter->last_shown === null
                    ? null
                    : ['reading' => $number($meter->last_shown), 'at' => AssetShape::instant($meter->last_at)],
            'total' => $number($meter->last_total),
            'beyond_limit' => $meter->beyond,
            'version' => $meter->version,
        ];
    }

    /** @return array<string, mixed> */
    public static function reading(Reading $reading): array
    {
        $strike = DB::table('reading_strikes')->where('reading_id', $reading->id)->first();

        return [
            'id' => $reading->id,
            'meter_id' => $reading->meter_id,
            'reading' => rtrim(rtrim((string) $reading->shown, '0'), '.'),
            'at' => AssetShape::instant((string) $reading->at),
            'turn' => $reading->turn,
            'from' => $reading->source,
            'by' => $reading->who,
            'note' => $reading->note,
            'struck_out' => $strike === null ? null : $strike->reason,
        ];
    }
}
