<?php

declare(strict_types=1);

namespace Sundial\Register;

use Sundial\Support\InvalidInput;

/** The way from the top of a tree down to a node, as its ids: /L1/L7/A12/. */
final readonly class TreePath
{
    private function __construct(public string $path)
    {
    }

    /** A path as it is stored. */
    public static function of(string $path): self
    {
        return new self($path);
    }

    /** Whether the other path is this node or lies below it. */
    public function holds(self $other): bool
    {
        return str_starts_with($other->path, $this->path);
    }

    /** The id of the place at its top; null where it stands in none. */
    public function topPlace(): ?int
    {
        return preg_match('~^/L(\d+)/~', $this->path, $top) === 1 ? (int) $top[1] : null;
    }

    /** The key of the node at its top, a place or an asset; empty where it leads nowhere. */
    public function top(): string
    {
        return explode('/', $this->path)[1] ?? '';
    }

    /**
     * The path of a child with this key.
     */
    public function child(string $key): self
    {
        return new self("{$this->path}{$key}/");
    }

    /**
     * The path that this node gets under a new parent.
     *
     * @throws InvalidInput loop, when the parent is the node itself or lies inside it
     */
    public function under(self $parent, string $key, string $name, string $parentName): self
    {
        if ($this->holds($parent)) {
            throw InvalidInput::because(
                'loop',
                'stands',
                $this->path === $parent->path
                    ? "{$name} cannot stand inside itself. Choose another place or asset."
                    : "{$name} cannot stand inside {$parentName}, because {$parentName} stands inside {$name}. ".
                        "Move {$parentName} out first, or choose another place.",
            );
        }

        return $parent->child($key);
    }
}
