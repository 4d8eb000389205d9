<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use DateTimeImmutable;

/** Which stops of a site are looked at: of a period, within a place or an asset, of one reason or cause. */
final readonly class StopSlice
{
    private function __construct(
        public int $siteId,
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
        public ?string $path = null,
        public string $by = 'reason',
        public ?string $value = null,
        public bool $without = false,
    ) {
    }

    /** Up to now at the most. */
    public static function of(int $siteId, DateTimeImmutable $from, DateTimeImmutable $to): self
    {
        return new self($siteId, $from, $to);
    }

    /** Within a place or an asset, by its path. */
    public function within(?string $path): self
    {
        return new self(...[...get_object_vars($this), 'path' => $path]);
    }

    /** Of one of those by which they are added up. */
    public function only(string $by, ?string $value): self
    {
        return new self(...[...get_object_vars($this), 'by' => $by, 'value' => $value]);
    }

    /** Of no reason of the list. */
    public function withoutReason(): self
    {
        return new self(...[...get_object_vars($this), 'without' => true]);
    }

    public function fromAt(): string
    {
        return $this->from->format('Y-m-d H:i:s');
    }

    public function toAt(): string
    {
        return $this->to->format('Y-m-d H:i:s');
    }
}
