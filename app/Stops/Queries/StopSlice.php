<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use DateTimeImmutable;
use Sundial\Stops\Span;
use Sundial\Stops\WholeDays;

/** Which stops of a site are looked at: of a period, of one reason or cause. */
final readonly class StopSlice
{
    private function __construct(
        public int $siteId,
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
        public string $by = 'reason',
        public ?string $value = null,
        public bool $without = false,
        public string $countedFrom = '0001-01-01 00:00:00',
        public bool $open = false,
        public bool $isLost = false,
        public bool $isUpToNow = false,
    ) {
    }

    /** Up to now at the most. */
    public static function of(int $siteId, DateTimeImmutable $from, DateTimeImmutable $to): self
    {
        return new self($siteId, $from, $to);
    }

    /** So many whole days (UTC) and what there is of today, up to now: whole days are added up already. */
    public static function lately(int $siteId, DateTimeImmutable $now, int $days): self
    {
        return new self($siteId, $now->setTime(0, 0)->modify("-{$days} days"), $now, isUpToNow: true);
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

    /** Lost time alone: what was planned to stand is left out. */
    public function lost(): self
    {
        return new self(...[...get_object_vars($this), 'isLost' => true]);
    }

    /** Up to an instant. */
    public function until(DateTimeImmutable $to): self
    {
        return new self(...[...get_object_vars($this), 'to' => $to, 'isUpToNow' => false]);
    }

    /** As long, up to where it begins. */
    public function before(): self
    {
        $from = $this->from->modify('-'.($this->to->getTimestamp() - $this->from->getTimestamp()).' seconds');

        return new self(...[...get_object_vars($this), 'from' => $from, 'to' => $this->from, 'isUpToNow' => false]);
    }

    /** From an instant on; what began before it is counted before it. */
    public function since(DateTimeImmutable $from): self
    {
        return new self(...[
            ...get_object_vars($this),
            'from' => $from,
            'countedFrom' => $from->format('Y-m-d H:i:s'),
        ]);
    }

    /** Of what stands still. */
    public function goingOn(): self
    {
        return new self(...[
            ...get_object_vars($this),
            'open' => true,
            'countedFrom' => $this->fromAt(),
        ]);
    }

    /** Its whole days; null: too few to be worth adding up. */
    public function wholeDays(): ?self
    {
        $period = Span::between($this->from->getTimestamp(), $this->to->getTimestamp());
        $whole = WholeDays::of($period, $this->isUpToNow ? $period->to : PHP_INT_MAX);

        return WholeDays::fit($whole)
            ? new self(...[
                ...get_object_vars($this),
                'from' => $this->from->setTimestamp($whole->from),
                'to' => $this->to->setTimestamp($whole->to),
            ])
            : null;
    }

    /** Of a stop, the seconds that lie in the period, as SQL; the instants are ours, not typed. */
    public function seconds(): string
    {
        return "(TO_SECONDS(LEAST(COALESCE(s.to_at, '{$this->toAt()}'), '{$this->toAt()}')) - ".
            "TO_SECONDS(GREATEST(s.from_at, '{$this->fromAt()}')))";
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
