<?php

declare(strict_types=1);

namespace App\Stores\Extension;

use App\Platform\Extension\LabelSource;
use App\Stores\Models\Part;
use Illuminate\Support\Facades\DB;

/** Labels of parts and of bins: the address on them, the number of a part, or the code of a bin. */
final readonly class LabelsOfParts implements LabelSource
{
    public function leadsTo(string $text, int $siteId): ?string
    {
        $text = trim($text);
        if (preg_match('~/p/(\d{1,18})$~D', $text, $found) === 1) {
            return Part::query()->whereKey((int) $found[1])->exists() ? "/floor/parts/{$found[1]}" : null;
        }
        $part = $text === '' ? null : Part::query()->where('number', $text)->value('id');
        if ($part !== null) {
            return "/floor/parts/{$part}";
        }
        if (preg_match('~(?:/b/)?([A-Za-z0-9.-]{1,20})$~D', $text, $found) !== 1) {
            return null;
        }
        $bin = DB::table('stock')->where('site_id', $siteId)->where('bin', $found[1])->value('bin');

        return $bin === null ? null : '/floor/bins/'.rawurlencode((string) $bin);
    }
}
