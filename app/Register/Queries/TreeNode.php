<?php

declare(strict_types=1);

namespace App\Register\Queries;

/**
 * A node of the register's tree: what it is, how much is open and late inside it, and those of its children that are
 * shown.
 */
final class TreeNode
{
    /** @var list<self> */
    public array $children = [];

    public bool $open = false;

    public bool $found = false;

    public function __construct(
        public readonly string $key,
        public readonly int $id,
        public readonly string $tag,
        public readonly string $name,
        public readonly string $path,
        public readonly bool $hasChildren,
        public readonly bool $inUse,
        public readonly int $openOrders,
        public readonly int $late,
    ) {
    }

    public function isLocation(): bool
    {
        return $this->key[0] === 'L';
    }

    public function href(): string
    {
        return ($this->isLocation() ? '/places/' : '/assets/').$this->id;
    }
}
