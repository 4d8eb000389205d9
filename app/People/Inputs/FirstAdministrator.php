<?php

declare(strict_types=1);

namespace App\People\Inputs;

/** The first site of a new plant, and who administers it. */
final readonly class FirstAdministrator
{
    public function __construct(
        public SiteInput $site,
        public string $login,
        public string $name,
        public string $password,
    ) {
    }
}
