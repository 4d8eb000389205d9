<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use App\Platform\Subject;
use App\Stores\Models\Claim;

/** The parts that something approved wants of the stores of its site, and how it is ranked among others. */
final readonly class PartsWanted
{
    /** @param  array<int, int>  $quantities  thousandths by part, not handed over yet */
    private function __construct(
        public Subject $for,
        public string $label,
        public ?string $who,
        public ?string $neededOn,
        public int $strokes,
        public string $approvedAt,
        public array $quantities,
    ) {
    }

    /** @param  array<int, int>  $quantities  thousandths by part */
    public static function by(Subject $for, string $label, array $quantities): self
    {
        return new self(
            $for,
            mb_substr($label, 0, 200),
            null,
            null,
            1,
            '',
            array_filter($quantities, static fn (int $many): bool => $many > 0),
        );
    }

    /** It wants nothing any more: it is done, or cancelled. */
    public static function nothing(Subject $for): self
    {
        return self::by($for, '', []);
    }

    /** By which its claims are known. */
    public function key(): string
    {
        return Claim::keyOf($this->for->kind, $this->for->id);
    }

    public function ranked(int $strokes, ?string $neededOn, string $approvedAt): self
    {
        return new self(...[
            ...get_object_vars($this),
            'strokes' => $strokes,
            'neededOn' => $neededOn,
            'approvedAt' => $approvedAt,
        ]);
    }

    public function fetchedBy(?string $who): self
    {
        return new self(...[...get_object_vars($this), 'who' => $who]);
    }
}
