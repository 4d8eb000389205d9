<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use Sundial\Files\PhotoMarks;

/** A photo that comes with a report, and the spot that was marked on it. */
final readonly class ReportPhoto
{
    public function __construct(public string $path, public string $name, public ?PhotoMarks $marks)
    {
    }
}
