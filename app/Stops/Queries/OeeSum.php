<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Sundial\Stops\Oee;

/** The OEE of some shifts, added up, with how much of their time is covered and what an hour of it is worth. */
final readonly class OeeSum
{
    /**
     * @param  float|null  $minuteCents  what a planned minute is worth, on average; null: not known of all lines
     * @param  int|null  $lostCents  what is lost is worth, by the rate of each line
     */
    public function __construct(
        public string $key,
        public Oee $oee,
        public int $wanted,
        public int $shifts,
        public ?float $minuteCents = null,
        public ?int $lostCents = null,
    ) {
    }

    /** The share of the wanted time of which something is known; null where none was wanted. */
    public function covered(): ?float
    {
        return $this->wanted === 0 ? null : $this->oee->planned / $this->wanted;
    }

    /** Of one line, by what an hour of it is worth. */
    public static function ofLine(string $key, Oee $oee, int $wanted, ?int $hourCents): self
    {
        $sum = new self($key, $oee, $wanted, 1, $hourCents === null ? null : $hourCents / 60);

        return new self($key, $oee, $wanted, 1, $sum->minuteCents, $sum->cents($sum->lost()));
    }

    /** Minutes that were planned and are no good pieces. */
    public function lost(): float
    {
        $losses = $this->oee->losses();

        return $losses['stops'] + $losses['speed'] + $losses['rejects'];
    }

    /** The same for whoever sees no costs. */
    public function withoutWorth(): self
    {
        return new self($this->key, $this->oee, $this->wanted, $this->shifts);
    }

    /** What minutes are worth; null where that is not known. */
    public function cents(float $minutes): ?int
    {
        return $this->minuteCents === null ? null : (int) round($minutes * $this->minuteCents);
    }
}
