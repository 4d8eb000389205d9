<?php

declare(strict_types=1);

namespace Sundial\Planning\Record;

/** What an answer says about the machine. */
enum Verdict: string
{
    case Sound = 'sound';
    case Watch = 'watch';
    case Faulty = 'faulty';

    /** Whether it is a finding that somebody has to look at. */
    public function isFinding(): bool
    {
        return $this !== self::Sound;
    }
}
