<?php

declare(strict_types=1);

namespace App\Stops\Policies;

use App\People\Models\User;
use App\Register\Policies\AssetPolicy;
use App\Stops\Models\Stop;
use Sundial\Access\Right;

/** Who puts a stop right: whoever reported it, and those who write the register; where they see its asset. */
final readonly class StopPolicy
{
    public function __construct(private AssetPolicy $assets)
    {
    }

    public function view(User $person, Stop $stop): bool
    {
        return $this->assets->view($person, $stop->loadMissing('asset')->asset);
    }

    /** Whoever may report stops where they see the asset says why it stood. */
    public function explain(User $person, Stop $stop): bool
    {
        return $person->may(Right::ReportStops, $stop->site_id) &&
            $this->assets->view($person, $stop->loadMissing('asset')->asset);
    }

    /** Whoever may say why it stood hangs photos on it. */
    public function update(User $person, Stop $stop): bool
    {
        return $this->explain($person, $stop) || $this->correct($person, $stop);
    }

    public function correct(User $person, Stop $stop): bool
    {
        $asset = $stop->loadMissing('asset')->asset;

        return $this->assets->update($person, $asset) ||
            ($stop->opened_by === $person->id &&
                $person->may(Right::ReportStops, $stop->site_id) &&
                $this->assets->view($person, $asset));
    }
}
