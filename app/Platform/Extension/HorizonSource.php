<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use App\Platform\Frame\HorizonMark;
use App\Platform\Subject;
use Sundial\Calendar\LocalDate;

/** Puts points and bars on the horizon of a record. */
interface HorizonSource
{
    /** @return list<HorizonMark> */
    public function marks(Subject $subject, LocalDate $from, LocalDate $to): array;
}
