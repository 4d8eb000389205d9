<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\Platform\Clock\Clock;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Stops\Models\ShiftRecord;
use App\Stops\Queries\LineNow;
use App\Stops\Queries\LinesOf;
use App\Stops\Queries\ShiftsNow;
use App\Stops\Wording\OeeWording;
use stdClass;
use Sundial\Stops\Oee;

/** The wall of a site: each line in letters that one reads from four metres. */
final readonly class WallPage
{
    public function __construct(
        private CurrentSite $site,
        private Clock $clock,
        private LinesOf $lines,
        private ShiftsNow $shifts,
        private Wording $words,
        private OeeWording $oee,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(): array
    {
        $now = $this->clock->now();
        $shifts = $this->shifts->latest($this->site->id())->keyBy('line');
        $lines = $this->lines->now($this->site->id(), $now->format('Y-m-d H:i:s'));

        return [
            'site' => $this->site->get(),
            'lines' => $lines->map(fn (LineNow $line): array => [
                'is' => $line,
                'word' => match (true) {
                    $line->downSince !== null => 'stands',
                    $line->isInShift => 'runs',
                    default => 'rests',
                },
                'since' => $line->downSince === null && ! $line->isInShift
                    ? 'no shift now'
                    : $this->since($line->downSince ?? $line->lastEnded, $now->getTimestamp()),
                'oee' => $this->percent($shifts->get($line->name)),
            ])->all(),
            'shift' => $this->shifts->name($this->site->id())['shift'] ?? null,
        ];
    }

    private function since(?string $at, int $now): string
    {
        return $at === null ? '' : $this->words->lasting(intdiv(max(0, $now - ShiftRecord::second($at)), 60));
    }

    private function percent(?stdClass $shift): string
    {
        return $shift === null ? '–' : $this->oee->percent(
            Oee::kept((int) $shift->planned_s, (int) $shift->run_s, $shift->ideal_s, $shift->good_s)->oee(),
        );
    }
}
