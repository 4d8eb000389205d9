<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use Sundial\Support\Quantity;

/**
 * The shelf of a part as it is drawn: every piece a square, those that are promised first; beside it what is due. Where
 * there are many, a square stands for several.
 */
final readonly class ShelfShown
{
    private const ACROSS = 10;

    private const MOST = 40;

    private const SIDE = 9;

    private const STEP = 11;

    private const GROUND = 63;

    /**
     * @param  list<array{int, int, string}>  $pieces  x, y, and whether it is promised, free or due
     */
    private function __construct(
        public array $pieces,
        public int $each,
        public int $dueFrom,
        public int $width,
        public string $says,
    ) {
    }

    /** Quantities in thousandths. */
    public static function of(int $promised, int $free, int $due): self
    {
        $each = self::each(max($promised + $free, $due));
        $held = self::squares($promised, 'promised', $each);
        $held = [...$held, ...self::squares($free, 'free', $each)];
        $pieces = self::placed($held, 0, self::ACROSS);
        // The words beneath want room.
        $from = max(84, min(self::ACROSS, count($held)) * self::STEP + 10);
        $coming = self::squares($due, 'due', $each);
        $pieces = [...$pieces, ...self::placed($coming, $from, 4)];
        $wide = $from + ($coming === [] ? 0 : min(4, count($coming)) * self::STEP);

        return new self($pieces, $each, $coming === [] ? 0 : $from, max(120, $wide), sprintf(
            'On the shelf: %s promised, %s free; %s due',
            Quantity::words($promised),
            Quantity::words($free),
            Quantity::words($due),
        ));
    }

    /** 1, 2, 5, 10, 20, 50, …: as few as lets all of it be drawn. */
    private static function each(int $thousandths): int
    {
        $each = 1;
        $steps = [2, 2.5, 2];
        for ($i = 0; intdiv($thousandths, 1000) > self::MOST * $each && $i < 60; $i++) {
            $each = (int) ($each * $steps[$i % 3]);
        }

        return $each;
    }

    /** @return list<string> */
    private static function squares(int $thousandths, string $kind, int $each): array
    {
        return array_fill(0, max(0, intdiv($thousandths + $each * 1000 - 1, $each * 1000)), $kind);
    }

    /**
     * @param  list<string>  $kinds
     * @return list<array{int, int, string}> in rows from the ground up
     */
    private static function placed(array $kinds, int $from, int $across): array
    {
        return array_map(
            static fn (string $kind, int $i): array => [
                2 + $from + $i % $across * self::STEP,
                self::GROUND - self::SIDE - intdiv($i, $across) * self::STEP,
                $kind,
            ],
            $kinds,
            array_keys($kinds),
        );
    }
}
