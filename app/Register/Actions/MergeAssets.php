<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Documents\TakeOverDocuments;
use App\Register\Events\AssetsMerged;
use App\Register\Inputs\AssetFacts;
use App\Register\Models\Asset;
use App\Register\Models\ExpiryDate;
use App\Register\Queries\MergePreview;
use Illuminate\Support\Facades\DB;
use Sundial\Register\LifeState;
use Sundial\Support\InvalidInput;

/**
 * Makes one asset of two records of it: the one that is kept takes over all history, the other is retired and leads
 * to it.
 */
final readonly class MergeAssets
{
    public function __construct(
        private MergePreview $preview,
        private SaveAsset $save,
        private Audit $audit,
        private RefreshSearch $search,
        private Clock $clock,
        private TakeOverDocuments $documents,
    ) {
    }

    public function __invoke(Actor $by, Asset $kept, Asset $gone): Asset
    {
        return DB::transaction(function () use ($by, $kept, $gone): Asset {
            $held = Asset::query()
                ->whereIn('id', [$kept->id, $gone->id])
                ->orderBy('id')
                ->lockForUpdate()
                ->get()
                ->keyBy('id');
            [$kept, $gone] = [$held[$kept->id], $held[$gone->id]];
            $merging = $this->preview->merging($kept, $gone);
            if ($gone->merged_into_id !== null || $kept->merged_into_id !== null) {
                throw InvalidInput::because(
                    'merged',
                    'other',
                    'One of them was merged already. Open the asset that it leads to.',
                );
            }
            $kept->fill($merging->filled)->save();
            $this->values($kept, $gone);
            foreach (Asset::query()->where('parent_id', $gone->id)->orderBy('id')->get() as $part) {
                ($this->save)($by, $part, $part->site_id, AssetFacts::of(['stands' => $kept->tag]));
            }
            $this->meters($kept, $gone);
            ($this->documents)($gone->subject(), $kept->subject());
            if ($kept->warranty_until !== null && ! isset($merging->filled['warranty_until'])) {
                DB::table('expiry_dates')
                    ->where('kind', 'asset')
                    ->where('subject_id', $gone->id)
                    ->where('what', ExpiryDate::WARRANTY)
                    ->whereNull('ended_at')
                    ->update(['ended_at' => $this->clock->now()->format('Y-m-d H:i:s.u')]);
            }
            DB::table('expiry_dates')
                ->where('kind', 'asset')
                ->where('subject_id', $gone->id)
                ->update(['subject_id' => $kept->id]);
            event(new AssetsMerged($gone, $kept));
            DB::statement(
                "INSERT IGNORE INTO audit_subjects (kind, subject_id, audit_entry_id) SELECT 'asset', ?, ".
                    "audit_entry_id FROM audit_subjects WHERE kind = 'asset' AND subject_id = ?",
                [$kept->id, $gone->id],
            );
            $gone->refresh();
            $gone->forceFill(['merged_into_id' => $kept->id, 'warranty_until' => null])->save();
            if ($gone->life_state !== LifeState::Retired) {
                ($this->save)($by, $gone, $gone->site_id, AssetFacts::of([
                    'life_state' => LifeState::Retired,
                    'reason' => "merged into {$kept->tag}",
                ]));
            }
            ($this->search)($kept->id);
            $this->audit->record(
                $by,
                $kept->subject(),
                "merged {$gone->name} ({$gone->tag}) into {$kept->name} ({$kept->tag})",
                array_map(static fn (mixed $value): array => [null, $value], $merging->filled),
                null,
                [$gone->subject()],
            );

            return $kept->refresh();
        });
    }

    private function values(Asset $kept, Asset $gone): void
    {
        DB::statement(
            'INSERT IGNORE INTO extra_values (asset_id, field_id, value, size) SELECT ?, field_id, value, size '.
                'FROM extra_values WHERE asset_id = ?',
            [$kept->id, $gone->id],
        );
    }

    private function meters(Asset $kept, Asset $gone): void
    {
        $names = DB::table('meters')
            ->where('asset_id', $kept->id)
            ->pluck('name')
            ->map(static fn (mixed $name): string => mb_strtolower((string) $name))
            ->all();
        foreach (
            DB::table('meters')
                ->where('asset_id', $gone->id)
                ->get(['id', 'name']) as $meter
        ) {
            DB::table('meters')
                ->where('id', $meter->id)
                ->update([
                    'asset_id' => $kept->id,
                    'name' => in_array(mb_strtolower($meter->name), $names, true)
                        ? mb_substr($meter->name, 0, 40)." ({$gone->tag})"
                        : $meter->name,
                ]);
        }
    }
}
