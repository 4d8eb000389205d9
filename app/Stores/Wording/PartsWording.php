<?php

declare(strict_types=1);

namespace App\Stores\Wording;

use App\Platform\Frame\Wording;
use Sundial\Stock\LineReady;
use Sundial\Stock\PartsReady;

/** Whether parts are there, in words. */
final readonly class PartsWording
{
    public function __construct(private Wording $words)
    {
    }

    /** "all here"; "1 line of 3 short, expected Thu 3 Dec"; "1 line of 3 short, not ordered". */
    public function all(PartsReady $parts): string
    {
        $short = count($parts->short());
        if ($short === 0) {
            return 'all here';
        }
        $lines = $this->words->count($short, 'line').' of '.count($parts->lines).' short';
        $missing = $parts->notOrdered();
        $on = $parts->allOn();

        return "{$lines}, ".match (true) {
            $missing === $short => 'not ordered',
            $missing > 0 => "{$missing} not ordered",
            $on !== null => "expected {$this->words->weekday($on)}",
            default => 'ordered for no day yet',
        };
    }

    /** "here"; "expected Thu 3 Dec"; "not ordered". */
    public function line(LineReady $line): string
    {
        return match (true) {
            $line->isHere => 'here',
            $line->on !== null => "short, expected {$this->words->weekday($line->on)}",
            $line->isOrdered => 'short, ordered for no day yet',
            default => 'short, not ordered',
        };
    }
}
