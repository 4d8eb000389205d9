<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Stringable;

/** The address of a page with what it is asked for: what says nothing is left out of it. */
final readonly class Address implements Stringable
{
    /** @param  array<string, mixed>  $asked */
    private function __construct(private string $path, private array $asked)
    {
    }

    /** @param  array<string, mixed>  $asked */
    public static function of(string $path, array $asked): self
    {
        return new self($path, $asked);
    }

    /**
     * The same page asked for something else as well; null: not asked for that any more.
     *
     * @param  array<string, mixed>  $change
     */
    public function with(array $change): self
    {
        return new self($this->path, array_replace($this->asked, $change));
    }

    /**
     * Another page, or a file, that is asked for the same.
     *
     * @param  array<string, mixed>  $change
     */
    public function at(string $path, array $change = []): self
    {
        return new self($path, array_replace($this->asked, $change));
    }

    /** What is asked for alone, as it stands behind a path; empty for nothing. */
    public function asked(): string
    {
        $asked = http_build_query(array_filter(
            $this->asked,
            static fn (mixed $one): bool => $one !== null && $one !== '' && $one !== [],
        ));

        return $asked === '' ? '' : "?{$asked}";
    }

    public function __toString(): string
    {
        return $this->path.$this->asked();
    }
}
