<?php

declare(strict_types=1);

namespace Sundial\Stops;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Sundial\Support\InvalidInput;

/** What was made of a product: pieces in all, those that were rejected, and the ideal time for one. */
final readonly class ProductRun
{
    private function __construct(public BigDecimal $idealSeconds, public int $total, public int $rejects)
    {
    }

    /**
     * @param  string  $idealSeconds  for one piece, an exact decimal
     *
     * @throws InvalidInput negative_ideal, negative_count, rejects_above_total
     */
    public static function of(string $idealSeconds, int $total, int $rejects): self
    {
        try {
            $ideal = BigDecimal::of($idealSeconds);
        } catch (MathException) {
            throw InvalidInput::because('not_a_number', 'ideal', "“{$idealSeconds}” is no number.", $idealSeconds);
        }

        return match (true) {
            $ideal->isNegative() => throw InvalidInput::because(
                'negative_ideal',
                'ideal',
                'The ideal time for a piece is 0 or above.',
                $idealSeconds,
            ),
            $total < 0 || $rejects < 0 => throw InvalidInput::because(
                'negative_count',
                'total',
                'Pieces are 0 or more.',
                min($total, $rejects),
            ),
            $rejects > $total => throw InvalidInput::because(
                'rejects_above_total',
                'rejects',
                'More are rejected than were made.',
                $rejects,
            ),
            default => new self($ideal, $total, $rejects),
        };
    }

    /** Seconds that it takes at the ideal rate. */
    public function ideal(): BigDecimal
    {
        return $this->idealSeconds->multipliedBy($this->total);
    }

    /** Seconds that the good pieces take at the ideal rate. */
    public function goodIdeal(): BigDecimal
    {
        return $this->idealSeconds->multipliedBy($this->total - $this->rejects);
    }
}
