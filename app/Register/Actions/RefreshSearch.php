<?php

declare(strict_types=1);

namespace App\Register\Actions;

use Illuminate\Support\Facades\DB;

/**
 * Keeps what a search looks through in step with the facts of assets and those of their extra fields that are words.
 */
final readonly class RefreshSearch
{
    public function __invoke(int ...$assetIds): void
    {
        foreach (array_chunk(array_values($assetIds), 500) as $ids) {
            $marks = implode(',', array_fill(0, count($ids), '?'));
            DB::update(
                "UPDATE assets a SET a.search = CONCAT_WS(' ', a.tag, REGEXP_REPLACE(a.tag, '[^[:alnum:]]', ''),
                a.name, a.make, a.model, a.serial,
                (SELECT GROUP_CONCAT(v.value SEPARATOR ' ')
                    FROM extra_values v JOIN extra_fields f ON f.id = v.field_id
                    WHERE v.asset_id = a.id AND f.type IN ('text', 'choice', 'link')))
                WHERE a.id IN ({$marks})",
                $ids,
            );
        }
    }
}
