<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Support\InvalidInput;
use Sundial\Support\Rounding;

/**
 * Pieces that are out for repair, with the value that they took along; quantities are thousandths of the unit. What
 * comes back mended brings its share of the value and what the repair cost; the share of what is beyond repair is lost.
 */
final readonly class OutForRepair
{
    private function __construct(public int $thousandths, public int $cents)
    {
    }

    public static function with(int $thousandths, int $cents): self
    {
        return new self($thousandths, $cents);
    }

    /**
     * Whole pieces that are expected back mended, where so many in a hundred are beyond repair: rounded down.
     *
     * Example: 5 pieces of which 30 % are beyond repair: 3.
     */
    public function expected(int $scrappedPercent): int
    {
        return intdiv($this->thousandths * (100 - $scrappedPercent), 100_000) * 1000;
    }

    /**
     * Example: 4 out with 100.00; 2 come back mended for 30.00 and 1 does not: 80.00 comes back, 25.00 is lost, 1 is
     * out with 25.00.
     *
     * @param  int  $cost  cents that the repair of those that came back cost
     * @return array{int, int, self} cents that come back, cents that are lost, what is still out
     *
     * @throws InvalidInput nothing, too_many
     */
    public function comeBack(int $mended, int $beyond, int $cost): array
    {
        $back = $mended + $beyond;
        if ($mended < 0 || $beyond < 0 || $back === 0) {
            throw InvalidInput::because('nothing', 'mended', 'Say how many came back mended, or are beyond repair.');
        }
        if ($back > $this->thousandths) {
            throw InvalidInput::because('too_many', 'mended', 'More come back than are out.', $back);
        }
        $share = Rounding::divideHalfAwayFromZero($this->cents * $back, $this->thousandths);
        $lost = Rounding::divideHalfAwayFromZero($share * $beyond, $back);
        // Nothing comes back to bear what was paid for it: it is lost, too.
        $lost += $mended === 0 ? $cost : 0;

        return [
            $mended === 0 ? 0 : $share - $lost + $cost,
            $lost,
            new self($this->thousandths - $back, $this->cents - $share),
        ];
    }
}
