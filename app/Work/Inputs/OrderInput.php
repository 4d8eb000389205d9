<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use App\Planning\Models\Method;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Work\Models\WorkOrder;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderType;
use Sundial\Work\Priority;

/** What an order that is written by hand begins with; the rest is filled in from asset, method and person. */
final readonly class OrderInput
{
    private const MOST = 160;

    private function __construct(
        public Asset|Location $where,
        public string $title,
        public ?string $about,
        public OrderType $type,
        public Priority $priority,
        public ?LocalDate $due,
        public ?Assignment $assignment,
        public ?Method $method,
        public ?WorkOrder $former,
        public ?FoundOn $foundOn = null,
        public ?WorkOrder $repeats = null,
    ) {
    }

    /** @throws InvalidInput no_title */
    public static function on(Asset|Location $where, string $title, ?string $about = null): self
    {
        return trim($title) === ''
            ? throw InvalidInput::because('no_title', 'title', 'Say in a few words what is to be done.')
            : new self(
                $where,
                mb_substr(trim($title), 0, self::MOST),
                $about,
                OrderType::corrective(),
                Priority::Routine,
                null,
                null,
                null,
                null,
            );
    }

    /** The asset that it is done on; null: it is done on a place alone. */
    public function asset(): ?Asset
    {
        return $this->where instanceof Asset ? $this->where : null;
    }

    public function as(OrderType $type, Priority $priority, ?LocalDate $due): self
    {
        return $this->with(type: $type, priority: $priority, due: $due);
    }

    public function for(Assignment $assignment): self
    {
        return $this->with(assignment: $assignment);
    }

    public function by(?Method $method): self
    {
        return $this->with(method: $method);
    }

    /** Planned as a former order was. */
    public function like(?WorkOrder $former): self
    {
        return $this->with(former: $former);
    }

    /** Raised during another order. */
    public function foundOn(FoundOn $foundOn): self
    {
        return $this->with(foundOn: $foundOn);
    }

    /** The same work again: what it costs goes to the first order. */
    public function repeating(?WorkOrder $first): self
    {
        return $this->with(repeats: $first);
    }

    private function with(OrderType|Priority|LocalDate|Assignment|Method|WorkOrder|FoundOn|null ...$said): self
    {
        return new self(...[...get_object_vars($this), ...$said]);
    }
}
