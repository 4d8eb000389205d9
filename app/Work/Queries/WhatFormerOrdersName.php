<?php

declare(strict_types=1);

namespace App\Work\Queries;

use Illuminate\Support\Facades\DB;
use Sundial\Register\RegisterFile;

/** The assets, places, teams and words of failures that a file of former orders can name. */
final readonly class WhatFormerOrdersName
{
    private const WORDS = ['mode', 'mechanism', 'cause', 'action'];

    /**
     * @param  array<string, int>  $assets  by tag
     * @param  array<string, int>  $places  by tag
     * @param  array<string, int>  $teams  by name
     * @param  array<string, array<string, string>>  $words  by kind and by the word in small letters
     */
    private function __construct(
        private array $assets,
        private array $places,
        private array $teams,
        private array $words,
    ) {
    }

    public static function of(int $siteId): self
    {
        $by = static fn (string $table, string $column): array => DB::table($table)
            ->where('site_id', $siteId)
            ->pluck('id', $column)
            ->mapWithKeys(static fn (mixed $id, string $key): array => [RegisterFile::key($key) => (int) $id])
            ->all();
        $words = DB::table('failure_words')
            ->get(['kind', 'word'])
            ->groupBy('kind')
            ->map(static fn ($some): array => $some
                ->mapWithKeys(static fn (object $one): array => [mb_strtolower($one->word) => (string) $one->word])
                ->all());

        return new self($by('assets', 'tag'), $by('locations', 'tag'), $by('teams', 'name'), $words->all());
    }

    /**
     * @param  array<string, string|null>  $cells
     * @return array<string, string> what the row names and the site has not, by column
     */
    public function wrong(array $cells): array
    {
        $wrong = [];
        // What could not be read is told already.
        $isRead = isset($cells['on']);
        if ($isRead && $this->asset($cells) === null && $this->place($cells) === null) {
            $wrong['on'] = "No asset and no place of this site has the tag “{$cells['on']}”. Load the register first.";
        }
        if (isset($cells['team']) && $this->team($cells) === null) {
            $wrong['team'] = "This site has no team “{$cells['team']}”. Add it under Setup, Teams, or leave it empty.";
        }
        if ($isRead && isset($cells['mode']) && $this->asset($cells) === null) {
            $wrong['mode'] = 'A failure is of an asset, and this is on a place.';
        }
        foreach (self::WORDS as $kind) {
            if (isset($cells[$kind]) && $this->word($kind, $cells[$kind]) === null) {
                $some = implode(', ', array_slice($this->words[$kind] ?? [], 0, 12));
                $wrong[$kind] ??= "“{$cells[$kind]}” is none of: {$some}. Words are added under Setup.";
            }
        }

        return $wrong;
    }

    /** @param  array<string, string|null>  $cells */
    public function asset(array $cells): ?int
    {
        return $this->assets[RegisterFile::key($cells['on'] ?? null)] ?? null;
    }

    /** @param  array<string, string|null>  $cells */
    public function place(array $cells): ?int
    {
        return $this->places[RegisterFile::key($cells['on'] ?? null)] ?? null;
    }

    /** @param  array<string, string|null>  $cells */
    public function team(array $cells): ?int
    {
        return $this->teams[RegisterFile::key($cells['team'] ?? null)] ?? null;
    }

    public function word(string $kind, ?string $typed): ?string
    {
        return $typed === null ? null : ($this->words[$kind][mb_strtolower($typed)] ?? null);
    }
}
