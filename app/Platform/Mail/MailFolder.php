<?php

declare(strict_types=1);

namespace App\Platform\Mail;

use Illuminate\Support\Str;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/** Stands in for a mail server: what would be sent lies as a file in the storage of the instance. */
final class MailFolder extends AbstractTransport
{
    public function __construct(private readonly string $folder)
    {
        parent::__construct();
    }

    protected function doSend(SentMessage $message): void
    {
        if (! is_dir($this->folder)) {
            mkdir($this->folder, 0o770, true);
        }
        file_put_contents("{$this->folder}/".Str::ulid().'.eml', $message->toString());
    }

    public function __toString(): string
    {
        return 'outbox';
    }
}
