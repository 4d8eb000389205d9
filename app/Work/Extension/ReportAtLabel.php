<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Register\Extension\GuestsAtLabel;

/** Whoever scans a label without an account can report what is wrong with the machine. */
final class ReportAtLabel implements GuestsAtLabel
{
    public function to(string $code): string
    {
        return "/report/{$code}";
    }
}
