<?php

declare(strict_types=1);

namespace App\Platform\Records;

/**
 * What a record of ours does not need of the framework's model, and pays for on each page: it is booted and filled by
 * no attributes of PHP and rewritten by no methods, only by casts. To look for both in all five hundred methods of
 * twenty models took a tenth of a page.
 */
trait PlainRecord
{
    /** Methods that boot or fill by the name of their trait, as the framework has them. */
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            $name = class_basename($trait);
            if (method_exists(static::class, "boot{$name}")) {
                static::{"boot{$name}"}();
            }
            if (method_exists(static::class, "initialize{$name}")) {
                static::$traitInitializers[static::class][] = "initialize{$name}";
            }
        }
    }

    /** @param  string  $key */
    public function hasGetMutator($key): bool
    {
        return false;
    }

    /** @param  string  $key */
    public function hasSetMutator($key): bool
    {
        return false;
    }

    /** @param  string  $key */
    public function hasAttributeMutator($key): bool
    {
        return false;
    }

    /** @param  string  $key */
    public function hasAttributeGetMutator($key): bool
    {
        return false;
    }

    /** @param  string  $key */
    public function hasAttributeSetMutator($key): bool
    {
        return false;
    }
}
