<?php

declare(strict_types=1);

namespace Sundial\Work\Rules;

/** Whether a site asks for something that a small one can do without. */
enum Asked: string
{
    case No = 'no';
    case Yes = 'yes';

    public function isYes(): bool
    {
        return $this === self::Yes;
    }
}
