<?php

declare(strict_types=1);

namespace App\Register\Extension;

/** Where somebody without an account is led who scans a label. Unless a higher floor says where, they log in first. */
interface GuestsAtLabel
{
    /** @return string the address */
    public function to(string $code): string;
}
