<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Closure;

/** What stands below the first sections of a sheet, with the list of all its sections: made when it is shown. */
final readonly class Rest
{
    /** @var AskedOnce<array<string, mixed>> */
    private AskedOnce $once;

    /** @param  Closure(): array<string, mixed>  $make */
    public function __construct(
        public string $view,
        public ?string $toc,
        Closure $make,
        public bool $isAwaited,
    ) {
        $this->once = new AskedOnce($make);
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        return ($this->once)();
    }
}
