<?php

declare(strict_types=1);

namespace App\Platform\Mail;

/** Whether this instance can send mail. */
final class MailServer
{
    public static function isSet(): bool
    {
        return config('mail.default') !== 'none';
    }
}
