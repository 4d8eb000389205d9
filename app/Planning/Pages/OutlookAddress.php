<?php

declare(strict_types=1);

namespace App\Planning\Pages;

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
        $query = array_filter(
            array_merge($this->query, $change),
            static fn (?string $value): bool => $value !== null && $value !== '',
        );

        return $query === [] ? '/outlook' : '/outlook?'.http_build_query($query);
    }

    public function export(string $format): string
    {
        return "/outlook.{$format}".($this->query === [] ? '' : '?'.http_build_query($this->query));
    }
}
