<?php

declare(strict_types=1);

namespace App\Work\Inputs;

/** What a technician answers to a step: a word or number, with the meter that was read; or a picture. */
final readonly class StepReply
{
    private function __construct(
        public string $value,
        public ?int $meterId,
        public string $turn,
        public ?string $oldFinal,
        public ?string $path,
        public ?string $name,
    ) {
    }

    public static function typed(string $value): self
    {
        return new self($value, null, '', null, null, null);
    }

    /**
     * The same, read of a meter.
     *
     * @param  string  $turn  confirmed, rolled over or replaced, where it was questioned
     * @param  string|null  $oldFinal  what the meter last showed before it was replaced
     */
    public function of(?int $meterId, string $turn = '', ?string $oldFinal = null): self
    {
        return new self($this->value, $meterId, $turn, $oldFinal, $this->path, $this->name);
    }

    /** A photo or a signature in a file, and how the file is called. */
    public static function picture(string $path, string $name): self
    {
        return new self('', null, '', null, $path, $name);
    }
}
