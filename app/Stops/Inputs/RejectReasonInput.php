<?php

declare(strict_types=1);

namespace App\Stops\Inputs;

/** What was said of a reason for which pieces are rejected. */
final readonly class RejectReasonInput
{
    public function __construct(
        public string $name,
        public ?int $parentId = null,
        public ?int $lineId = null,
        public bool $retired = false,
    ) {
    }

    /** @return array<string, mixed> */
    public function facts(): array
    {
        return [
            'name' => $this->name,
            'parent_id' => $this->parentId,
            'line_id' => $this->lineId,
            'retired' => $this->retired,
        ];
    }
}
