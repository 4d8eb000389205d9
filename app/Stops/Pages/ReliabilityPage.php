<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\Platform\Clock\Clock;
use App\Platform\Sites\CurrentSite;
use App\Stops\Queries\QuietAssets;
use App\Stops\Queries\ReliabilityAsked;
use App\Stops\Queries\ReliabilityOf;
use App\Stops\Queries\ReliabilityOfLines;
use App\Stops\Wording\ReliabilityWording;
use stdClass;
use Sundial\Stops\Reliability;
use Sundial\Stops\Span;

/** How reliable assets were in a period: added up by class, or one by one, those that failed most first. */
final readonly class ReliabilityPage
{
    /** By what it is added up. */
    public const BY = ['class', 'asset', 'place', 'cause', 'shift', 'product'];

    private const DAY = 86_400;

    private const MOST = 120;

    public function __construct(
        private CurrentSite $site,
        private Clock $clock,
        private ReliabilityOf $of,
        private ReliabilityOfLines $ofLines,
        private QuietAssets $quiet,
        private ReliabilityWording $words,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(string $by, int $months, string $when, ?int $classId): array
    {
        if (in_array($by, ['cause', 'shift', 'product'], true)) {
            return $this->byWords($by, $months, $when);
        }
        $asked = $this->asked($months, $when)->ofClass($classId);
        $each = $this->of->each($asked);
        $quiet = $this->quiet->byClass($asked, array_column($each, 0));
        $all = self::together($each, $quiet);
        $lines = array_map(self::line(...), match ($by) {
            'class' => $this->byClass($each, $quiet),
            'place' => $this->byPlace($asked, $each),
            default => $this->byAsset($asked, $each),
        });
        usort($lines, static fn (array $a, array $b): int => [$b['failures'], $b['down'], $a['name']] <=> [
            $a['failures'],
            $a['down'],
            $b['name'],
        ]);

        return [
            'lines' => array_slice($lines, 0, self::MOST),
            'more' => max(0, ($by === 'asset' ? $all['assets'] : count($lines)) - self::MOST),
            'all' => $all['is'],
            'said' => $this->words,
            'by' => $by,
            'months' => $months,
            'when' => $when,
            'classId' => $classId,
            'counted' => [$all['assets'], 'asset'],
        ];
    }

    /** @return array<string, mixed> for each reason over the time that all ran; of lines, in each shift or product */
    private function byWords(string $by, int $months, string $when): array
    {
        $asked = $this->asked($months, $when);
        $isOfLines = $by !== 'cause';
        $sums = $isOfLines ? $this->ofLines->by($asked, $by) : [];
        // What stands above a table of lines is what the table adds up to, not what all other assets did.
        $all = ['is' => Reliability::sum(...array_values($sums)), 'assets' => $this->ofLines->count($asked)];
        if (! $isOfLines) {
            $each = $this->of->each($asked);
            $quiet = $this->quiet->byClass($asked, array_column($each, 0));
            $all = self::together($each, $quiet);
            $sums = $this->of->byReason($asked, Reliability::sum(...array_column($quiet, 'is')));
        }
        $lines = [];
        foreach ($sums as $reason => $is) {
            $lines[] = [
                'name' => $reason,
                'tag' => '',
                'id' => 0,
                'assets' => 0,
                'failures' => $is->failures,
                'down' => $is->down,
                'is' => $is,
            ];
        }
        usort($lines, static fn (array $a, array $b): int => $b['failures'] <=> $a['failures']);

        return [
            'lines' => array_slice($lines, 0, self::MOST),
            'more' => max(0, count($lines) - self::MOST),
            'all' => $all['is'],
            'said' => $this->words,
            'by' => $by,
            'months' => $months,
            'when' => $when,
            'classId' => null,
            'counted' => [$all['assets'], $isOfLines ? 'line' : 'asset'],
        ];
    }

    /** Of one asset, in twelve months round the clock. */
    public function ofAsset(int $assetId): Reliability
    {
        return $this->of->asset($this->asked(12, 'clock'), $assetId);
    }

    private function asked(int $months, string $when): ReliabilityAsked
    {
        $now = $this->clock->now()->getTimestamp();
        $period = Span::between($now - (int) round($months * 365.25 / 12) * self::DAY, $now);

        return $when === 'working'
            ? ReliabilityAsked::onWorkingDays($this->site->get(), $period)
            : ReliabilityAsked::roundTheClock($this->site->get(), $period);
    }

    /**
     * @param  list<array{stdClass, Reliability}>  $each
     * @param  array<int, array{assets: int, is: Reliability}>  $quiet
     * @return list<array{id: int, name: string, tag: string, assets: int, is: Reliability}>
     */
    private function byClass(array $each, array $quiet): array
    {
        $keys = array_map(static fn (array $one): int => (int) $one[0]->class_id, $each);

        return self::grouped($each, $keys, $quiet, $this->of->classes());
    }

    /**
     * @param  list<array{stdClass, Reliability}>  $each
     * @return list<array{id: int, name: string, tag: string, assets: int, is: Reliability}>
     */
    private function byPlace(ReliabilityAsked $asked, array $each): array
    {
        $keys = array_map(static fn (array $one): int => ReliabilityOf::placeOf($one[0]), $each);
        $names = $this->of->places($this->site->id()) + [0 => 'no place'];

        return self::grouped($each, $keys, $this->quiet->byPlace($asked, array_column($each, 0)), $names);
    }

    /**
     * @param  list<array{stdClass, Reliability}>  $each
     * @param  list<int>  $keys  of each
     * @param  array<int, array{assets: int, is: Reliability}>  $quiet
     * @param  array<int, string>  $names  by key
     * @return list<array{id: int, name: string, tag: string, assets: int, is: Reliability}>
     */
    private static function grouped(array $each, array $keys, array $quiet, array $names): array
    {
        $by = $quiet;
        foreach ($each as $i => [, $is]) {
            $known = $by[$keys[$i]] ?? ['assets' => 0, 'is' => Reliability::without(0)];
            $by[$keys[$i]] = [
                'assets' => $known['assets'] + 1,
                'is' => Reliability::sum($known['is'], $is),
            ];
        }

        return array_map(static fn (int $key, array $sum): array => [
            'id' => $key,
            'name' => $names[$key] ?? '',
            'tag' => '',
            'assets' => $sum['assets'],
            'is' => $sum['is'],
        ], array_keys($by), $by);
    }

    /**
     * @param  list<array{stdClass, Reliability}>  $each
     * @return list<array{id: int, name: string, tag: string, assets: int, is: Reliability}>
     */
    private function byAsset(ReliabilityAsked $asked, array $each): array
    {
        $quiet = $this->quiet->first($asked, array_column($each, 0), self::MOST);

        return array_map(static fn (array $one): array => [
            'id' => (int) $one[0]->id,
            'name' => (string) $one[0]->name,
            'tag' => (string) $one[0]->tag,
            'assets' => 1,
            'is' => $one[1],
        ], [...$each, ...$quiet]);
    }

    /**
     * @param  list<array{stdClass, Reliability}>  $each
     * @param  array<int, array{assets: int, is: Reliability}>  $quiet
     * @return array{assets: int, is: Reliability}
     */
    private static function together(array $each, array $quiet): array
    {
        return [
            'assets' => array_sum(array_column($quiet, 'assets')) + count($each),
            'is' => Reliability::sum(...array_column($quiet, 'is'), ...array_column($each, 1)),
        ];
    }

    /**
     * @param  array{id: int, name: string, tag: string, assets: int, is: Reliability}  $of
     * @return array<string, mixed>
     */
    private static function line(array $of): array
    {
        return $of + ['failures' => $of['is']->failures, 'down' => $of['is']->down];
    }
}
