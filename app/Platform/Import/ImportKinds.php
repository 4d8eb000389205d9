<?php

declare(strict_types=1);

namespace App\Platform\Import;

use App\Platform\Access\Rights;

/** Every kind of record that can be loaded from a file, as the capabilities bring them. */
final readonly class ImportKinds
{
    /** @return list<ImportKind> those that this person may load */
    public function all(): array
    {
        $kinds = [];
        /** @var ImportKind $kind */
        foreach (app()->tagged(ImportKind::KINDS) as $kind) {
            if (Rights::has($kind->right())) {
                $kinds[] = $kind;
            }
        }

        // The register comes first, since the others hang on it.
        usort(
            $kinds,
            static fn (ImportKind $a, ImportKind $b): int => ($b->key() === 'register') <=>
                ($a->key() === 'register'),
        );

        return $kinds;
    }

    public function find(string $key): ?ImportKind
    {
        /** @var ImportKind $kind */
        foreach (app()->tagged(ImportKind::KINDS) as $kind) {
            if ($kind->key() === $key) {
                return $kind;
            }
        }

        return null;
    }
}
