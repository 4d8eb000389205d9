<?php

declare(strict_types=1);

namespace App\Stops\Inputs;

use Sundial\Stops\StopKind;

/** What is said of a reason for which machines stand. */
final readonly class ReasonInput
{
    public function __construct(
        public string $name,
        public StopKind $kind,
        public ?int $parentId,
        public ?int $classId,
        public bool $retired = false,
        public ?int $lineId = null,
    ) {
    }

    /** @return array<string, string|int|bool|StopKind|null> as it is kept */
    public function facts(): array
    {
        return [
            'name' => $this->name,
            'kind' => $this->kind,
            'parent_id' => $this->parentId,
            'class_id' => $this->classId,
            'line_id' => $this->lineId,
            'retired' => $this->retired,
        ];
    }
}
