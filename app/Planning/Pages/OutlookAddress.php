<?php

declare(strict_types=1);

namespace App\Planning\Pages;

use App\Platform\Frame\Address;

/** The address of the outlook with what narrows it, and the addresses that change one thing of it. */
final readonly class OutlookAddress
{
    /** @param  array<string, string>  $query */
    public function __construct(public array $query)
    {
    }

    /** @param  array<string, string|null>  $change */
    public function with(array $change): string
    {
        return (string) Address::of('/outlook', $this->query)->with($change);
    }

    public function export(string $format): string
    {
        return (string) Address::of("/outlook.{$format}", $this->query);
    }
}
