<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\People\Models\User;
use App\Platform\Access\Rights;
use App\Platform\Extension\TodayCard;
use App\Platform\Frame\Dial;
use App\Platform\Today\Group;
use App\Platform\Today\Line;
use App\Register\Queries\AssetIndex;
use App\Register\Queries\AssetLine;
use App\Register\Queries\VisibleLines;
use Illuminate\Support\Facades\Auth;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** On Today, for operators: the machines of their line, and what comes up on them. */
final readonly class LineToday implements TodayCard
{
    public function __construct(private AssetIndex $index, private VisibleLines $reach)
    {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        $person = Auth::user();
        if (! ($person instanceof User) || Rights::has(Right::SeePlant)) {
            return [];
        }
        $found = ($this->index)($siteId, $today, ['sort' => 'near'], $this->reach->lines($person));
        $lines = array_map(
            static fn (AssetLine $asset): Line => new Line(
                Dial::svg($asset->nearness, $asset->consumed, null, $asset->other),
                $asset->name,
                $asset->tag,
                $asset->words,
                str_replace(' ', '-', $asset->nearness->value ?? ''),
                "/assets/{$asset->id}",
                ['label' => 'Open', 'href' => "/assets/{$asset->id}", 'method' => 'get'],
            ),
            array_slice($found['lines'], 0, 12),
        );

        return $lines === []
            ? []
            : [
                new Group(
                    'line',
                    'My line: what comes up on its machines',
                    true,
                    1,
                    $lines,
                    $found['found'],
                    '/assets',
                ),
            ];
    }
}
