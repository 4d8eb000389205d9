<?php

declare(strict_types=1);

namespace App\Platform\Audit;

/** Who does something: a person, or Sundial by itself. */
final readonly class Actor
{
    private function __construct(public ?int $id, public string $name)
    {
    }

    public static function person(int $id, string $name): self
    {
        return new self($id, $name);
    }

    /** Somebody without an account, by the name that they gave. */
    public static function guest(string $name): self
    {
        return new self(null, $name);
    }

    public static function sundial(): self
    {
        return new self(null, 'Sundial');
    }
}
