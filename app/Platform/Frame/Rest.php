<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Closure;

/** What stands below the first sections of a sheet, with the list of all its sections: made when it is shown. */
final class Rest
{
    /** @var array<string, mixed>|null */
    private ?array $data = null;

    /** @param  Closure(): array<string, mixed>  $make */
    public function __construct(
        public readonly string $view,
        public readonly ?string $toc,
        private readonly Closure $make,
        public readonly bool $isAwaited,
    ) {
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        return $this->data ??= ($this->make)();
    }
}
