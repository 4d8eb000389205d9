<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use App\Stores\Models\Store;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Lines;
use stdClass;

/** What the whole sheet of a part stands on: where it lies, which stores there are, and what is on its way. */
final readonly class PartKnown
{
    /**
     * @param  Collection<int, Stock>  $rows
     * @param  Collection<int, Store>  $stores
     * @param  Lines<int, stdClass>  $coming
     */
    public function __construct(
        public Part $part,
        public Collection $rows,
        public Collection $stores,
        public Lines $coming,
    ) {
    }
}
