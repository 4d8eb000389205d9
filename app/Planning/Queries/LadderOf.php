<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Ladder\Ladder;
use Sundial\Planning\Ladder\LadderCount;
use Sundial\Planning\Visit\VisitState;

/** Which level of its method's ladder the visits of a schedule take. */
final class LadderOf
{
    /** @var array<int, Ladder|null> */
    private array $known = [];

    /** The ladder of a method in force; null where it has none. */
    public function method(int $methodId): ?Ladder
    {
        if (! array_key_exists($methodId, $this->known)) {
            $this->known[$methodId] = Ladder::parse(
                (string) DB::table('method_revisions')
                    ->where('method_id', $methodId)
                    ->where('state', 'in force')
                    ->value('ladder'),
            );
        }

        return $this->known[$methodId];
    }

    /** Puts the ladder of each coming visit's method beside it, as "ladder". */
    public static function beside(Builder $visits): Builder
    {
        return $visits
            ->leftJoin(
                'method_revisions as ladders',
                static fn (JoinClause $join) => $join
                    ->on('ladders.method_id', '=', 'v.method_id')
                    ->where('ladders.state', 'in force')
                    ->whereNotNull('ladders.ladder'),
            )
            ->addSelect('ladders.ladder');
    }

    /** The name of a visit with that of its level: "14-day stenter service, large". */
    public static function named(string $name, ?string $ladder, int $level): string
    {
        return $ladder === null ? $name : "{$name}, ".Ladder::parse($ladder)?->name($level);
    }

    /** Forgets what it knows of a method whose next revision came into force. */
    public function forget(int $methodId): void
    {
        unset($this->known[$methodId]);
    }

    public function count(Schedule $schedule, Ladder $ladder): LadderCount
    {
        $count = $ladder->startingAt($schedule->ladder_start);
        foreach (
            $schedule->exists
                ? DB::table('visits')
                    ->where('schedule_id', $schedule->id)
                    ->where('state', VisitState::Done)
                    ->whereNotNull('level')
                    ->groupBy('level')
                    ->selectRaw('level, MAX(number) as number')
                    ->pluck('number', 'level')
                : [] as $level => $number
        ) {
            $count = $count->done((int) $number, (int) $level);
        }

        return $count;
    }

    /** The multiple of the level of the next visit; 1 without a ladder. */
    public function next(Schedule $schedule): int
    {
        $ladder = $this->method($schedule->method_id);

        return $ladder === null
            ? 1
            : $ladder->levelAt($schedule->standing->next_number, $this->count($schedule, $ladder));
    }

    /**
     * The multiples of the levels of the visits to come; empty without a ladder.
     *
     * @return list<int>
     */
    public function coming(Schedule $schedule, int $many): array
    {
        $ladder = $this->method($schedule->method_id);

        return $ladder === null
            ? []
            : $ladder->coming(
                $schedule->standing->next_number ?? $schedule->ladder_start,
                $this->count($schedule, $ladder),
                $many,
            );
    }

    /**
     * Their names, for people.
     *
     * @return list<string>
     */
    public function names(Schedule $schedule, int $many): array
    {
        $ladder = $this->method($schedule->method_id);

        return array_map(
            static fn (int $level): string => (string) $ladder?->name($level),
            $this->coming($schedule, $many),
        );
    }

    /** One turn of the ladder in words: small, medium, small, large. Empty without one, or where a turn is long. */
    public function turn(int $methodId): string
    {
        $ladder = $this->method($methodId);
        $long = $ladder === null ? 0 : max([0, ...array_keys($ladder->names)]);

        return $ladder === null
            ? ''
            : ($long > 8
                ? $ladder->text()
                : implode('-', array_map($ladder->name(...), $ladder->coming(1, LadderCount::none(), $long))));
    }
}
