<?php

declare(strict_types=1);

namespace App\Register\Policies;

use App\People\Models\User;
use App\Register\Models\Asset;
use App\Register\Queries\VisibleLines;
use Sundial\Access\Right;

/** Who sees and who writes an asset. */
final readonly class AssetPolicy
{
    public function __construct(private VisibleLines $reach)
    {
    }

    public function view(User $person, Asset $asset): bool
    {
        return $person->may(Right::SeeOwnLine, $asset->site_id) && $this->reach->holds($person, $asset);
    }

    public function update(User $person, Asset $asset): bool
    {
        return $person->may(Right::WriteRegister, $asset->site_id) && $this->reach->holds($person, $asset);
    }

    /** Put a schedule on it. */
    public function plan(User $person, Asset $asset): bool
    {
        return $person->may(Right::WritePlans, $asset->site_id) && $this->reach->holds($person, $asset);
    }
}
