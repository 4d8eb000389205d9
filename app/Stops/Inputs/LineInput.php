<?php

declare(strict_types=1);

namespace App\Stops\Inputs;

/** What was said of a line. */
final readonly class LineInput
{
    /**
     * @param  list<int>  $partIds  assets whose stop stops the line
     * @param  int  $speedBelow  seconds below which a stop is lost speed
     * @param  int|null  $hourCents  what an hour of it is worth
     * @param  int|null  $idleAfter  seconds without a sign of running after which it stands
     * @param  int|null  $lowestPercent  of the ideal rate, below which it stands by its signals
     */
    public function __construct(
        public array $partIds,
        public int $speedBelow,
        public ?int $hourCents,
        public ?int $idleAfter = null,
        public ?int $lowestPercent = null,
        public bool $retired = false,
    ) {
    }

    /** @return array<string, mixed> */
    public function facts(): array
    {
        return [
            'speed_below' => $this->speedBelow,
            'hour_cents' => $this->hourCents,
            'idle_after' => $this->idleAfter,
            'lowest_percent' => $this->lowestPercent,
            'retired' => $this->retired,
        ];
    }
}
