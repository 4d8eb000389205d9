<?php

declare(strict_types=1);

namespace App\Register\Events;

/** Many readings were taken at once, as a gateway sends them: whoever sent them does not wait for what follows. */
final readonly class ManyReadingsTaken
{
    /** @param  list<int>  $meterIds */
    public function __construct(public array $meterIds)
    {
    }
}
