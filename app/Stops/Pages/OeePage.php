<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\Platform\Access\Rights;
use App\Platform\Sites\CurrentSite;
use App\Stops\Queries\LinesOf;
use App\Stops\Queries\OeeOf;
use App\Stops\Queries\OeeSum;
use App\Stops\Queries\RejectsAddedUp;
use App\Stops\Wording\OeeWording;
use Illuminate\Support\Collection;
use Sundial\Access\Right;

/** Effectiveness over lines, shifts, products, crews, places and time: minutes added up, beside the period before. */
final readonly class OeePage
{
    private const MOST = 60;

    private const REJECTS = 10;

    private const SHIFTS = 200;

    private const BAR = 220;

    public function __construct(
        private CurrentSite $site,
        private OeeOf $of,
        private LinesOf $lines,
        private RejectsAddedUp $rejects,
        private OeeWording $words,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(OeeAsked $asked): array
    {
        $slice = $asked->slice($this->site->id(), $this->site->today());
        $isTime = in_array($asked->by, OeeOf::IN_TIME, true);
        [$rows, $all] = $this->of->withAll($slice, $asked->by);
        [$before, $allBefore] = $this->of->withAll($slice->before(), $asked->by);
        $before = $isTime ? collect() : $before->keyBy('key');
        $money = Rights::has(Right::SeeCosts);

        return [
            'asked' => $asked,
            'lines' => $this->lines->all($this->site->id()),
            'rows' => $rows->take(self::MOST)->map(fn (OeeSum $row): array => $this->row(
                $asked->by,
                $row,
                $before->get($row->key),
                $money,
            ))->values()->all(),
            'all' => $all,
            'allBefore' => $allBefore,
            'one' => $this->words->onePercent($money ? $all : $all->withoutWorth()),
            'trend' => $isTime ? $this->trend($rows) : null,
            'beside' => $this->beside($rows, $asked, $money),
            'said' => $this->words,
            'money' => $money,
            'bys' => array_keys(OeeOf::BY),
            'spans' => OeeAsked::DAYS,
            'isTime' => $isTime,
        ];
    }

    /** @return array<string, mixed> what was rejected, and why */
    public function rest(OeeAsked $asked): array
    {
        $slice = $asked->slice($this->site->id(), $this->site->today());

        return [
            'asked' => $asked,
            'rejects' => $this->rejects->by($slice, $asked->rejects)->take(self::REJECTS),
            'rejectsBefore' => $this->rejects->by($slice->before(), $asked->rejects)->keyBy('key'),
            'rejectBys' => array_keys(RejectsAddedUp::BY),
            'said' => $this->words,
            'money' => Rights::has(Right::SeeCosts),
        ];
    }

    /** @return array<string, mixed> the shifts behind one figure */
    public function shifts(OeeAsked $asked): array
    {
        $slice = $asked->slice($this->site->id(), $this->site->today());
        $slice = $asked->value === '' ? $slice : $slice->only($asked->by, $asked->value);

        return [
            'asked' => $asked,
            'shifts' => $this->of->shifts($slice, self::SHIFTS),
            'sum' => $this->of->all($slice),
            'said' => $this->words,
            'most' => self::SHIFTS,
        ];
    }

    /** @return array<string, mixed> the runs behind one figure of rejects */
    public function rejected(OeeAsked $asked): array
    {
        $slice = $asked->slice($this->site->id(), $this->site->today());

        return [
            'asked' => $asked,
            'rows' => $this->rejects->behind($slice, $asked->rejects, $asked->value, self::SHIFTS),
            'said' => $this->words,
            'most' => self::SHIFTS,
        ];
    }

    /** @return array<string, mixed> */
    private function row(string $by, OeeSum $row, ?OeeSum $before, bool $money): array
    {
        $losses = $row->oee->losses();
        $planned = max(1, $row->oee->planned / 60);
        $x = 0.0;
        $bars = [];
        foreach (['good', 'rejects', 'speed', 'stops'] as $part) {
            $width = self::BAR * max(0.0, $losses[$part]) / $planned;
            $bars[] = ['part' => $part, 'x' => round($x, 1), 'width' => round(min($width, self::BAR - $x), 1)];
            $x = min(self::BAR, $x + $width);
        }
        $against = $before === null ? null : $row->oee->against($before->oee);

        return [
            'is' => $row,
            'name' => $this->words->key($by, $row->key),
            'losses' => $losses,
            'bars' => $bars,
            'before' => $before,
            'difference' => $against === null ? null : -$against['good'],
            'cents' => $money ? $row->lostCents : null,
        ];
    }

    /**
     * @param  Collection<int, OeeSum>  $rows
     * @return array{points: list<array{float, float, string}>, path: string}
     */
    private function trend(Collection $rows): array
    {
        $step = 640 / max(1, $rows->count() - 1);
        $points = [];
        foreach ($rows->values() as $i => $row) {
            $share = $row->oee->oee();
            if ($share !== null) {
                $points[] = [
                    round(40 + $i * $step, 1),
                    round(110 - 100 * min(1.0, $share), 1),
                    "{$row->key}: {$this->words->percent($share)}",
                ];
            }
        }

        return [
            'points' => $points,
            'path' => implode(' ', array_map(
                static fn (array $point, int $i): string => ($i === 0 ? 'M' : 'L')."{$point[0]} {$point[1]}",
                $points,
                array_keys($points),
            )),
        ];
    }

    /**
     * Two of them beside each other, by what each lost of as much planned time.
     *
     * @param  Collection<int, OeeSum>  $rows
     * @return array<string, mixed>|null
     */
    private function beside(Collection $rows, OeeAsked $asked, bool $money): ?array
    {
        $one = $rows->firstWhere('key', $asked->one);
        $other = $rows->firstWhere('key', $asked->other);
        $against = $one instanceof OeeSum && $other instanceof OeeSum ? $one->oee->against($other->oee) : null;
        if ($against === null || ! $one instanceof OeeSum || ! $other instanceof OeeSum) {
            return null;
        }
        $lost = -$against['good'];

        return [
            'one' => $one,
            'other' => $other,
            'against' => $against,
            'scale' => $one->oee->planned / $other->oee->planned,
            'lost' => $lost,
            'cents' => $money ? $one->cents(abs($lost)) : null,
        ];
    }
}
