<?php

declare(strict_types=1);

namespace App\Platform\Extension;

/** Knows the labels of its own records: where a scanned code, or what was typed instead, leads. */
interface LabelSource
{
    /** @return string|null the address; null: no label of mine */
    public function leadsTo(string $text, int $siteId): ?string;
}
