<?php

declare(strict_types=1);

namespace Sundial\Planning\Record;

use Sundial\Support\InvalidInput;

/**
 * What the visits of a schedule found: of those whose steps were judged, in how many something failed, or was to be
 * watched.
 */
final readonly class Findings
{
    private function __construct(public int $asked, public int $failed, public int $watched)
    {
    }

    /**
     * @param  int  $asked  visits with at least one judged answer
     * @param  int  $failed  of them, those with a failure
     * @param  int  $watched  of them, those with something to watch and no failure
     *
     * @throws InvalidInput out_of_range
     */
    public static function of(int $asked, int $failed, int $watched): self
    {
        if ($failed < 0 || $watched < 0 || $failed + $watched > $asked) {
            throw InvalidInput::outside('findings', $failed + $watched, 0, $asked);
        }

        return new self($asked, $failed, $watched);
    }

    /** Whether visits were judged and nothing was ever found. */
    public function areNone(): bool
    {
        return $this->asked > 0 && $this->failed + $this->watched === 0;
    }
}
