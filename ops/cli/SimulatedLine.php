<?php

declare(strict_types=1);

namespace Sundial\Ops;

/** A line that is played: it makes pieces, now and then it jams, and it does what it is told. */
final class SimulatedLine
{
    /** Every so many seconds it jams by itself, for that long. */
    private const JAMS_EVERY = 1900;

    private const JAMS_FOR = 150;

    /** One piece in so many is rejected. */
    private const REJECTS = 60;

    private float $made = 0.0;

    private string $fault = '';

    public function __construct(private readonly float $secondsPerPiece, private readonly string $product)
    {
    }

    /** @param  string  $fault  jam, slow, or nothing: it runs again */
    public function tell(string $fault): void
    {
        $this->fault = $fault;
    }

    /**
     * What it signals at a second, so many after the one before.
     *
     * @return array{at: string, state: string, counter: int, rejected: int, product?: string}
     */
    public function signal(int $at, int $after): array
    {
        $stands = $this->fault === 'jam' ||
            ($this->fault === '' && $at % self::JAMS_EVERY < self::JAMS_FOR);
        if (! $stands) {
            $speed = $this->fault === 'slow' ? 0.35 : 0.9 + ($at % 7) / 100;
            $this->made += $after * $speed / $this->secondsPerPiece;
        }
        $counter = (int) $this->made;

        return [
            'at' => gmdate('Y-m-d\TH:i:s\Z', $at),
            'state' => $stands ? 'idle' : 'running',
            'counter' => $counter,
            'rejected' => intdiv($counter, self::REJECTS),
            ...$this->product === '' ? [] : ['product' => $this->product],
        ];
    }
}
