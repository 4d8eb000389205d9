<?php

declare(strict_types=1);

namespace Tests\Demo;

/** What is wrong with a page that answers well: what leads to nothing in it, stands twice, or reads badly. */
final readonly class PageFlaws
{
    /** Of one of these nobody says so many. */
    private const MANY = 'visits|orders|assets|parts|lines|stops|days|hours|schedules|readings|people|requests|'.
        'minutes|pieces|shifts|meters|steps|failures|counts|batches|months|points|sites|stores|persons';

    /** @return list<string> */
    public static function of(string $html): array
    {
        // What comes alone stands in a page that holds what it leads to.
        $isWhole = str_contains($html, '<html');

        return [
            ...$isWhole ? self::references($html) : [],
            ...self::tables($html),
            ...self::choices($html),
            // The words of the interface of programs are its own.
            ...str_contains($html, 'application/problem+json') ? [] : self::words($html),
        ];
    }

    /** @return list<string> ids that stand twice, and labels, lists and ways within the page that lead to no id */
    private static function references(string $html): array
    {
        preg_match_all('/\sid="([^"]+)"/', $html, $found);
        $flaws = [];
        foreach (array_count_values($found[1]) as $id => $times) {
            $times > 1 && ! str_contains((string) $id, 'hatch') ? $flaws[] = "{$id} stands {$times} times" : null;
        }
        $ids = array_flip($found[1]);
        preg_match_all('/\s(for|list|aria-describedby|aria-labelledby)="([^"]+)"/', $html, $named, PREG_SET_ORDER);
        preg_match_all('/\s(href)="#([^"]+)"/', $html, $ways, PREG_SET_ORDER);
        foreach ([...$named, ...$ways] as [, $what, $to]) {
            foreach (explode(' ', $to) as $one) {
                isset($ids[$one]) ? null : $flaws[] = "{$what} leads to {$one}, which is not there";
            }
        }

        return $flaws;
    }

    /** @return list<string> tables of which one row has more cells than another */
    private static function tables(string $html): array
    {
        preg_match_all('#<table\b[^>]*>(.*?)</table>#s', $html, $tables);
        $flaws = [];
        foreach ($tables[1] as $table) {
            preg_match_all('#<tr\b[^>]*>(.*?)</tr>#s', $table, $rows);
            $widths = [];
            foreach ($rows[1] as $row) {
                preg_match_all('#<t[dh]\b([^>]*)>#', $row, $cells);
                $widths[] = array_sum(array_map(
                    static fn (string $one): int => preg_match('/colspan="(\d+)"/', $one, $of) === 1 ? (int) $of[1] : 1,
                    $cells[1],
                ));
            }
            if (! str_contains($table, 'rowspan') && count(array_unique($widths)) > 1) {
                $flaws[] = 'rows of a table have '.implode(' and ', array_unique($widths)).' cells';
            }
        }

        return $flaws;
    }

    /**
     * @return list<string> buttons to choose from that send nothing of their own, and lists in which some choices have
     *     a value and others send their words
     */
    private static function choices(string $html): array
    {
        preg_match_all('#<input type="(?:radio|checkbox)"[^>]*>#s', $html, $boxes);
        $flaws = array_map(
            static fn (string $box): string => "{$box} has no value",
            array_filter($boxes[0], static fn (string $box): bool => ! str_contains($box, 'value="')),
        );
        preg_match_all('#<select\b[^>]*?name="([^"]+)"[^>]*>(.*?)</select>#s', $html, $lists, PREG_SET_ORDER);
        foreach ($lists as [, $name, $options]) {
            preg_match_all('#<option\b([^>]*)>([^<]*)#s', $options, $each, PREG_SET_ORDER);
            $silent = array_filter($each, static fn (array $one): bool => ! str_contains($one[1], 'value='));
            if ($silent !== [] && count($silent) < count($each) - 1) {
                $flaws[] = "some choices of {$name} have a value, and “".trim(current($silent)[2]).'” has none';
            }
            // Where all but one send their words, that one is what says nothing, and stands first.
            if (count($silent) === count($each) - 1 && $silent !== [] && ! str_contains($each[0][1], 'value=""')) {
                $flaws[] = "one choice of {$name} sends something else than its words";
            }
        }

        return array_values($flaws);
    }

    /** @return list<string> what nobody would write */
    private static function words(string $html): array
    {
        $bare = (string) preg_replace('#<(script|style|svg|textarea|code|pre)\b.*?</\1>#s', ' ', $html);
        $text = (string) preg_replace('/\s+/', ' ', html_entity_decode(strip_tags(str_replace('<', ' <', $bare))));
        $many = self::MANY;
        preg_match_all(
            "/\\b(?<![.,\\d])1 ({$many})\\b|\\b(?:null|NaN|undefined|INF)\\b|(?<!\\.)\\.\\.(?!\\.)/",
            $text,
            $found,
        );

        return array_map(static fn (string $one): string => "it says “{$one}”", $found[0]);
    }
}
