<?php

declare(strict_types=1);

namespace Database\Demo;

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Clock\SetClock;
use App\Register\Models\Asset;
use App\Stops\Actions\ReportDown;
use App\Stops\Actions\ReportRunning;
use App\Stops\Actions\SaveStopReason;
use App\Stops\Inputs\ReasonInput;
use App\Stops\Inputs\StopSaid;
use App\Stops\Models\StopReason;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stops\StopKind;

/** Why the machines of Ollerfell Mill stand, and when they did: about six hundred stops in eighteen months. */
final class DemoStops
{
    /** Name, kind, group, class. */
    private const REASONS = [
        ['Yarn', StopKind::Unplanned, null, null],
        ['Weft sensor', StopKind::Failure, null, 'loom'],
        ['Warp break', StopKind::Unplanned, 'Yarn', 'loom'],
        ['No yarn', StopKind::Starved, 'Yarn', null],
        ['Drive', StopKind::Failure, null, null],
        ['Drive belt', StopKind::Failure, 'Drive', null],
        ['Seal leaks', StopKind::Failure, null, null],
        ['Bearing hot', StopKind::Failure, null, null],
        ['Next machine full', StopKind::Blocked, null, null],
        ['Change of style', StopKind::Changeover, null, null],
        ['Cleaning', StopKind::Planned, null, null],
        ['No steam', StopKind::Starved, null, null],
        ['No order', StopKind::Planned, null, null],
    ];

    /** Which machines stand why: tag, reason, one day in so many, minutes at least and more at the most. */
    private const STANDS = [
        ['LM-14', 'Weft sensor', 6, 14, 40],
        ['LM-02', 'Warp break', 9, 8, 25],
        ['LM-05', 'Warp break', 11, 8, 30],
        ['LM-07', 'Weft sensor', 41, 20, 40],
        ['LM-09', 'Change of style', 17, 40, 50],
        ['LM-14', 'Warp break', 19, 8, 20],
        ['LM-21', 'Warp break', 13, 10, 25],
        ['SPN-03', 'Drive belt', 47, 60, 120],
        ['SPN-07', 'No yarn', 23, 15, 45],
        ['SPN-11', 'Bearing hot', 61, 90, 180],
        ['WND-03', 'Next machine full', 29, 10, 30],
        ['STN-02', 'Cleaning', 14, 35, 20],
        ['STN-02', 'Change of style', 8, 25, 25],
        ['STN-01', 'No steam', 37, 30, 60],
        ['RSE-01', 'Drive', 53, 90, 240],
        ['DV-02', 'No steam', 33, 20, 70],
        ['DYE-P01', 'Seal leaks', 71, 120, 180],
        ['DYE-P02', 'Seal leaks', 59, 120, 200],
    ];

    private const TOLD = 7;

    /** Nobody said why so many in a hundred stood. */
    private const UNSAID = 3;

    public function __construct(
        private readonly SaveStopReason $save,
        private readonly ReportDown $down,
        private readonly ReportRunning $running,
    ) {
    }

    public function reasons(): void
    {
        $classes = DB::table('equipment_classes')->pluck('id', 'name');
        foreach (self::REASONS as [$name, $kind, $group, $class]) {
            $parent = $group === null ? null : StopReason::query()->where('name', $group)->value('id');
            ($this->save)(Actor::sundial(), null, new ReasonInput(
                $name,
                $kind,
                $parent === null ? null : (int) $parent,
                $class === null ? null : (int) $classes[$class],
            ));
        }
    }

    /** What stood on a day, said by an operator as it happened. */
    public function day(SetClock $clock, LocalDate $day, LocalDate $today): void
    {
        // What happened in the last days is told one by one.
        if ($day->daysUntil($today) < self::TOLD) {
            return;
        }
        $by = User::query()->where('login', 'operator')->sole()->actor();
        foreach (self::STANDS as $i => [$tag, $reason, $every, $least, $more]) {
            $dice = crc32("{$day->daysUntil($today)} {$i}");
            if ($dice % $every === 0) {
                $from = new DateTimeImmutable("{$day} 06:30:00 UTC");
                $from = $from->modify('+'.($dice >> 4) % 840 .' minutes');
                $minutes = $least + ($dice >> 8) % $more;
                $said = ($dice >> 3) % 100 < self::UNSAID ? 'stood, nobody knows why' : $reason;
                $this->stand($by, $clock, [$tag, $said], [$from, $from->modify("+{$minutes} minutes")]);
            }
        }
    }

    /**
     * @param  array{string, string}  $what  tag and reason
     * @param  array{DateTimeImmutable, DateTimeImmutable}  $when
     */
    public function stand(Actor $by, SetClock $clock, array $what, array $when): void
    {
        $asset = Asset::query()->where('tag', $what[0])->where('life_state', '<>', 'retired')->first();
        $last = $asset === null ? null : DB::table('stops')
            ->where('asset_id', $asset->id)
            ->whereNull('struck_at')
            ->selectRaw('MAX(COALESCE(to_at, "9999-01-01")) as until')
            ->value('until');
        // What stands already does not stop once more.
        if ($asset === null || ($last !== null && $last > $when[0]->format('Y-m-d H:i:s'))) {
            return;
        }
        $clock->set($when[0]->format('Y-m-d H:i:s'));
        ($this->down)($by, $asset, $when[0], StopSaid::because($what[1]));
        $clock->set($when[1]->format('Y-m-d H:i:s'));
        ($this->running)($by, $asset, $when[1]);
    }
}
