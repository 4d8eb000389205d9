<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Sundial\Calendar\LocalDate;

/** A point (visit) or a bar (order) on the horizon. */
final readonly class HorizonMark
{
    private function __construct(public string $shape, public LocalDate $from, public LocalDate $to, public string $label, public string $state, public ?string $href)
    {
    }

    public static function point(LocalDate $day, string $label, string $state, ?string $href): self
    {
        return new self('point', $day, $day, $label, $state, $href);
    }

    public static function bar(LocalDate $from, LocalDate $to, string $label, string $state, ?string $href): self
    {
        return new self('bar', $from, $to, $label, $state, $href);
    }
}
