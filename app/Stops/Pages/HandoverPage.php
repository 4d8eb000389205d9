<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\Platform\Extension\Extensions;
use App\Platform\Sites\CurrentSite;
use App\Stops\Extension\ToldAtHandover;
use App\Stops\Models\ShiftHandover;
use App\Stops\Queries\Handovers;
use App\Stops\Queries\ShiftsNow;

/** The handover of a shift, which writes itself: what is to be told, and what was told before. */
final readonly class HandoverPage
{
    public function __construct(
        private CurrentSite $site,
        private Extensions $extensions,
        private Handovers $handovers,
        private ShiftsNow $shifts,
    ) {
    }

    /** @return array<string, mixed> */
    public function now(): array
    {
        $shift = $this->shifts->name($this->site->id());
        $given = $shift === null ? null : $this->handovers->of($this->site->id(), $shift['day'], $shift['shift']);

        return [
            'shift' => $shift,
            'handover' => $given,
            'told' => $given === null ? $this->told() : $given->told,
            'last' => $this->handovers->last($this->site->id()),
        ];
    }

    /** @return array<string, mixed> one as it was given */
    public function of(ShiftHandover $handover): array
    {
        return [
            'shift' => ['day' => $handover->day, 'shift' => $handover->shift],
            'handover' => $handover,
            'told' => $handover->told,
            'last' => $this->handovers->last($handover->site_id),
        ];
    }

    /** @return array{day: string, shift: string}|null */
    public function shift(): ?array
    {
        return $this->shifts->name($this->site->id());
    }

    /** @return list<array{title: string, lines: list<array{words: string, href: string}>}> */
    public function told(): array
    {
        $all = $this->extensions->of(ToldAtHandover::class);
        usort($all, static fn (ToldAtHandover $a, ToldAtHandover $b): int => $a->position() <=> $b->position());

        return array_map(fn (ToldAtHandover $one): array => [
            'title' => $one->title(),
            'lines' => $one->lines($this->site->id()),
        ], $all);
    }
}
