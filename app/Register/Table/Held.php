<?php

declare(strict_types=1);

namespace App\Register\Table;

use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Register\LifeState;

/** What an asset holds in a fact or an extra field ("x" and its number), as a plain text. */
final class Held
{
    public static function by(Asset $asset, string $field): ?string
    {
        if ($field[0] === 'x' && ctype_digit(substr($field, 1))) {
            $value = DB::table('extra_values')
                ->where('asset_id', $asset->id)
                ->where('field_id', (int) substr($field, 1))
                ->value('value');

            return $value === null ? null : (string) $value;
        }
        $value = $asset->getAttribute($field);

        return $value instanceof LifeState
            ? $value->value
            : ($value === null || $value === ''
                ? null
                : (string) $value);
    }
}
