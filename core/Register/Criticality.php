<?php

declare(strict_types=1);

namespace Sundial\Register;

/** How much depends on an asset or a part, the most first: without A the plant stands. */
enum Criticality: string
{
    case A = 'A';
    case B = 'B';
    case C = 'C';

    /** @return non-empty-list<string> as files, forms and tables write them */
    public static function letters(): array
    {
        return array_column(self::cases(), 'value');
    }
}
