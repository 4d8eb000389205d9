<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Register\Ties;
use Sundial\Support\InvalidInput;

/** Says that two assets are stopped together, with all that is stopped with either of them. */
final readonly class TieAssets
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Asset $asset, Asset $other): void
    {
        DB::transaction(function () use ($by, $asset, $other): void {
            $both = Asset::query()
                ->whereIn('id', [$asset->id, $other->id])
                ->orderBy('id')
                ->lockForUpdate()
                ->get()
                ->keyBy('id');
            if ($both->count() < 2 || $asset->site_id !== $other->site_id) {
                throw InvalidInput::because('not_another', 'with', 'Name another asset of the same site.');
            }
            $joined = Ties::join($both[$asset->id]->tie_id, $both[$other->id]->tie_id);
            if ($joined === null) {
                return;
            }
            $group = $joined->kept ?? (int) DB::table('ties')->insertGetId(['site_id' => $asset->site_id]);
            DB::table('assets')
                ->whereIn('id', [$asset->id, $other->id])
                ->when(
                    $joined->dissolved !== null,
                    static fn ($query) => $query->orWhere('tie_id', $joined->dissolved),
                )
                ->update(['tie_id' => $group]);
            $this->audit->record(
                $by,
                $asset->subject(),
                "said that {$asset->tag} and {$other->tag} are stopped together",
                [],
                null,
                [$other->subject()],
            );
        });
    }
}
