<?php

declare(strict_types=1);

namespace Sundial\Work\Failure;

/** The kinds of words by which a failure is told, after the kinds of ISO 14224. */
enum FailureKind: string
{
    case Symptom = 'symptom';
    case Mode = 'mode';
    case Mechanism = 'mechanism';
    case Cause = 'cause';
    case Action = 'action';
    case Found = 'found';
    case Effect = 'effect';

    /** As its field is called. */
    public function label(): string
    {
        return match ($this) {
            self::Symptom => 'How it showed',
            self::Mode => 'What failed',
            self::Mechanism => 'How it failed',
            self::Cause => 'Why',
            self::Action => 'What was done',
            self::Found => 'How it was found',
            self::Effect => 'What it caused',
        };
    }

    /** What has to be said before an order of unplanned work is closed. */
    public function isNeeded(): bool
    {
        return in_array($this, [self::Mode, self::Cause, self::Action], true);
    }
}
