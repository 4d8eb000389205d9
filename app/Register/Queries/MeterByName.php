<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Meter;
use Illuminate\Database\Eloquent\Collection;
use Sundial\Register\RegisterFile;
use Sundial\Support\InvalidInput;

/** Finds a meter by the tag of its asset and its name; the name may be left out where the asset has one. */
final class MeterByName
{
    /** @var array<string, Collection<int, Meter>> */
    private array $known = [];

    public function __invoke(int $siteId, string $tag, string $name): Meter
    {
        $meters = $this->known["{$siteId} ".RegisterFile::key($tag)] ??= Meter::query()
            ->where('site_id', $siteId)
            ->whereRelation('asset', 'tag', $tag)
            ->get();
        $named =
            $name === ''
                ? $meters
                : $meters->filter(
                    static fn (Meter $meter): bool => RegisterFile::key($meter->name) === RegisterFile::key($name),
                );

        return match (true) {
            $named->count() === 1 => $named->sole(),
            $meters->isEmpty() => throw InvalidInput::because(
                'no_meter',
                'tag',
                "There is no asset “{$tag}” with a meter at this site.",
            ),
            $name === '' => throw InvalidInput::because(
                'which',
                'meter',
                "{$tag} has several meters: ".$meters->pluck('name')->implode(', ').'. Name the one.',
            ),
            default => throw InvalidInput::because(
                'no_meter',
                'meter',
                "{$tag} has no meter “{$name}”. It has: ".$meters->pluck('name')->implode(', ').'.',
            ),
        };
    }
}
