<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use Illuminate\Database\Eloquent\Model;

/** Saves an edited record only if nobody saved it since: every edited table carries a version. */
final class Versioned
{
    /**
     * Locks the row, compares versions and raises the version by one; the caller fills in and saves.
     *
     * @template T of Model
     *
     * @param  T  $record
     * @return T the row as it stands now, locked
     *
     * @throws StaleWrite
     */
    public static function lock(Model $record, ?int $version): Model
    {
        /** @var T $now */
        $now = $record->newQuery()->lockForUpdate()->whereKey($record->getKey())->firstOrFail();
        if ($version !== null && (int) $now->getAttribute('version') !== $version) {
            throw StaleWrite::of($now);
        }
        $now->setAttribute('version', (int) $now->getAttribute('version') + 1);

        return $now;
    }

    /**
     * Whether something was filled in that does not stand yet. Where nothing was, nothing is written, not even a
     * version: no other window is told of a change that was none.
     */
    public static function differs(Model $record): bool
    {
        return array_diff(array_keys($record->getDirty()), ['version']) !== [];
    }

    /**
     * Saves what was filled in, where it does not stand yet; else gives the record as it stands.
     *
     * @return bool whether anything was written
     */
    public static function save(Model $record): bool
    {
        if (! self::differs($record)) {
            $record->refresh();

            return false;
        }

        return $record->save();
    }
}
