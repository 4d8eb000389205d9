<?php

declare(strict_types=1);

namespace Sundial\Stops;

/** A stretch of a band: how it looks, how high (1: the ideal rate), and of which stop or run it is. */
final readonly class BandBlock
{
    /** @param  float  $rejected  the share of what was made in it */
    public function __construct(
        public Span $span,
        public BandLook $look,
        public float $rate = 0.0,
        public ?int $of = null,
        public float $rejected = 0.0,
    ) {
    }
}
