<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\MethodLabour;
use App\Planning\Models\MethodPart;
use App\Planning\Models\MethodRevision;
use App\Planning\Models\MethodService;
use App\Planning\Models\MethodStep;
use App\Planning\Models\Schedule;
use App\Planning\Models\Station;
use App\Planning\Models\Visit;
use Sundial\Planning\Method\MethodTime;
use Sundial\Planning\Method\RoundWalk;
use Sundial\Planning\Visit\VisitState;

/**
 * What one visit has to have done: the steps of its level in the order of the walk, the labour, and the minutes of
 * all people together.
 */
final readonly class PlannedWork
{
    /**
     * @param  list<array<string, mixed>>  $steps  as an order keeps them, with the asset that each is for
     * @param  list<array{trade_id: int, people: int, minutes: int}>  $labour
     * @param  list<int>  $assets  that a round walks, in order
     * @param  list<MethodPart>  $parts
     * @param  list<MethodService>  $services
     */
    private function __construct(
        public ?MethodRevision $revision,
        public array $steps,
        public array $labour,
        public array $assets,
        public int $minutes,
        public array $parts,
        public array $services,
    ) {
    }

    /** The next visit of a schedule whose method's revision in force is loaded with steps and labour. */
    public static function ofNext(Schedule $schedule, int $level): self
    {
        return self::of(
            $schedule->method->inForce,
            $level,
            self::walked($schedule, $schedule->standing->next_number),
            $schedule->round_id !== null,
        );
    }

    /** All that a revision says, whatever the visit: every level of its ladder. */
    public static function whole(MethodRevision $revision): self
    {
        return self::of($revision, PHP_INT_MAX, [], false);
    }

    /** A visit that is in hand, by a revision. */
    public static function ofVisit(Visit $visit, ?MethodRevision $revision): self
    {
        return self::of(
            $revision,
            $visit->level ?? 1,
            self::walked($visit->schedule, $visit->number),
            $visit->schedule->round_id !== null,
        );
    }

    /** @param  list<int>  $assets */
    private static function of(?MethodRevision $revision, int $level, array $assets, bool $isRound): self
    {
        $steps = array_values($revision?->steps->where('level', '<=', $level)->all() ?? []);
        // What the levels add for one trade is one line, as long as the same number of people do it.
        $labour = array_values(
            $revision?->labour
                ->where('level', '<=', $level)
                ->groupBy(static fn (MethodLabour $line): string => "{$line->trade_id} {$line->people}")
                ->map(
                    static fn ($lines): array => [
                        'trade_id' => $lines[0]->trade_id,
                        'people' => $lines[0]->people,
                        'minutes' => (int) $lines->sum('minutes'),
                    ],
                )
                ->all() ?? [],
        );
        $walk = ! $isRound
            ? array_map(static fn (int $i): array => [$i, null], array_keys($steps))
            : RoundWalk::at(array_fill(0, count($assets), 1), 1)->walk(
                array_map(static fn (MethodStep $step): bool => $step->each_asset, $steps),
            );
        $rows = array_map(
            static fn (array $at): array => ['asset_id' => $at[1] === null ? null : $assets[$at[1]]] +
                $steps[$at[0]]->only([
                    'text',
                    'detail',
                    'safety',
                    'minutes',
                    'answer',
                    'unit',
                    'low',
                    'high',
                    'choices',
                ]),
            $walk,
        );
        $time = MethodTime::of(
            array_column($rows, 'minutes'),
            array_map(
                static fn (array $line): array => [$line['trade_id'], $line['people'], $line['minutes']],
                $labour,
            ),
        );

        // Whoever only looks ahead asks for steps and labour, and loads nothing else.
        $needed = static fn (string $what): array => $revision?->relationLoaded($what) === true
            ? array_values($revision->getRelation($what)->where('level', '<=', $level)->all())
            : [];

        return new self(
            $revision,
            $rows,
            $labour,
            $assets,
            $time->work,
            $needed('parts'),
            $needed('services'),
        );
    }

    /** @return list<int> the assets in use whose turn has come */
    private static function walked(Schedule $schedule, int $number): array
    {
        if ($schedule->round === null) {
            return [];
        }
        $stations = $schedule->round->stations->toBase()->values();
        $last = (int) Visit::query()
            ->where('schedule_id', $schedule->id)
            ->where('state', VisitState::Done)
            ->where('number', '<', $number)
            ->max('number');
        $every = array_values($stations->map(static fn (Station $station): int => $station->every)->all());
        $due = RoundWalk::at($every, $number, $last)->stations;

        return array_values(
            $stations
                ->only($due)
                ->filter(static fn (Station $station): bool => $station->asset->life_state->isInUse())
                ->map(static fn (Station $station): int => $station->asset_id)
                ->values()
                ->all(),
        );
    }
}
