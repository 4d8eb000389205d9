<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\HorizonSource;
use App\Platform\Extension\TodayCard;
use App\Platform\Frame\Dial;
use App\Platform\Frame\HorizonMark;
use App\Platform\Frame\MarkKind;
use App\Platform\Frame\Wording;
use App\Platform\Subject;
use App\Platform\Today\Group;
use App\Platform\Today\Line;
use App\Register\Queries\ExpiryList;
use App\Register\Queries\SubtreePath;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\Nearness;
use Sundial\Register\ExpiryState;

/** Expiry dates on the horizon, and on Today when they run out. */
final readonly class ExpiryAhead implements HorizonSource, TodayCard
{
    private const LINES = 6;

    public function __construct(private ExpiryList $list, private SubtreePath $inside, private Wording $words)
    {
    }

    public function marks(Subject $subject, LocalDate $from, LocalDate $to): array
    {
        $dates = match ($subject->kind) {
            'site' => $this->list->standing($subject->id),
            'asset', 'location' => DB::table('expiry_dates as e')
                ->whereNull('e.ended_at')
                ->where('e.kind', 'asset')
                ->whereIn(
                    'e.subject_id',
                    DB::table('assets')->where('path', 'like', $this->inside->path($subject))->select('id'),
                ),
            'person' => DB::table('expiry_dates as e')
                ->whereNull('e.ended_at')
                ->where('e.kind', 'person')
                ->where('e.subject_id', $subject->id),
            default => null,
        };
        $today = (string) $this->words->today();

        if ($dates === null) {
            return [];
        }
        $kind = MarkKind::listed('expiry date', static fn (): string => '/expiry');

        return array_values(
            $dates
                ->leftJoin(
                    'assets as a',
                    static fn ($join) => $join->on('a.id', '=', 'e.subject_id')->where('e.kind', 'asset'),
                )
                ->where('e.until', '<', (string) $to)
                ->orderBy('e.until')
                ->limit(60)
                ->get(['e.what', 'e.until', 'e.warn_from', 'e.kind', 'e.subject_id', 'a.tag'])
                ->map(
                    static fn (stdClass $date): HorizonMark => HorizonMark::point(
                        $kind,
                        LocalDate::later($from, LocalDate::parse($date->until)),
                        trim("{$date->tag} {$date->what} ".($date->until < $today ? 'ran out' : 'runs out')),
                        $date->until < $today
                            ? Nearness::Late->value
                            : ($date->warn_from <= $today
                                ? Nearness::Near->value
                                : Nearness::Clear->value),
                        $date->kind === 'asset' ? "/assets/{$date->subject_id}#expiry" : '/expiry',
                    ),
                )
                ->values()
                ->all(),
        );
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        if (! Rights::has(Right::SeePlant)) {
            return [];
        }
        $plans = Rights::has(Right::WriteRegister);
        $groups = [];
        foreach (
            [
                [ExpiryState::RunOut, 'Run out', $plans ? 8 : 63, Nearness::Late],
                [ExpiryState::RunningOut, 'Running out', $plans ? 30 : 64, Nearness::Near],
            ] as [$state, $title, $position, $nearness]
        ) {
            $dates = $this->list->of($siteId, $today, ['state' => $state->value], self::LINES + 1);
            if ($dates !== []) {
                $lines = array_map(
                    fn (stdClass $date): Line => new Line(
                        Dial::svg($nearness, $date->days < 0 ? 1200 : 900),
                        $date->what,
                        $date->tag ?? '',
                        ($date->days < 0
                            ? 'ran out '.$this->words->relative(LocalDate::parse($date->until))
                            : 'until '.
                                $this->words->day($date->until).
                                ', '.
                                $this->words->relative(LocalDate::parse($date->until)))." · {$date->name}",
                        $nearness->value,
                        $date->href ?? '/expiry',
                        ['label' => 'Open', 'href' => $date->href ?? '/expiry', 'method' => 'get'],
                    ),
                    array_slice($dates, 0, self::LINES),
                );
                $groups[] = new Group(
                    $state->value,
                    $title,
                    false,
                    $position,
                    $lines,
                    count($dates),
                    '/expiry?state='.urlencode($state->value),
                );
            }
        }

        return $groups;
    }
}
