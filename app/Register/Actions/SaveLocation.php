<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use App\Register\Inputs\LocationInput;
use App\Register\Models\Location;
use App\Register\Projections\AreasOfAssets;
use App\Register\Queries\Whereabouts;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Register\TreePath;
use Sundial\Support\InvalidInput;

/** Adds a location, renames one, or moves it with all that stands there. */
final readonly class SaveLocation
{
    public function __construct(
        private Audit $audit,
        private Whereabouts $standing,
        private AreasOfAssets $areas,
    ) {
    }

    public function __invoke(
        Actor $by,
        ?Location $location,
        int $siteId,
        LocationInput $input,
        ?int $version = null,
    ): Location {
        return DB::transaction(function () use ($by, $location, $siteId, $input, $version): Location {
            $isNew = $location === null;
            $location = $isNew ? new Location(['site_id' => $siteId]) : Versioned::lock($location, $version);
            if ($this->standing->taken($siteId, $input->tag, $isNew ? null : $location)) {
                throw ValidationException::withMessages([
                    'tag' => "The tag {$input->tag} is taken at this site. Choose another.",
                ]);
            }
            $left = $location->parent_id === null ? null : Location::query()->find($location->parent_id);
            $before = $isNew ? [] : $location->only(['tag', 'name']) + ['stands' => $left->tag ?? 'at the site'];
            $parent = $input->stands === null ? null : $this->standing->find($siteId, $input->stands);
            if ($parent !== null && ! ($parent instanceof Location)) {
                throw InvalidInput::because(
                    'no_location',
                    'stands',
                    "{$parent->tag} is an asset. A location stands in another location, or directly at the site.",
                );
            }
            $location->fill(['tag' => $input->tag, 'name' => $input->name, 'parent_id' => $parent?->id]);
            if (! Versioned::differs($location) && $this->standsFor($location, $input->operators)) {
                return $location->refresh();
            }
            $location->save();
            $this->place($location, $parent, $isNew);
            if ($input->operators !== null) {
                DB::table('location_operators')->where('location_id', $location->id)->delete();
                DB::table('location_operators')->insert(
                    array_map(
                        static fn (int $id): array => ['location_id' => $location->id, 'user_id' => $id],
                        $input->operators,
                    ),
                );
            }
            $changes = $isNew
                ? []
                : Audit::difference(
                    $before,
                    $location->only(['tag', 'name']) + ['stands' => $parent->tag ?? 'at the site'],
                );
            $also = isset($changes['stands']) || $isNew ? array_values(array_filter([$left, $parent])) : [];
            $did = match (true) {
                $isNew => "added {$location->name} ({$location->tag})",
                isset($changes['stands']) => "moved {$location->name}",
                default => "changed {$location->name}",
            };
            $this->audit->record(
                $by,
                Subject::of('location', $location->id, $siteId),
                $did,
                $changes,
                null,
                array_map(
                    static fn (Location $place): Subject => Subject::of('location', $place->id, $siteId),
                    $also,
                ),
            );

            return $location;
        });
    }

    /** @param  list<int>|null  $operators  null: nothing is said of them */
    private function standsFor(Location $location, ?array $operators): bool
    {
        return $operators === null || collect($operators)->unique()->sort()->values()->all() ===
            DB::table('location_operators')
                ->where('location_id', $location->id)
                ->orderBy('user_id')
                ->pluck('user_id')
                ->map(static fn (mixed $id): int => (int) $id)
                ->all();
    }

    private function place(Location $location, ?Location $parent, bool $isNew): void
    {
        $top = TreePath::of($parent->path ?? '/');
        $path = $isNew
            ? $top->child("L{$location->id}")
            : TreePath::of($location->path)->under($top, "L{$location->id}", $location->name, $parent->name ?? '');
        if ($path->path === $location->path) {
            return;
        }
        foreach ($isNew ? [] : ['locations', 'assets'] as $table) {
            DB::update("UPDATE {$table} SET path = CONCAT(?, SUBSTRING(path, ?)) WHERE path LIKE ?", [
                $path->path,
                strlen($location->path) + 1,
                $location->path.'%',
            ]);
        }
        $location->path = $path->path;
        $location->save();
        if (! $isNew) {
            $this->areas->keep($path->path);
        }
    }
}
