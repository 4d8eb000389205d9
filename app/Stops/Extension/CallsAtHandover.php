<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Platform\Frame\Wording;
use App\Stops\Models\MaintenanceCall;
use App\Stops\Queries\CallsOf;

/** At a handover: lines that call. */
final readonly class CallsAtHandover implements ToldAtHandover
{
    public function __construct(private CallsOf $calls, private Wording $words)
    {
    }

    public function position(): int
    {
        return 20;
    }

    public function title(): string
    {
        return 'Calls open';
    }

    public function lines(int $siteId): array
    {
        return array_values($this->calls->open($siteId)->map(fn (MaintenanceCall $call): array => [
            'words' => "{$call->asset->name}, called {$this->words->instant($call->called_at)}: {$call->words}; ".
                ($call->comes_who === null ? 'nobody comes yet' : "{$call->comes_who} comes"),
            'href' => $call->subject_kind === 'order' ? "/orders/{$call->subject_id}" : "/assets/{$call->asset_id}",
        ])->all());
    }
}
