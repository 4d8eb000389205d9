<?php

declare(strict_types=1);

namespace Sundial\Work;

/** How soon work has to be done: one to four strokes. */
enum Priority: string
{
    case Routine = 'routine';
    case Soon = 'soon';
    case Urgent = 'urgent';
    case Emergency = 'emergency';

    /** 1 for routine to 4 for emergency. */
    public function strokes(): int
    {
        return match ($this) {
            self::Routine => 1,
            self::Soon => 2,
            self::Urgent => 3,
            self::Emergency => 4,
        };
    }
}
