<?php

declare(strict_types=1);

namespace App\Platform\Jump;

/** One place to jump to. */
final readonly class Hit
{
    public function __construct(
        public string $kind,
        public string $name,
        public string $tag,
        public string $about,
        public string $href,
    ) {
    }
}
