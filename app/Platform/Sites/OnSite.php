<?php

declare(strict_types=1);

namespace App\Platform\Sites;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\DB;

/** That a record named by its id, or by a list of ids, is of the site for which it is named. */
final readonly class OnSite implements ValidationRule
{
    private function __construct(
        private string $table,
        private string $key,
        private int $siteId,
        private string $what,
    ) {
    }

    private function one(): string
    {
        return (preg_match('/^[aeiou]/', $this->what) === 1 ? 'an ' : 'a ').$this->what;
    }

    /**
     * One of a table whose rows have a site.
     *
     * @param  string  $what  as the refusal says it: "team"
     */
    public static function record(string $table, int $siteId, string $what): self
    {
        return new self($table, 'id', $siteId, $what);
    }

    /** A person who belongs to the site. */
    public static function person(int $siteId): self
    {
        return new self('user_sites', 'user_id', $siteId, 'person');
    }

    /** Whether all of these ids are of the site. */
    public function holds(int ...$ids): bool
    {
        $ids = array_values(array_unique($ids));

        return DB::table($this->table)
            ->where('site_id', $this->siteId)
            ->whereIn($this->key, $ids)
            ->distinct()
            ->count($this->key) === count($ids);
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if ((! is_int($value) && ! is_string($value)) || preg_match('/^[0-9]{1,18}$/D', (string) $value) !== 1) {
            $fail("Choose {$this->one()} from the list.");
        } elseif (! $this->holds((int) $value)) {
            $fail("Choose {$this->one()} of this site.");
        }
    }
}
