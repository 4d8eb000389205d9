<?php

declare(strict_types=1);

namespace App\Platform;

/** Any record, seen from a floor that does not know its kind: what it is, which one, and at which site. */
final readonly class Subject
{
    private function __construct(public string $kind, public int $id, public ?int $siteId)
    {
    }

    public static function of(string $kind, int $id, ?int $siteId = null): self
    {
        return new self($kind, $id, $siteId);
    }
}
