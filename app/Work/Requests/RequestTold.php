<?php

declare(strict_types=1);

namespace App\Work\Requests;

use App\Platform\Sites\Site;
use App\Work\Models\WorkRequest;

/** What other programs are told of a request: who reported it is told to nobody. */
final readonly class RequestTold
{
    /** @return array<string, mixed> */
    public static function of(WorkRequest $request, string $who): array
    {
        $where = $request->asset()->first(['tag']) ?? $request->location()->first(['tag']);

        return [
            'site' => Site::query()->whereKey($request->site_id)->value('code'),
            'request' => [
                'id' => $request->id,
                'number' => $request->label(),
                'title' => $request->title(),
                'state' => $request->state->value,
                'how_soon' => $request->how_soon->value,
                'on' => $where?->tag,
                'order' => $request->order()->first()?->label(),
            ],
            'by' => $request->reporter === $who ? 'the reporter' : $who,
        ];
    }
}
