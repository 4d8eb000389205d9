<?php

declare(strict_types=1);

namespace App\Register;

use App\Register\Models\Asset;
use Sundial\Calendar\LocalDate;

/** A higher floor that has to act when an asset goes out of use or comes back, such as holding up its schedules. */
interface LifeStateListener
{
    public const TAG = 'life-state-listeners';

    public function outOfUse(Asset $asset, LocalDate $from): void;

    public function inUseAgain(Asset $asset, LocalDate $from): void;
}
