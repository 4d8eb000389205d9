<?php

declare(strict_types=1);

namespace App\Stops\Inputs;

use Sundial\Stops\Signal;

/** A signal that came for a line, and of which product it was. */
final readonly class LineSignal
{
    public function __construct(public Signal $signal, public ?int $productId = null)
    {
    }
}
