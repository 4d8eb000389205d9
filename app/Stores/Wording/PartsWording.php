<?php

declare(strict_types=1);

namespace App\Stores\Wording;

use App\Platform\Frame\Wording;
use App\Stores\Queries\Proposal;
use Sundial\Stock\LineReady;
use Sundial\Stock\PartsReady;
use Sundial\Support\Quantity;

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

    /** How much is to buy from somebody: "3 lines", "3 lines, 1 that runs short". */
    public function toBuy(int $lines, int $short): string
    {
        return $this->words->count($lines, 'line').match ($short) {
            0 => '',
            1 => ', 1 that runs short',
            default => ", {$short} that run short",
        };
    }

    /** Why a part should be bought: "2 short for approved orders; 1 free, 0 on order, point 4; short from 2 Dec". */
    public function why(Proposal $one): string
    {
        $said = Quantity::words(...);
        $is = $one->figures;

        return implode('; ', array_filter([
            $is->short > 0 ? "{$said($is->short)} short for approved orders" : null,
            $is->ahead > 0 ? "{$said($is->ahead)} for visits and orders to come" : null,
            $is->point === null
                ? null
                : "{$said($is->free)} free, {$said($is->onOrder)} on order, point {$said($is->point)}",
            $one->shortFrom === null ? null : "short from {$this->words->day($one->shortFrom)}",
        ]));
    }
}
