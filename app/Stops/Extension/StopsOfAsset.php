<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\SheetAction;
use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Stops\Models\Stop;
use Illuminate\Database\Eloquent\Collection;
use Sundial\Access\Right;

/** On an asset's sheet: whether it is down, its last stops, and the two words that change it. */
final class StopsOfAsset implements SheetAction, SheetSection
{
    private const MOST = 6;

    /** @var array<int, Collection<int, Stop>> */
    private array $known = [];

    public function kind(): string
    {
        return 'asset';
    }

    public function title(): string
    {
        return 'Stops';
    }

    public function right(): Right
    {
        return Right::SeeOwnLine;
    }

    public function position(): int
    {
        return 45;
    }

    public function view(Subject $subject): array
    {
        $stops = $this->stops($subject->id);

        return ['stops.section', ['stops' => $stops->take(self::MOST), 'more' => $stops->count() > self::MOST, 'open' => $stops->first(static fn (Stop $stop): bool => $stop->to_at === null), 'assetId' => $subject->id, 'mayReport' => Rights::has(Right::ReportStops)], $stops->count() > self::MOST ? null : $stops->count()];
    }

    public function offer(Subject $subject): ?array
    {
        if (! Rights::has(Right::ReportStops)) {
            return null;
        }
        $isDown = $this->stops($subject->id)->contains(static fn (Stop $stop): bool => $stop->to_at === null);

        return ['label' => $isDown ? 'It runs again' : 'It is down', 'href' => "/assets/{$subject->id}#stops", 'strong' => $isDown];
    }

    /** @return Collection<int, Stop> */
    private function stops(int $assetId): Collection
    {
        return $this->known[$assetId] ??= Stop::query()->where('asset_id', $assetId)->orderByDesc('from_at')->limit(self::MOST + 1)->get();
    }
}
