<?php

declare(strict_types=1);

namespace Sundial\Stock;

/** What is done with a unit before it fails, and what mending does to it. */
enum FailurePolicy: string
{
    case PatchedUp = 'patched_up';
    case ReplacedAsNew = 'replaced_as_new';
    case RunToFailure = 'run_to_failure';

    public function words(): string
    {
        return match ($this) {
            self::PatchedUp => 'patched up when it fails, renewed at the interval',
            self::ReplacedAsNew => 'replaced at the interval, or when it fails before',
            self::RunToFailure => 'runs until it fails',
        };
    }
}
