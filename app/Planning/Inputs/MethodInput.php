<?php

declare(strict_types=1);

namespace App\Planning\Inputs;

use App\Planning\Methods\RevisionContent;
use App\Planning\Models\Method;
use Sundial\Support\InvalidInput;

/** What is said of a method: what stays over all its revisions, and what its next revision says. */
final readonly class MethodInput
{
    private function __construct(
        public string $code,
        public string $name,
        public ?int $classId,
        public ?string $why,
        public RevisionContent $content,
    ) {
    }

    /**
     * @param  array<string, mixed>  $fields  code, name, class_id, purpose, order_type, priority, ladder, tools,
     *     precautions, steps, labour; why, when it is put in force
     *
     * @throws InvalidInput if its ladder or a step is none
     */
    public static function of(array $fields): self
    {
        return new self(
            (string) $fields['code'],
            (string) $fields['name'],
            isset($fields['class_id']) ? (int) $fields['class_id'] : null,
            $fields['why'] ?? null,
            RevisionContent::typed($fields),
        );
    }

    /** What stays of a method as it is, with what its next revision says. */
    public static function revised(Method $method, RevisionContent $content, ?string $why): self
    {
        return new self($method->code, $method->name, $method->class_id, $why, $content);
    }

    /** @return array{code: string, name: string, class_id: int|null} what stays over all revisions */
    public function facts(): array
    {
        return ['code' => $this->code, 'name' => $this->name, 'class_id' => $this->classId];
    }
}
