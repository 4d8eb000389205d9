<?php

declare(strict_types=1);

namespace App\Platform\Frame;

/** The wording for all views: found when a view asks for it, once a site can be known. */
final class WordingForViews
{
    /** @param  array<mixed>  $arguments */
    public function __call(string $method, array $arguments): mixed
    {
        return app(Wording::class)->{$method}(...$arguments);
    }
}
