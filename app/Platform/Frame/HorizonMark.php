<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Sundial\Calendar\LocalDate;

/** A point (visit), a bar (order) or a bundle of several on the horizon. */
final readonly class HorizonMark
{
    /**
     * @param  string|null  $href  null: whoever looks may not open it
     * @param  array{href: string, version: int}|null  $move where a drag is sent
     */
    private function __construct(
        public MarkKind $kind,
        public string $shape,
        public LocalDate $from,
        public LocalDate $to,
        public string $label,
        public string $state,
        public ?string $href,
        public int $count = 1,
        public ?LocalDate $early = null,
        public ?LocalDate $late = null,
        public ?array $move = null,
    ) {
    }

    public static function point(
        MarkKind $kind,
        LocalDate $day,
        string $label,
        string $state,
        ?string $href,
        ?LocalDate $early = null,
        ?LocalDate $late = null,
    ): self {
        return new self($kind, 'point', $day, $day, $label, $state, $href, 1, $early, $late);
    }

    /** @param  array{href: string, version: int}|null  $move */
    public static function bar(
        MarkKind $kind,
        LocalDate $from,
        LocalDate $to,
        string $label,
        string $state,
        ?string $href,
        ?array $move = null,
    ): self {
        return new self($kind, 'bar', $from, $to, $label, $state, $href, move: $move);
    }

    /** So many on one day: "6 visits", "4 visits, 2 orders, 1 late". */
    public static function bundle(
        MarkKind $kind,
        LocalDate $day,
        int $count,
        string $label,
        string $state,
        ?string $href,
    ): self {
        return new self($kind, 'bundle', $day, $day, $label, $state, $href, $count);
    }
}
