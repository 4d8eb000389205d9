<?php

declare(strict_types=1);

namespace Sundial\Support;

/** Reads comma-separated values (RFC 4180), also with semicolons and with or without a byte-order mark. */
final readonly class Csv
{
    /**
     * The records of a text; quoted cells may hold separators and line breaks. The first line decides between comma and semicolon.
     *
     * @return array<int, list<string>>
     *
     * @throws InvalidInput when it is no UTF-8 text
     */
    public static function records(string $text): array
    {
        $text = str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidInput::because('not_text', 'file', 'The file is no UTF-8 text. Save it as CSV (UTF-8) and choose it again.');
        }
        $firstLine = strtok($text, "\r\n");
        $separator = substr_count((string) $firstLine, ';') > substr_count((string) $firstLine, ',') ? ';' : ',';
        preg_match_all('/(?:"((?:[^"]|"")*)"|([^"'.$separator.'\r\n]*))('.$separator.'|\r\n|\n|\r|$)/', $text, $cells, PREG_SET_ORDER);
        $records = [];
        $record = [];
        foreach ($cells as $cell) {
            $record[] = $cell[1] !== '' ? str_replace('""', '"', $cell[1]) : $cell[2];
            if ($cell[3] !== $separator) {
                $records[] = $record;
                $record = [];
            }
        }

        return $records;
    }
}
