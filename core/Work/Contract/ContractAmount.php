<?php

declare(strict_types=1);

namespace Sundial\Work\Contract;

use Sundial\Costing\HourlyRate;
use Sundial\Costing\LabourCost;

/** What was agreed with a contractor, what was accepted of it, and how an invoice stands against that. In cents. */
final readonly class ContractAmount
{
    private function __construct(public int $agreed, public ?int $accepted, public int $invoiced)
    {
    }

    /**
     * @param  list<array{int, HourlyRate}>  $hours  person-minutes and the rate agreed for an hour of them
     * @param  int  $services  agreed for services
     */
    public static function agreed(array $hours, int $services): self
    {
        $labour = array_map(
            static fn (array $line): int => LabourCost::planned($line[0], $line[1]),
            $hours,
        );

        return new self(array_sum($labour) + $services, null, 0);
    }

    /**
     * As it was reported and accepted: the hours that were worked, at the first rate that was agreed, and the services.
     *
     * @param  list<array{int, HourlyRate}>  $hours  as they were agreed
     */
    public function accepting(int $minutes, array $hours, int $services): self
    {
        $labour = $hours === [] ? 0 : LabourCost::planned($minutes, $hours[0][1]);

        return new self($this->agreed, $labour + $services, $this->invoiced);
    }

    public function invoicing(int $cents): self
    {
        return new self($this->agreed, $this->accepted, $cents);
    }

    /** By how much the invoices are above what was accepted, or below it; null as long as nothing was accepted. */
    public function difference(): ?int
    {
        return $this->accepted === null ? null : $this->invoiced - $this->accepted;
    }
}
