<?php

declare(strict_types=1);

namespace App\Register\Pages;

use App\Platform\Frame\Address;
use App\Platform\Frame\Sky;
use App\Platform\Frame\SkyPoint;
use App\Register\Models\Location;
use App\Register\Queries\SkyOf;
use Sundial\Calendar\LocalDate;

/** The start page of Assets: one wide sky over the small ones of its areas or classes, and the same in figures. */
final readonly class SkyPage
{
    private const COLUMNS = [
        'late' => 'late',
        'due' => 'due today',
        'near' => 'near',
        'in hand' => 'in hand',
        'clear' => 'clear',
        'none' => 'without a schedule',
    ];

    public function __construct(private SkyOf $sky)
    {
    }

    /**
     * @param  array<string, string>  $given  what was chosen
     * @return array<string, string> the other ways to look at it: address by word
     */
    private static function ways(array $given): array
    {
        $address = Address::of('/assets', $given);
        $with = static fn (array $change): string => (string) $address->with($change);

        return [
            ...(isset($given['area']) ? ['the whole site' => '/assets'] : []),
            ...(isset($given['by'])
                ? ['by area' => $with(['by' => null])]
                : ['by class' => $with(['by' => 'class'])]),
            ...(isset($given['as'])
                ? ['as a picture' => $with(['as' => null])]
                : ['as a table' => $with(['as' => 'table'])]),
        ];
    }

    /**
     * @param  list<string>|null  $lines
     * @return array<string, mixed>
     */
    public function __invoke(
        int $siteId,
        string $siteName,
        ?array $lines,
        ?Location $area,
        string $by,
        bool $asTable,
        LocalDate $today,
    ): array {
        $sky = ($this->sky)($siteId, $lines, $area, $by, $today);
        $title = $area === null ? $siteName : $area->name;
        $groups = [];
        foreach ($sky['groups'] as $group) {
            $groups[] = [
                'name' => $group['name'],
                'href' => $group['href'],
                'total' => $this->total($group['points']),
                'counts' => $this->counts($group['points']),
                'picture' => $asTable ? '' : Sky::small()->svg("The sky of {$group['name']}", $group['points']),
            ];
        }
        usort($groups, static fn (array $a, array $b): int => ($b['total'] > 0) <=> ($a['total'] > 0));
        $given = array_filter([
            'area' => $area === null ? null : (string) $area->id,
            'by' => $by === 'class' ? 'class' : null,
            'as' => $asTable ? 'table' : null,
        ]);

        return [
            'sky' => $sky,
            'title' => $title,
            'area' => $area,
            'by' => $by,
            'asTable' => $asTable,
            'groups' => $groups,
            'columns' => self::COLUMNS,
            'counts' => $this->counts($sky['all']),
            'total' => $this->total($sky['all']),
            'picture' => $asTable ? '' : Sky::large()->svg("The sky of {$title}", $sky['all']),
            'ways' => self::ways($given),
        ];
    }

    /**
     * @param  list<SkyPoint>  $points
     * @return array<string, int>
     */
    private function counts(array $points): array
    {
        $counts = [];
        foreach ($points as $point) {
            $kind = $point->nearness->value ?? 'none';
            $counts[$kind] = ($counts[$kind] ?? 0) + $point->many;
        }

        return $counts;
    }

    /** @param  list<SkyPoint>  $points */
    private function total(array $points): int
    {
        return array_sum(array_column($points, 'many'));
    }
}
