<?php

declare(strict_types=1);

namespace App\Platform\Import;

use App\Platform\Access\Rights;
use App\Platform\Extension\Extensions;

/** Every kind of record that can be loaded from a file, as the capabilities bring them. */
final readonly class ImportKinds
{
    public function __construct(private Extensions $extensions)
    {
    }

    /** @return list<ImportKind> those that this person may load */
    public function all(): array
    {
        $kinds = [];
        /** @var ImportKind $kind */
        foreach ($this->extensions->of(ImportKind::class) as $kind) {
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
        foreach ($this->extensions->of(ImportKind::class) as $kind) {
            if ($kind->key() === $key) {
                return $kind;
            }
        }

        return null;
    }
}
