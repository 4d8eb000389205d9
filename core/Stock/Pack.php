<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;
use Sundial\Support\Rounding;

/**
 * In what a part is bought or handed over, where that is not its own unit: a box of 12, a drum of 200 l. Stock is kept
 * in the unit of the part, in thousandths; a pack says how many of them it holds.
 */
final readonly class Pack
{
    private function __construct(public string $name, public int $holds)
    {
    }

    /**
     * @param  int  $holds  thousandths of the unit of the part
     *
     * @throws InvalidInput no_pack: it has no name, or holds nothing
     */
    public static function of(string $name, int $holds): self
    {
        return trim($name) === '' || $holds <= 0
            ? throw InvalidInput::because('no_pack', 'pack', 'A pack has a name and holds something.', $holds)
            : new self(trim($name), $holds);
    }

    /** So many packs, in thousandths of the unit, half away from zero. Example: 2.5 boxes of 12 are 30. */
    public function times(int $thousandthsOfPacks): int
    {
        return Rounding::divideHalfAwayFromZero($thousandthsOfPacks * $this->holds, 1000);
    }

    /** So much in packs, in thousandths of a pack, half away from zero. Example: 30 in boxes of 12 are 2.5. */
    public function count(int $thousandths): int
    {
        return Rounding::divideHalfAwayFromZero($thousandths * 1000, $this->holds);
    }

    /** The least number of whole packs that holds so much. Example: 13 in boxes of 12 are 24. */
    public function roundUp(int $thousandths): int
    {
        return Rounding::divideUp($thousandths, $this->holds) * $this->holds;
    }

    /** "2 × box of 12". */
    public function words(int $thousandths): string
    {
        return Quantity::words($this->count($thousandths))." × {$this->says()}";
    }

    /** "box of 12". */
    public function says(): string
    {
        return "{$this->name} of ".Quantity::words($this->holds);
    }
}
