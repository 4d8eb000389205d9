<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Support\InvalidInput;

/** How the pieces of a part are followed: by the batch in which they came, or each by its serial number. */
enum Tracked: string
{
    case Batch = 'batch';
    case Serial = 'serial';

    /**
     * How much goes by each name that was typed: a batch takes all of it, a serial number is one piece.
     *
     * @param  list<string>  $names
     * @return array<string, int> thousandths by name
     *
     * @throws InvalidInput no_lot: none, or not as many as there are pieces; twice
     */
    public function share(array $names, int $thousandths): array
    {
        $names = array_values(array_filter(array_map(trim(...), $names), static fn (string $one): bool => $one !== ''));
        if (count(array_unique($names)) < count($names)) {
            throw InvalidInput::because('twice', 'lots', 'A number stands there twice. Write each once.', $names);
        }
        if ($this === self::Batch) {
            return count($names) === 1
                ? [$names[0] => $thousandths]
                : throw InvalidInput::because('no_lot', 'lots', 'Say which batch it is, one at a time.', $names);
        }
        if (count($names) * 1000 !== $thousandths) {
            throw InvalidInput::because(
                'no_lot',
                'lots',
                'Write one serial number for each piece, each in a line of its own: '.count($names).' of '.
                    intdiv($thousandths, 1000).' are there.',
                $names,
            );
        }

        return array_fill_keys($names, 1000);
    }
}
