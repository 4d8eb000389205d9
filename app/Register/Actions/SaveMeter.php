<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use App\Register\Inputs\MeterInput;
use App\Register\Models\Asset;
use App\Register\Models\Meter;
use App\Register\Projections\MeterStanding;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Puts a counter or a gauge on an asset, or changes its settings; its readings stay as they were taken. */
final readonly class SaveMeter
{
    public function __construct(private Audit $audit, private MeterStanding $stand)
    {
    }

    public function __invoke(Actor $by, ?Meter $meter, Asset $asset, MeterInput $input, ?int $version = null): Meter
    {
        return DB::transaction(function () use ($by, $meter, $asset, $input, $version): Meter {
            $isNew = $meter === null;
            $meter = $isNew
                ? new Meter(['asset_id' => $asset->id, 'site_id' => $asset->site_id])
                : Versioned::lock($meter, $version);
            if (
                Meter::query()
                    ->where('asset_id', $asset->id)
                    ->where('name', $input->name)
                    ->whereKeyNot($meter->id ?? 0)
                    ->exists()
            ) {
                throw ValidationException::withMessages([
                    'name' => "{$asset->tag} has a meter “{$input->name}” already. Give this one another name.",
                ]);
            }
            $before = $isNew ? [] : $meter->only(Meter::SETTINGS);
            $kind = $input->kind ?? $meter->kind;
            if (! $isNew && $kind !== $meter->kind && $meter->last_on !== null) {
                throw ValidationException::withMessages([
                    'kind' => "{$meter->name} has readings, so it stays a {$meter->kind}. Put another meter on the ".
                        'asset instead.',
                ]);
            }
            $meter->fill($input->facts($kind));
            $meter->isGauge() ? $meter->gauge() : $meter->counter();
            if (! Versioned::save($meter)) {
                return $meter;
            }
            if (! $isNew) {
                $this->stand->afresh($meter);
            }
            $this->audit->record(
                $by,
                $meter->subject(),
                $isNew ? "put the meter {$meter->name} on {$asset->tag}" : "changed the meter {$meter->name}",
                Audit::difference($before, $meter->only(Meter::SETTINGS)),
                null,
                [$asset->subject()],
            );

            return $meter;
        });
    }
}
