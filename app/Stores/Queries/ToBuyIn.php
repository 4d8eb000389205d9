<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Platform\Extension\Extensions;
use App\Stores\Demand\BoughtInSource;
use App\Stores\Demand\WantedIn;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\PurchaseState;

/** What approved orders want bought in and nobody ordered yet. */
final readonly class ToBuyIn
{
    public function __construct(private Extensions $extensions)
    {
    }

    /** @return list<WantedIn> */
    public function __invoke(int $siteId): array
    {
        $wanted = [];
        foreach ($this->extensions->of(BoughtInSource::class) as $source) {
            $wanted = [...$wanted, ...$source->wanted($siteId)];
        }
        $ordered = DB::table('purchase_lines as l')
            ->join('purchases as p', 'p.id', '=', 'l.purchase_id')
            ->where('p.site_id', $siteId)
            ->where('p.state', '<>', PurchaseState::Cancelled->value)
            ->whereNotNull('l.subject_line')
            ->get(['l.subject_kind', 'l.subject_line'])
            ->mapWithKeys(static fn (object $one): array => ["{$one->subject_kind}-{$one->subject_line}" => true]);

        return array_values(
            array_filter($wanted, static fn (WantedIn $one): bool => ! $ordered->has($one->key())),
        );
    }
}
