<?php

declare(strict_types=1);

namespace App\Stops\Wording;

use App\Platform\Frame\Wording;
use Sundial\Life\RateRatio;
use Sundial\Life\Verdict;

/** Whether something helped, in words that claim no more than the events allow. */
final readonly class HelpedWording
{
    public function verdict(RateRatio $of): string
    {
        $upper = $of->upper();
        $limits = number_format($of->lower(), 2).' and '.($upper === null ? 'no limit' : number_format($upper, 2));
        $ratio = $of->ratio();
        $times = $ratio === null ? 'None came before.' : 'The rate is '.number_format($ratio, 2).' of what it was.';

        return match ($of->verdict()) {
            Verdict::TooFew => 'Nothing can be said yet: fewer than 5 in all.',
            Verdict::Rarer => "It comes more rarely since. {$times} With 90 % it lies between {$limits}.",
            Verdict::Oftener => "It comes more often since. {$times} With 90 % it lies between {$limits}.",
            Verdict::Unclear => "It may be chance. {$times} With 90 % it lies between {$limits}, on both sides of 1.",
        };
    }

    /** "12 in 4 100 h: one every 342 h". */
    public function counted(int $events, float $hours): string
    {
        $every = $events === 0 ? '' : ': one every '.Wording::number((int) round($hours / $events)).' h';

        return "{$events} in ".Wording::number((int) round($hours))." h of operation{$every}";
    }
}
