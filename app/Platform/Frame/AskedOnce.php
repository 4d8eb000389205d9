<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Closure;

/**
 * What the first answer of a page and the one behind it both stand on: asked when it is wanted first, and once.
 *
 * @template T of object|array
 */
final class AskedOnce
{
    /** @var T|null */
    private object|array|null $known = null;

    /** @param  Closure(): T  $ask */
    public function __construct(private readonly Closure $ask)
    {
    }

    /** @return T */
    public function __invoke(): object|array
    {
        return $this->known ??= ($this->ask)();
    }
}
