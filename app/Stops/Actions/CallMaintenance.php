<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Register\Models\Asset;
use App\Stops\Events\MaintenanceCalled;
use App\Stops\Models\Line;
use App\Stops\Models\MaintenanceCall;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Calls for maintenance from a line; an order follows by itself. */
final readonly class CallMaintenance
{
    public function __construct(private Audit $audit)
    {
    }

    /** Refuses: called. */
    public function __invoke(Actor $by, Line $line, Asset $asset, string $words, DateTimeImmutable $at): MaintenanceCall
    {
        return DB::transaction(function () use ($by, $line, $asset, $words, $at): MaintenanceCall {
            Asset::query()->lockForUpdate()->findOrFail($asset->id);
            if (MaintenanceCall::query()->where('line_id', $line->id)->whereNull('over_at')->exists()) {
                throw InvalidInput::because('called', 'call', 'Maintenance is called already, and the call stands.');
            }
            $call = MaintenanceCall::query()->create([
                'site_id' => $line->site_id,
                'line_id' => $line->id,
                'asset_id' => $asset->id,
                'words' => trim($words) === '' ? 'come and look' : trim($words),
                'called_at' => $at->format('Y-m-d H:i:s'),
                'called_who' => $by->name,
            ]);
            $this->audit->record(
                $by,
                $call->subject(),
                "called maintenance to {$asset->name}: {$call->words}",
                [],
                null,
                [$line->subject(), $asset->subject()],
            );
            event(new MaintenanceCalled($call->setRelation('line', $line)->setRelation('asset', $asset), $by));

            return $call->refresh();
        });
    }
}
