<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\People\Models\User;
use App\Platform\Access\Rights;
use App\Platform\Clock\Clock;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Register\Queries\VisibleLines;
use App\Stops\Queries\LineNow;
use App\Stops\Queries\LinesOf;
use App\Stops\Queries\StopsInPeriod;
use App\Stops\Queries\StopSlice;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\Auth;
use Sundial\Access\Right;

/** The index of Stops: the lines of the site as they stand, and stops of the last days without a reason. */
final readonly class StopsIndex
{
    private const DAYS = 7;

    private const MOST = 8;

    public function __construct(
        private CurrentSite $site,
        private Clock $clock,
        private LinesOf $lines,
        private StopsInPeriod $stops,
        private Wording $words,
        private VisibleLines $reach,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(?int $current): array
    {
        $now = $this->clock->now();
        $seesPlant = Rights::has(Right::SeePlant);
        $person = Auth::user();
        $reach = $person instanceof User ? $this->reach->lines($person, $this->site->id()) : null;

        return [
            'lines' => $this->lines->now($this->site->id(), $now->format('Y-m-d H:i:s'), $reach),
            'current' => $current,
            'says' => fn (LineNow $line): string => $this->says($line, $now),
            'seesPlant' => $seesPlant,
            'without' => $seesPlant
                ? $this->stops->each(
                    StopSlice::lately($this->site->id(), $now, self::DAYS)->withoutReason(),
                    self::MOST,
                )->collect()
                : collect(),
        ];
    }

    private function says(LineNow $line, DateTimeImmutable $now): string
    {
        $since = static fn (string $at): int => intdiv(
            $now->getTimestamp() - (new DateTimeImmutable($at, new DateTimeZone('UTC')))->getTimestamp(),
            60,
        );

        return match (true) {
            $line->downSince !== null => "down {$this->words->lasting($since($line->downSince))} · {$line->reason}",
            ! $line->isInShift => 'no shift now',
            $line->lastEnded !== null => "no stop for {$this->words->lasting($since($line->lastEnded))}",
            default => 'no stop yet',
        };
    }
}
