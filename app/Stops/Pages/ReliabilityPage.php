<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\Platform\Clock\Clock;
use App\Platform\Sites\CurrentSite;
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
        private ReliabilityWording $words,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(string $by, int $months, string $when, ?int $classId): array
    {
        if (in_array($by, ['cause', 'shift', 'product'], true)) {
            return $this->byWords($by, $months, $when);
        }
        [$rows, $first, $all] = [[], [], []];
        foreach ($this->of->each($this->asked($months, $when)) as [$asset, $is]) {
            if ($classId !== null && (int) $asset->class_id !== $classId) {
                continue;
            }
            $all[] = $is;
            $key = (int) match ($by) {
                'class' => $asset->class_id,
                'place' => ReliabilityOf::placeOf($asset),
                default => $asset->id,
            };
            $first[$key] ??= $asset;
            $rows[$key][] = $is;
        }
        $places = $by === 'place' ? $this->of->places($this->site->id()) : [];
        $lines = [];
        foreach ($rows as $key => $some) {
            $lines[] = $this->line($first[$key], $places[$key] ?? 'no place', $some, $by);
        }
        usort($lines, static fn (array $a, array $b): int => [$b['failures'], $b['down'], $a['name']] <=> [
            $a['failures'],
            $a['down'],
            $b['name'],
        ]);

        return [
            'lines' => array_slice($lines, 0, self::MOST),
            'more' => max(0, count($lines) - self::MOST),
            'all' => Reliability::sum(...$all),
            'said' => $this->words,
            'by' => $by,
            'months' => $months,
            'when' => $when,
            'classId' => $classId,
            'assets' => count($all),
        ];
    }

    /** @return array<string, mixed> for each reason over the time that all ran; of lines, in each shift or product */
    private function byWords(string $by, int $months, string $when): array
    {
        $asked = $this->asked($months, $when);
        $lines = [];
        $sums = $by === 'cause' ? $this->of->byReason($asked) : $this->ofLines->by($asked, $by);
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
        $all = array_map(static fn (array $one): Reliability => $one[1], $this->of->each($asked));

        return [
            'lines' => array_slice($lines, 0, self::MOST),
            'more' => max(0, count($lines) - self::MOST),
            'all' => Reliability::sum(...$all),
            'said' => $this->words,
            'by' => $by,
            'months' => $months,
            'when' => $when,
            'classId' => null,
            'assets' => count($all),
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
     * @param  list<Reliability>  $some
     * @return array<string, mixed>
     */
    private function line(stdClass $first, string $place, array $some, string $by): array
    {
        $sum = Reliability::sum(...$some);

        return [
            'name' => match ($by) {
                'class' => $first->class,
                'place' => $place,
                default => $first->name,
            },
            'tag' => $by === 'asset' ? $first->tag : '',
            'id' => (int) ($by === 'class' ? $first->class_id : $first->id),
            'assets' => count($some),
            'failures' => $sum->failures,
            'down' => $sum->down,
            'is' => $sum,
        ];
    }
}
