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
            return $this->part('id', $found[1]);
        }
        $part = $text === '' ? null : $this->part('number', $text);
        if ($part !== null) {
            return $part;
        }
        if (preg_match('~(?:/b/)?([A-Za-z0-9.-]{1,20})$~D', $text, $found) !== 1) {
            return null;
        }
        $bin = DB::table('stock')->where('site_id', $siteId)->where('bin', $found[1])->value('bin');

        return $bin === null ? null : '/floor/bins/'.rawurlencode((string) $bin);
    }

    /** One that was merged leads to the one that is kept. */
    private function part(string $by, string $is): ?string
    {
        $part = Part::query()->where($by, $is)->first(['id', 'merged_into_id']);

        return $part === null ? null : '/floor/parts/'.($part->merged_into_id ?? $part->id);
    }
}
