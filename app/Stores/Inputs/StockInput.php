<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** Where a part lies in a store, and when and how much of it is bought again. */
final readonly class StockInput
{
    private function __construct(
        public ?string $bin,
        public ?int $point,
        public ?int $quantity,
        public ?int $most,
    ) {
    }

    /**
     * @param  array{bin?: string|null, reorder_point?: string|null, order_quantity?: string|null,
     *     most?: string|null}  $typed  quantities as they are written
     *
     * @throws InvalidInput if one is no quantity, or the most lies below the point
     */
    public static function typed(array $typed): self
    {
        $point = self::quantity($typed, 'reorder_point');
        $quantity = self::quantity($typed, 'order_quantity');
        $most = self::quantity($typed, 'most');
        if ($quantity === 0) {
            throw InvalidInput::because(
                'out_of_range',
                'order_quantity',
                'Say how many are bought at a time, or leave it empty.',
            );
        }
        if ($most !== null && $point !== null && $most < $point) {
            throw InvalidInput::because(
                'out_of_range',
                'most',
                'The most that is held lies at the reorder point or above it.',
            );
        }
        $bin = trim((string) ($typed['bin'] ?? ''));

        return new self($bin === '' ? null : $bin, $point, $quantity, $most);
    }

    /** @param  array<string, string|null>  $typed */
    private static function quantity(array $typed, string $field): ?int
    {
        $text = trim((string) ($typed[$field] ?? ''));
        if ($text === '') {
            return null;
        }
        $quantity = Quantity::parse($text, $field);

        return $quantity < 0
            ? throw InvalidInput::because('out_of_range', $field, 'It lies at 0 or above.', $text)
            : $quantity;
    }
}
