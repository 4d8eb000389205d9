<?php

declare(strict_types=1);

namespace App\Stops\Wording;

use App\Platform\Frame\Wording;
use Sundial\Stops\Reliability;

/** How reliable something was, in words. */
final readonly class ReliabilityWording
{
    public function __construct(private Wording $words)
    {
    }

    /** "every 41 d"; "none in 8 760 h: rarer than every 398 d (60 %)"; "not wanted". */
    public function mtbf(Reliability $of): string
    {
        $mtbf = $of->mtbf();
        $above = $of->mtbfAbove();

        return match (true) {
            $of->required === 0 => 'was not wanted',
            $mtbf !== null => $this->lasting($mtbf),
            default => 'none in '.Wording::number(intdiv($of->operating(), 3600)).' h, above '.
                $this->lasting((float) $above).' (60 %)',
        };
    }

    public function mttr(Reliability $of): string
    {
        $mttr = $of->mttr();

        return $mttr === null ? '—' : $this->lasting($mttr);
    }

    /** "98.4 %"; "—". */
    public function share(?float $share): string
    {
        return $share === null ? '—' : number_format($share * 100, $share > 0.999 ? 2 : 1).' %';
    }

    private function lasting(float $seconds): string
    {
        return $this->words->lasting((int) round($seconds / 60));
    }
}
