<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Sundial\Stops\Signal;

/** What a line signalled around something that came: enough that its minutes and its stops are known whole. */
final readonly class SignalsAround
{
    /**
     * @param  list<Signal>  $signals  in order
     * @param  int  $from  the first minute of which all is among them
     * @param  int  $to  where the last such minute ends
     * @param  bool  $isLast  whether nothing is known after them
     */
    public function __construct(public array $signals, public int $from, public int $to, public bool $isLast)
    {
    }
}
