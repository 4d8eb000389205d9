<?php

declare(strict_types=1);

namespace App\Planning\Pages;

use App\People\Models\Team;
use App\Planning\Models\Method;
use App\Planning\Models\Round;
use App\Planning\Models\Schedule;
use App\Planning\Queries\ScheduleDraft;
use App\Register\Models\Asset;
use App\Register\Models\Meter;
use Illuminate\Support\Collection;
use Sundial\Register\LifeState;

/** The form of a schedule on an asset, new or kept. */
final readonly class ScheduleFormPage
{
    /** How many others of its class are offered. */
    private const ALIKE = 200;

    public function __construct(private SchedulePreview $preview)
    {
    }

    /** @param  array<string, mixed>|null  $typed what was typed, when a preview was asked for without JavaScript */
    public function __invoke(Asset $asset, Schedule $schedule, ?array $typed = null): ScheduleForm
    {
        $methods = Method::query()
            ->with('inForce')
            ->orderByRaw('class_id <=> ? DESC', [$asset->class_id])
            ->orderByRaw('class_id IS NULL DESC')
            ->orderBy('code')
            ->get();
        $typedOrKept = $typed ?? $this->asTyped($schedule, $methods->first()?->id);

        return new ScheduleForm(
            $asset,
            $schedule,
            Round::query()
                ->withCount('stations')
                ->find((int) old('round_id', $typed['round_id'] ?? $schedule->round_id)),
            $methods->toBase()->groupBy(static fn (Method $method): string => self::suits($method, $asset)),
            Team::query()->where('site_id', $asset->site_id)->orderBy('name')->get(),
            $schedule->exists || $schedule->round_id !== null ? new Collection() : $this->alike($asset),
            $this->meters($asset),
            $typed,
            ($this->preview)($asset, $schedule, $typedOrKept),
        );
    }

    private static function suits(Method $method, Asset $asset): string
    {
        return match ($method->class_id) {
            null => 'for any class',
            $asset->class_id => "for {$asset->class->name}",
            default => 'for other classes',
        };
    }

    /** @return Collection<int, Asset> */
    private function alike(Asset $asset): Collection
    {
        return Asset::query()
            ->where('site_id', $asset->site_id)
            ->where('class_id', $asset->class_id)
            ->whereKeyNot($asset->id)
            ->whereIn('life_state', [LifeState::InService->value, LifeState::Standby->value])
            ->orderBy('tag')
            ->limit(self::ALIKE)
            ->get(['id', 'tag', 'name'])
            ->toBase();
    }

    /** @return Collection<int, Meter> of the asset and of what it stands in */
    private function meters(Asset $asset): Collection
    {
        preg_match_all('/A(\d+)/', $asset->path, $found);

        return Meter::query()
            ->whereIn('asset_id', $found[1])
            ->with('asset:id,tag')
            ->orderBy('asset_id')
            ->orderBy('name')
            ->get()
            ->toBase();
    }

    /** @return array<string, mixed> */
    private function asTyped(Schedule $schedule, ?int $firstMethod): array
    {
        $old = array_filter(
            session()->getOldInput(),
            static fn (string $key): bool => ! in_array($key, ['_token', '_method'], true),
            ARRAY_FILTER_USE_KEY,
        );

        return $old !== []
            ? $old
            : [
                'name' => $schedule->name ?? 'x',
                'method_id' => $schedule->method_id ?? $firstMethod,
                'weekdays' => Schedule::numbers($schedule->weekdays),
                'nth_weekday' => Schedule::numbers($schedule->weekdays)[0] ?? 1,
                'months' => Schedule::numbers($schedule->months),
            ] + $schedule->only(ScheduleDraft::FIELDS);
    }
}
