<?php

declare(strict_types=1);

namespace App\Register;

use App\Register\Models\Meter;
use Sundial\Calendar\LocalDate;

/** A higher floor that counts on a meter: told when its readings change, and asked what is due by it. */
interface MeterListener
{
    public const TAG = 'meter-listeners';

    /** Acts on changed readings. @return list<string> sentences that say what followed from it */
    public function changed(Meter $meter, LocalDate $today): array;

    /**
     * What falls due by this meter.
     *
     * @return list<array{label: string, href: string, total: int, expected: LocalDate|null,
     *     early: LocalDate|null, late: LocalDate|null, reached: bool, state: string}>
     */
    public function goals(Meter $meter): array;
}
