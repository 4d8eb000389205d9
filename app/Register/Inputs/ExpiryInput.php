<?php

declare(strict_types=1);

namespace App\Register\Inputs;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** What is said of an expiry date: a new one, a correction, a renewal, or its end. */
final readonly class ExpiryInput
{
    private function __construct(
        public ?LocalDate $until,
        public ?string $what,
        public ?int $warnDays,
        public ?int $documentId,
        public ?string $note,
        public bool $renews,
    ) {
    }

    /**
     * @param  array{what?: string, until: string, warn_days?: int|null, document_id?: int|null, note?: string|null,
     *     renew?: bool}  $fields
     *
     * @throws InvalidInput if its last day is none
     */
    public static function of(array $fields): self
    {
        return new self(
            LocalDate::parse($fields['until'], 'until'),
            $fields['what'] ?? null,
            $fields['warn_days'] ?? null,
            $fields['document_id'] ?? null,
            $fields['note'] ?? null,
            $fields['renew'] ?? false,
        );
    }

    /** It counts no more, and nothing follows it. */
    public static function end(): self
    {
        return new self(null, null, null, null, null, false);
    }
}
