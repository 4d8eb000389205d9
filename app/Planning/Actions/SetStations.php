<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Round;
use App\Planning\Models\Schedule;
use App\Planning\Models\Station;
use App\Planning\Projections\AssetNearness;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use Closure;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Method\RoundWalk;
use Sundial\Support\InvalidInput;

/** Changes which assets a round walks, in which order and how often. Its schedules stand on its first asset. */
final readonly class SetStations
{
    public function __construct(private Audit $audit, private AssetNearness $refresh)
    {
    }

    /**
     * @param  Closure(list<array{asset_id: int, every: int}>): list<array{asset_id: int, every: int}>  $change of
     *     what stands when the row is held
     */
    public function __invoke(Actor $by, Round $round, Closure $change): Round
    {
        return DB::transaction(function () use ($by, $round, $change): Round {
            $round = Round::query()->lockForUpdate()->findOrFail($round->id);
            $old = $round
                ->stations()
                ->get()
                ->map(
                    static fn (Station $station): array => [
                        'asset_id' => $station->asset_id,
                        'every' => $station->every,
                    ],
                )
                ->all();
            $new = array_map(static fn (array $one): array => [
                'asset_id' => (int) $one['asset_id'],
                'every' => (int) $one['every'],
            ], array_values($change(array_values($old))));
            RoundWalk::check(array_column($new, 'every'));
            if (count(array_unique(array_column($new, 'asset_id'))) < count($new)) {
                throw InvalidInput::because('twice', 'tag', 'This asset is walked by the round already.');
            }
            $schedules = Schedule::query()
                ->where('round_id', $round->id)
                ->where('ended', false)
                ->orderBy('id')
                ->lockForUpdate()
                ->get();
            if ($new === [] && $schedules->isNotEmpty()) {
                throw InvalidInput::because(
                    'empty',
                    'form',
                    'The round has a schedule, so its last asset stays. End the schedule first, or put another '.
                        'asset on the round.',
                );
            }
            if ($new === $old) {
                return $round;
            }
            DB::table('stations')->where('round_id', $round->id)->delete();
            DB::table('stations')->insert(
                array_map(
                    static fn (array $station, int $i): array => ['round_id' => $round->id, 'position' => $i + 1] +
                        $station,
                    $new,
                    array_keys($new),
                ),
            );
            $round->forceFill(['version' => $round->version + 1])->save();
            $this->standOn(array_values($schedules->all()), $new[0]['asset_id'] ?? 0);
            $tags = DB::table('assets')
                ->whereIn('id', array_column([...$old, ...$new], 'asset_id'))
                ->pluck('tag', 'id');
            $say = static fn (array $stations): string => implode(
                ', ',
                array_map(
                    static fn (array $station): string => $tags[$station['asset_id']].
                        ($station['every'] > 1 ? " (every {$station['every']}.)" : ''),
                    $stations,
                ),
            );
            $this->audit->record($by, $round->subject(), "changed the assets of the round {$round->name}", [
                'assets' => [$say($old), $say($new)],
            ]);

            return $round;
        });
    }

    /** @param  list<Schedule>  $schedules */
    private function standOn(array $schedules, int $asset): void
    {
        foreach ($schedules as $schedule) {
            if ($schedule->asset_id !== $asset) {
                $before = $schedule->asset_id;
                $schedule->forceFill(['asset_id' => $asset])->save();
                DB::table('coming_visits')
                    ->where('schedule_id', $schedule->id)
                    ->update(['asset_id' => $asset]);
                ($this->refresh)($before, $asset);
            }
        }
    }
}
