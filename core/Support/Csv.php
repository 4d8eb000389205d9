<?php

declare(strict_types=1);

namespace Sundial\Support;

use Generator;

/** Reads comma-separated values (RFC 4180), also with semicolons and with or without a byte-order mark. */
final readonly class Csv
{
    private const MARK = "\u{FEFF}";

    /**
     * The records of a text; quoted cells may hold separators and line breaks. The first line decides between comma
     * and semicolon.
     *
     * @return array<int, list<string>>
     *
     * @throws InvalidInput when it is no UTF-8 text, or a quotation mark is never closed
     */
    public static function records(string $text): array
    {
        return iterator_to_array(self::each($text));
    }

    /**
     * The same one after the other, for files that are large.
     *
     * @return Generator<int, list<string>>
     *
     * @throws InvalidInput when it is no UTF-8 text
     */
    public static function each(string $text): Generator
    {
        if (! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
            throw InvalidInput::because(
                'not_text',
                'file',
                'The file is no UTF-8 text. Save it as CSV (UTF-8) and choose it again.',
            );
        }

        return self::cells($text, self::separator($text));
    }

    /** What keeps the cells of a text apart: whichever of comma and semicolon its first line has more of. */
    public static function separator(string $text): string
    {
        $firstLine = substr($text, 0, strcspn($text, "\r\n"));

        return substr_count($firstLine, ';') > substr_count($firstLine, ',') ? ';' : ',';
    }

    /**
     * A text that a spreadsheet would take for a formula gets an apostrophe before it; one that has it already gets
     * another, so that what is read again is what was written.
     */
    public static function guarded(string $text): string
    {
        return preg_match("/^'*[=+\-@\t\r]/", $text) === 1 && ! is_numeric($text) ? "'{$text}" : $text;
    }

    /** The text that was guarded, so that a file that is read again says the same. */
    public static function unguarded(string $text): string
    {
        return preg_match("/^'+[=+\-@\t\r]/", $text) === 1 ? substr($text, 1) : $text;
    }

    /** A quotation mark that is never closed would take the rest of the file into one cell. */
    private static function refuseOpenQuote(string $text, int $at): void
    {
        if (preg_match('/\G"(?:[^"]++|"")*+\z/', $text, $open, 0, $at) === 1) {
            $line = substr_count(substr($text, 0, $at), "\n") + 1;
            throw InvalidInput::because(
                'open_quote',
                'file',
                "A quotation mark opens a cell in line {$line} and is never closed, so the rows after it cannot be ".
                    'told apart. Close it, or double it where it belongs to the text.',
            );
        }
    }

    /** @return Generator<int, list<string>> */
    private static function cells(string $text, string $separator): Generator
    {
        $pattern = '/\G(?:"((?:[^"]++|"")*+)"|([^"'.$separator.'\r\n]*+))('.$separator.'|\r\n|\n|\r|$)/';
        $record = [];
        $at = str_starts_with($text, self::MARK) ? strlen(self::MARK) : 0;
        $length = strlen($text);
        while ($at < $length || $record !== []) {
            if (preg_match($pattern, $text, $cell, 0, $at) !== 1) {
                self::refuseOpenQuote($text, $at);
                // A quote in the middle of a cell is taken as it stands, to the end of the cell.
                preg_match(
                    '/\G([^'.$separator.'\r\n]*+)('.$separator.'|\r\n|\n|\r|$)/',
                    $text,
                    $odd,
                    0,
                    $at,
                );
                $cell = [$odd[0] ?? '', '', $odd[1] ?? '', $odd[2] ?? ''];
            }
            $record[] = $cell[1] !== '' ? str_replace('""', '"', $cell[1]) : $cell[2];
            $at += strlen($cell[0]);
            if ($cell[3] !== $separator) {
                yield $record;
                $record = [];
            }
        }
    }
}
