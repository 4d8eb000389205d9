<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Register\Inputs\AssetFacts;
use App\Register\Inputs\LocationInput;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Moves a location or an asset into another, with all that stands inside it. */
final readonly class MoveInTree
{
    public function __construct(private SaveAsset $saveAsset, private SaveLocation $saveLocation)
    {
    }

    /** @param  Location|Asset|null  $into  null for the site itself, where only locations stand */
    public function __invoke(Actor $by, Location|Asset $what, Location|Asset|null $into): void
    {
        DB::transaction(function () use ($by, $what, $into): void {
            if ($into !== null && $into->site_id !== $what->site_id) {
                throw InvalidInput::because('other_site', 'into', "{$into->name} stands at another site.");
            }
            if ($what instanceof Location) {
                ($this->saveLocation)($by, $what, $what->site_id, LocationInput::of([
                    'tag' => $what->tag,
                    'name' => $what->name,
                    'stands' => $into?->tag,
                ]));
            } elseif ($into === null) {
                throw InvalidInput::because(
                    'no_place',
                    'into',
                    "{$what->name} is an asset: it stands at a location or inside another asset.",
                );
            } else {
                ($this->saveAsset)($by, $what, $what->site_id, AssetFacts::of(['stands' => $into->tag]));
            }
        });
    }
}
