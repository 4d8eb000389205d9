<?php

declare(strict_types=1);

namespace Sundial\Work\Rules;

/** What of a plan was approved: its hours, its cost as far as that is known, and what is confirmed at the start. */
final readonly class ApprovedPlan
{
    /** @param  list<string>  $precautions  in the order of the alphabet */
    private function __construct(public int $minutes, public int $cents, public array $precautions)
    {
    }

    /** @param  list<string>  $precautions */
    public static function of(int $minutes, int $cents, array $precautions): self
    {
        sort($precautions);

        return new self($minutes, $cents, $precautions);
    }

    /** @param  array{minutes: int, cents: int, precautions: list<string>}  $kept */
    public static function kept(array $kept): self
    {
        return self::of($kept['minutes'], $kept['cents'], $kept['precautions']);
    }

    /** @return array{minutes: int, cents: int, precautions: list<string>} */
    public function toKeep(): array
    {
        return ['minutes' => $this->minutes, 'cents' => $this->cents, 'precautions' => $this->precautions];
    }
}
