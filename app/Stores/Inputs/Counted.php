<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use App\Platform\Audit\Actor;
use App\Platform\Subject;
use App\Stores\Stock\Posting;
use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;

/** What was counted on a shelf, beside what the books said at that moment. */
final readonly class Counted
{
    private function __construct(
        public int $quantity,
        public ?int $byBooks = null,
        public ?UnitPrice $price = null,
        public ?string $reason = null,
        public ?Actor $second = null,
        public ?Subject $sheet = null,
        public ?string $label = null,
    ) {
    }

    /** @throws InvalidInput negative_count */
    public static function now(int $quantity): self
    {
        return $quantity < 0
            ? throw InvalidInput::because('negative_count', 'counted', 'A count is nothing or more.', $quantity)
            : new self($quantity);
    }

    /** Counted earlier, when the books said so many: what moved since moves what was counted. */
    public function whenBooksSaid(int $byBooks): self
    {
        return new self(...[...get_object_vars($this), 'byBooks' => $byBooks]);
    }

    /** What one is worth, where the books do not know. */
    public function worth(?UnitPrice $price): self
    {
        return new self(...[...get_object_vars($this), 'price' => $price]);
    }

    public function because(?string $reason, ?Actor $second): self
    {
        return new self(...[...get_object_vars($this), 'reason' => $reason, 'second' => $second]);
    }

    /** On the sheet of a count. */
    public function onSheet(Subject $sheet, string $label): self
    {
        return new self(...[...get_object_vars($this), 'sheet' => $sheet, 'label' => $label]);
    }

    public function difference(int $onHand): int
    {
        return $this->quantity - ($this->byBooks ?? $onHand);
    }

    public function on(Posting $posting): Posting
    {
        $posting = $posting->because($this->reason);

        return $this->sheet === null ? $posting : $posting->for($this->sheet, (string) $this->label);
    }
}
