<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use Closure;

/** Which extensions there are, and on which points they stand: an extension stands on each interface it keeps. */
final class ExtensionList
{
    /** @var array<class-string, list<class-string|Closure>> */
    private array $at = [];

    /** @param  class-string  ...$classes */
    public function add(string ...$classes): void
    {
        foreach ($classes as $class) {
            foreach (class_implements($class) ?: [] as $point) {
                $this->at[$point][] = $class;
            }
        }
    }

    /**
     * One that needs more than the container knows.
     *
     * @param  class-string  $point
     */
    public function addMade(string $point, Closure $make): void
    {
        $this->at[$point][] = $make;
    }

    /** @param  class-string  $point
     * @return list<class-string|Closure> */
    public function at(string $point): array
    {
        return $this->at[$point] ?? [];
    }
}
