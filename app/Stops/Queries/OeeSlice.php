<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Sundial\Calendar\LocalDate;

/** Which shifts of a site are added up: of which days and line, and of one of those by which they are added up. */
final readonly class OeeSlice
{
    private function __construct(
        public int $siteId,
        public LocalDate $from,
        public LocalDate $to,
        public ?int $lineId = null,
        public ?string $by = null,
        public ?string $value = null,
    ) {
    }

    /** Both days are within. */
    public static function of(int $siteId, LocalDate $from, LocalDate $to): self
    {
        return new self($siteId, $from, $to);
    }

    public function line(?int $lineId): self
    {
        return new self(...[...get_object_vars($this), 'lineId' => $lineId]);
    }

    public function only(string $by, string $value): self
    {
        return new self(...[...get_object_vars($this), 'by' => $by, 'value' => $value]);
    }

    /** As many days right before. */
    public function before(): self
    {
        $days = $this->from->daysUntil($this->to) + 1;

        return new self(...[
            ...get_object_vars($this),
            'from' => $this->from->plusDays(-$days),
            'to' => $this->from->plusDays(-1),
        ]);
    }
}
