<?php

declare(strict_types=1);

namespace App\Stores\Mail;

use App\Platform\Files\Pdf;
use App\Platform\Sites\Site;
use App\Stores\Models\Purchase;
use Illuminate\Mail\Attachment;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** A purchase to its supplier: a few lines, and the order as PDF. */
final class PurchaseByMail extends Mailable
{
    public function __construct(private readonly Purchase $purchase, private readonly Site $site)
    {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: "Purchase {$this->purchase->label()}, {$this->site->name}");
    }

    public function content(): Content
    {
        return new Content(text: 'stores.buying.mail', with: $this->shown());
    }

    /** @return list<Attachment> */
    public function attachments(): array
    {
        return [
            Attachment::fromData(
                fn (): string => Pdf::of('stores.buying.pdf', $this->shown()),
                "{$this->purchase->label()}.pdf",
            )->withMime('application/pdf'),
        ];
    }

    /** @return array<string, mixed> */
    private function shown(): array
    {
        return ['purchase' => $this->purchase, 'site' => $this->site, 'total' => $this->purchase->total()];
    }
}
