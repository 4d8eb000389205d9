<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use Sundial\Support\InvalidInput;

/** What is said of the recharge of an order. */
final readonly class RechargeInput
{
    /** @param  array<string, string>  $references */
    private function __construct(
        public string $customer,
        public ?string $customerOrder,
        public int $discount,
        public ?int $set,
        public ?string $reason,
        public ?string $invoice,
        public array $references,
    ) {
    }

    public static function to(string $customer, ?string $customerOrder, ?string $invoice): self
    {
        return new self($customer, $customerOrder, 0, null, null, $invoice, []);
    }

    /**
     * @param  int|null  $set  a total set by hand, in cents
     *
     * @throws InvalidInput no_reason, where a total is set without one; below_nothing
     */
    public function amounts(int $discount, ?int $set, ?string $reason): self
    {
        if ($discount < 0) {
            throw InvalidInput::because('below_nothing', 'discount', 'A discount is not less than nothing.');
        }
        if ($set !== null && trim((string) $reason) === '') {
            throw InvalidInput::because('no_reason', 'set_reason', 'Say why the total is set by hand.');
        }

        return new self(
            $this->customer,
            $this->customerOrder,
            $discount,
            $set,
            $set === null ? null : $reason,
            $this->invoice,
            $this->references,
        );
    }

    /** @param  array<string, string>  $references */
    public function naming(array $references): self
    {
        return new self(
            $this->customer,
            $this->customerOrder,
            $this->discount,
            $this->set,
            $this->reason,
            $this->invoice,
            $references,
        );
    }
}
