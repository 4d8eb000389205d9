<?php

declare(strict_types=1);

namespace App\Platform\Files;

use Sundial\Support\Csv;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Rows out as CSV (UTF-8, RFC 4180) or JSON, as they come, without holding them all. */
final class Table
{
    /**
     * @param  list<string>  $columns
     * @param  iterable<list<string|int|float|null>>  $rows
     */
    public static function stream(string $format, string $name, array $columns, iterable $rows): StreamedResponse
    {
        return $format === 'json'
            ? new StreamedResponse(static fn () => self::json($columns, $rows), 200, [
                'Content-Type' => 'application/json',
                'Content-Disposition' => "attachment; filename=\"{$name}.json\"",
            ])
            : new StreamedResponse(static fn () => self::csv($columns, $rows), 200, [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => "attachment; filename=\"{$name}.csv\"",
            ]);
    }

    /** @param  list<string>  $columns
     * @param  iterable<list<string|int|float|null>>  $rows */
    private static function json(array $columns, iterable $rows): void
    {
        $before = '[';
        foreach ($rows as $row) {
            echo $before, json_encode(array_combine($columns, $row), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
            $before = ",\n";
        }
        echo $before === '[' ? '[]' : ']';
    }

    /** @param  list<string>  $columns
     * @param  iterable<list<string|int|float|null>>  $rows */
    private static function csv(array $columns, iterable $rows): void
    {
        $out = fopen('php://output', 'w');
        if ($out === false) {
            return;
        }
        fputcsv($out, $columns, ',', '"', '', "\r\n");
        foreach ($rows as $row) {
            fputcsv($out, array_map(self::harmless(...), $row), ',', '"', '', "\r\n");
        }
        fclose($out);
    }

    private static function harmless(string|int|float|null $value): string
    {
        return is_string($value) ? Csv::guarded($value) : (string) $value;
    }
}
