<?php

declare(strict_types=1);

namespace Sundial\Planning\Method;

/** What a step asks of whoever does it. */
enum AnswerKind: string
{
    case Tick = 'tick';
    case Check = 'check';
    case Number = 'number';
    case Reading = 'reading';
    case Choice = 'choice';
    case Text = 'text';
    case Photo = 'photo';
    case Signature = 'signature';

    /** As people choose it. */
    public function words(): string
    {
        return match ($this) {
            self::Tick => 'a tick',
            self::Check => 'sound, watch or faulty',
            self::Number => 'a number',
            self::Reading => 'a meter reading',
            self::Choice => 'a choice',
            self::Text => 'a text',
            self::Photo => 'a photo',
            self::Signature => 'a signature',
        };
    }

    /** Whether the answer comes as a file. */
    public function isPicture(): bool
    {
        return $this === self::Photo || $this === self::Signature;
    }
}
