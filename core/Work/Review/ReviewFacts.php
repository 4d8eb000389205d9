<?php

declare(strict_types=1);

namespace Sundial\Work\Review;

use Sundial\Work\WorkKind;

/** What a review looks at on an order that is done. */
final readonly class ReviewFacts
{
    /**
     * @param  int  $planned  person-minutes
     * @param  int  $booked  person-minutes
     * @param  int  $openSteps  not ticked and not answered
     * @param  int  $faulty  steps answered faulty
     * @param  int  $partsApart  lines and uses where planned and used differ
     * @param  int  $unknown  booked lines of unknown cost
     * @param  int  $daysLate  finished after it was due; 0 in time
     * @param  int  $missingRecords  failures that are not told
     */
    private function __construct(
        public WorkKind $kind,
        public int $planned = 0,
        public int $booked = 0,
        public int $openSteps = 0,
        public int $faulty = 0,
        public int $partsApart = 0,
        public int $unknown = 0,
        public int $daysLate = 0,
        public int $missingRecords = 0,
    ) {
    }

    public static function of(WorkKind $kind): self
    {
        return new self($kind);
    }

    /** Person-minutes as planned and as booked. */
    public function hours(int $planned, int $booked): self
    {
        return $this->with(planned: $planned, booked: $booked);
    }

    /** Steps that were left open, and those at which something was found faulty. */
    public function steps(int $open, int $faulty): self
    {
        return $this->with(openSteps: $open, faulty: $faulty);
    }

    /** How many parts differ between plan and use, and how many booked lines have no known cost. */
    public function lines(int $partsApart, int $unknown): self
    {
        return $this->with(partsApart: $partsApart, unknown: $unknown);
    }

    public function late(int $days): self
    {
        return $this->with(daysLate: $days);
    }

    /** What failed has to be told and is not. */
    public function withoutRecord(): self
    {
        return $this->with(missingRecords: 1);
    }

    private function with(int ...$said): self
    {
        return new self(
            $this->kind,
            $said['planned'] ?? $this->planned,
            $said['booked'] ?? $this->booked,
            $said['openSteps'] ?? $this->openSteps,
            $said['faulty'] ?? $this->faulty,
            $said['partsApart'] ?? $this->partsApart,
            $said['unknown'] ?? $this->unknown,
            $said['daysLate'] ?? $this->daysLate,
            $said['missingRecords'] ?? $this->missingRecords,
        );
    }
}
