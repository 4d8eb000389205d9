<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Platform\Extension\HorizonSource;
use App\Platform\Frame\HorizonMark;
use App\Platform\Frame\MarkKind;
use App\Platform\Frame\Wording;
use App\Platform\Subject;
use App\Register\Queries\SubtreePath;
use App\Stops\Queries\StoodIn;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;

/** On the horizon: what stood, and what stands, of an asset and what is below it. */
final readonly class StopsAhead implements HorizonSource
{
    private const MOST = 40;

    public function __construct(private Wording $words, private SubtreePath $inside)
    {
    }

    public function marks(Subject $subject, LocalDate $from, LocalDate $to): array
    {
        if ($subject->kind !== 'asset') {
            return [];
        }
        // By their ids: of each, no more of its stops are read than are shown.
        $within = DB::table('assets')->where('path', 'like', $this->inside->path($subject))->pluck('id');
        $stops = StoodIn::between(
            DB::table('stops as s'),
            "{$from} 00:00:00",
            "{$to->plusDays(1)} 00:00:00",
            static fn (Builder $some) => $some
                ->whereIn('asset_id', $within)
                ->orderByDesc('from_at')
                ->limit(self::MOST),
        )
            ->orderByDesc('s.from_at')
            ->limit(self::MOST)
            ->get(['s.id', 's.from_at', 's.to_at', 's.reason']);

        $today = $this->words->today();
        $kind = MarkKind::listed('stop', static fn (): string => "/assets/{$subject->id}#stops");
        $marks = [];
        foreach ($stops->groupBy(fn (stdClass $one): string => (string) $this->day($one->from_at)) as $day => $some) {
            $one = $some->first();
            $marks[] = match (true) {
                $one === null => null,
                $some->count() > 1 => HorizonMark::bundle(
                    $kind,
                    LocalDate::parse((string) $day),
                    $some->count(),
                    $kind->count($some->count()),
                    'on hold',
                    "/assets/{$subject->id}#stops",
                ),
                default => HorizonMark::bar(
                    $kind,
                    $this->day($one->from_at),
                    $one->to_at === null ? $today : $this->day($one->to_at),
                    "stood: {$one->reason}",
                    'on hold',
                    "/stops/{$one->id}",
                ),
            };
        }

        return array_values(array_filter($marks));
    }

    private function day(string $at): LocalDate
    {
        return LocalDate::parse($this->words->local($at)->format('Y-m-d'));
    }
}
