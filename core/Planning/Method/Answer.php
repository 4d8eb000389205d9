<?php

declare(strict_types=1);

namespace Sundial\Planning\Method;

use Sundial\Planning\Record\Verdict;

/** What a step was answered with, as it is kept, and what that says; no verdict where nothing can be judged. */
final readonly class Answer
{
    /** Made by {@see Question::answer()}. */
    public function __construct(public string $value, public ?Verdict $verdict)
    {
    }
}
