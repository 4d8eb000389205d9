<?php

declare(strict_types=1);

namespace Sundial\Files;

use Sundial\Support\InvalidInput;

/** What kinds of files the plant keeps. What a file is follows from its content, never from its name. */
enum FileKind: string
{
    case Photo = 'photo';
    case Pdf = 'PDF';
    case Text = 'text';
    case Office = 'office document';

    /** The largest file that is taken: 30 MiB. */
    public const MOST_BYTES = 31457280;

    private const TYPES = [
        'image/jpeg' => self::Photo,
        'image/png' => self::Photo,
        'image/webp' => self::Photo,
        'image/gif' => self::Photo,
        'application/pdf' => self::Pdf,
        'text/plain' => self::Text,
        'text/csv' => self::Text,
        'application/vnd.openxmlformats-officedocument.wordprocessingml.document' => self::Office,
        'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet' => self::Office,
        'application/vnd.openxmlformats-officedocument.presentationml.presentation' => self::Office,
        'application/vnd.oasis.opendocument.text' => self::Office,
        'application/vnd.oasis.opendocument.spreadsheet' => self::Office,
        'application/vnd.oasis.opendocument.presentation' => self::Office,
    ];

    /**
     * The kind of a file by the media type that its content has.
     *
     * @param  int  $bytes  its size
     *
     * @throws InvalidInput when it is empty, too large, or of a type that is not kept
     */
    public static function of(string $mediaType, int $bytes, string $name, string $field = 'file'): self
    {
        if ($bytes < 1) {
            throw InvalidInput::because('empty', $field, "“{$name}” is empty.", $name);
        }
        if ($bytes > self::MOST_BYTES) {
            throw InvalidInput::because(
                'too_large',
                $field,
                "“{$name}” is larger than 30 MB. Make it smaller, or keep it elsewhere and put a link to it.",
                $name,
            );
        }

        return self::TYPES[$mediaType] ??
            throw InvalidInput::because(
                'wrong_type',
                $field,
                "“{$name}” is no photo, PDF, text or office document by its content ({$mediaType}), whatever its ".
                    'name says.',
                $name,
            );
    }

    /** Whether a browser may show it in a window of its own; anything else is saved. */
    public function isShown(): bool
    {
        return $this === self::Photo || $this === self::Pdf;
    }

    /** The kind of a type that was taken before. */
    public static function ofType(string $mediaType): self
    {
        return self::TYPES[$mediaType] ?? self::Text;
    }
}
