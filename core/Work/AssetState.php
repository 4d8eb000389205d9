<?php

declare(strict_types=1);

namespace Sundial\Work;

use Sundial\Support\InvalidInput;

/** How far the work of an order on one of its assets is. */
enum AssetState: string
{
    case Open = 'open';
    case Done = 'done';
    case LeftOut = 'left out';

    /**
     * What becomes of it when somebody says so. The last one cannot be left out: then nothing would be done by the
     * order, and it is cancelled instead.
     *
     * @param  int  $others  assets of the order that are not left out
     *
     * @throws InvalidInput no_reason, last_one
     */
    public static function said(self $to, ?string $reason, int $others): self
    {
        if ($to !== self::LeftOut) {
            return $to;
        }
        if (trim((string) $reason) === '') {
            throw InvalidInput::because('no_reason', 'left_reason', 'Say why it is left out.');
        }
        if ($others === 0) {
            throw InvalidInput::because(
                'last_one',
                'left_reason',
                'It is the last one that is left. Cancel the order instead.',
            );
        }

        return $to;
    }
}
