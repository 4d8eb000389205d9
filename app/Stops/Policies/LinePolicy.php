<?php

declare(strict_types=1);

namespace App\Stops\Policies;

use App\People\Models\User;
use App\Platform\Sites\CurrentSite;
use App\Register\Policies\AssetPolicy;
use App\Stops\Models\Line;
use App\Stops\Models\LineTablet;
use App\Stops\Models\MaintenanceCall;
use App\Stops\Models\Product;
use App\Stops\Models\ShiftRecord;
use App\Stops\Models\ShortStop;
use Sundial\Access\Right;

/** Who sees a line, enters what it made, signs its shifts and sets it up: all where they see its asset. */
final readonly class LinePolicy
{
    public function __construct(private AssetPolicy $assets, private CurrentSite $site)
    {
    }

    public function view(User $person, Line|ShiftRecord|LineTablet|MaintenanceCall|ShortStop $of): bool
    {
        // Kept with what is asked about: a sheet asks more than once.
        $line = $of instanceof Line ? $of : $of->loadMissing('line')->line;

        return $this->assets->view($person, $line->loadMissing('asset')->asset);
    }

    /** What a shift made, and what stood in it. */
    public function enter(User $person, Line|ShiftRecord|MaintenanceCall|ShortStop $of): bool
    {
        return $person->may(Right::ReportStops, $of->site_id) && $this->view($person, $of);
    }

    public function sign(User $person, ShiftRecord $record): bool
    {
        return $person->may(Right::WorkOnAnyOrder, $record->site_id) && $this->view($person, $record);
    }

    /** Its parts, shifts, rates and tablets; products of its site. */
    public function manage(User $person, Line|LineTablet|Product $of): bool
    {
        return $person->may(Right::WriteRegister, $of->site_id) &&
            ($of instanceof Product ? $this->site->holds($of->site_id, $person->id) : $this->view($person, $of));
    }

    /** Go where a line calls. */
    public function answer(User $person, MaintenanceCall $call): bool
    {
        return $person->may(Right::WorkOnOwnOrders, $call->site_id) && $this->view($person, $call);
    }
}
