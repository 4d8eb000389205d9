<?php

declare(strict_types=1);

namespace App\Work\Orders;

use DateTimeImmutable;
use Sundial\Work\FinishAnswer;

/** What the form of a finish holds. */
final readonly class FinishInput
{
    /**
     * @param  array<int, array{shown: string, turn: string, old_final: string|null}>  $readings  by meter
     * @param  array<int, string>  $taken  how many of each planned part were used, by line
     * @param  FinishAnswer  $answer  whether what is questioned was said to be right
     */
    public function __construct(
        public DateTimeImmutable $at,
        public ?string $finding,
        public array $readings,
        public FinishAnswer $answer,
        public array $taken = [],
    ) {
    }
}
