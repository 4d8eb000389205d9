<?php

declare(strict_types=1);

namespace App\Stores\Pages;

/** A part as it stands in a list: how full its shelf is, and what matters of it now. */
final readonly class PartLine
{
    /**
     * @param  int  $free  of 24 places of the bar, those that are free
     * @param  int  $promised  of 24 places, those that are promised
     * @param  string  $tone  late: it is short; due: it is bought now; empty: it is as it should be
     */
    public function __construct(public int $free, public int $promised, public string $words, public string $tone)
    {
    }
}
