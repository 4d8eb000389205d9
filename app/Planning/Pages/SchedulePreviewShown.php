<?php

declare(strict_types=1);

namespace App\Planning\Pages;

/** What a schedule would do, in words; or what is missing before that can be said. */
final readonly class SchedulePreviewShown
{
    /**
     * @param  list<array{day: string, level: string|null, between: string|null, made: string}>  $visits
     * @param  list<string>  $warnings
     */
    public function __construct(
        public ?string $problem,
        public string $sentence = '',
        public string $usage = '',
        public string $turn = '',
        public ?YearDrawing $year = null,
        public array $visits = [],
        public array $warnings = [],
    ) {
    }

    public static function problem(string $problem): self
    {
        return new self($problem);
    }
}
