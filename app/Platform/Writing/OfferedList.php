<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * A list of the plant's own words, from which forms choose. What is retired is offered no more, and what was recorded
 * with it keeps it: a word is never deleted. Called within the transaction of an action.
 */
final readonly class OfferedList
{
    private function __construct(private string $table)
    {
    }

    public static function in(string $table): self
    {
        return new self($table);
    }

    /**
     * Offers a word at the end of the list; one that was retired comes back.
     *
     * @param  array<string, string>  $key  by which it is known; the last of them is what somebody typed
     * @param  array<string, string|int>  $facts  what else is kept of it
     *
     * @throws ValidationException where it is offered already
     */
    public function offer(array $key, array $facts = []): void
    {
        $standing = $this->row($key)->lockForUpdate()->first();
        if ($standing !== null && ! $standing->retired) {
            $field = (string) array_key_last($key);
            throw ValidationException::withMessages([$field => "“{$key[$field]}” stands there already."]);
        }
        DB::table($this->table)->updateOrInsert($key, [
            ...$facts,
            'retired' => false,
            'position' => 1 + (int) DB::table($this->table)->max('position'),
        ]);
    }

    /** @param  array<string, string>  $key */
    public function retire(array $key): void
    {
        $this->row($key)->update(['retired' => true]);
    }

    /** @param  array<string, string>  $key */
    private function row(array $key): Builder
    {
        return DB::table($this->table)->where($key);
    }
}
