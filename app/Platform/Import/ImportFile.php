<?php

declare(strict_types=1);

namespace App\Platform\Import;

use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use Illuminate\Support\Str;

/** Keeps a file that somebody brought, so that it can be checked and loaded. */
final readonly class ImportFile
{
    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(Actor $by, string $what, int $siteId, string $content, string $fileName): Import
    {
        return Import::query()->create([
            'id' => (string) Str::uuid(),
            'what' => $what,
            'site_id' => $siteId,
            'user_id' => $by->id,
            'file_name' => mb_substr($fileName, 0, 150),
            'content' => $content,
            'state' => Import::CHECKED,
            'made' => 0,
            'changed' => 0,
            'made_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
        ]);
    }
}
