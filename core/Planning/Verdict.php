<?php

declare(strict_types=1);

namespace Sundial\Planning;

/** What an answer says about the machine. */
enum Verdict: string
{
    case Pass = 'pass';
    case Watch = 'watch';
    case Fail = 'fail';

    /** Whether it is a finding that somebody has to look at. */
    public function isFinding(): bool
    {
        return $this !== self::Pass;
    }
}
