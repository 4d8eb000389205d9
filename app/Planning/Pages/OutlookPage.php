<?php

declare(strict_types=1);

namespace App\Planning\Pages;

use App\People\Queries\PeopleLists;
use App\Planning\Queries\LackingParts;
use App\Planning\Queries\LoadOfWeek;
use App\Planning\Queries\OutlookHours;
use App\Planning\Queries\OutlookQuery;
use App\Planning\Queries\VisitsTogether;
use App\Platform\Access\Rights;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Register\Queries\RegisterLists;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Levelling\Capacity;
use Sundial\Planning\Visit\CloseVisits;

/** The outlook: hours of each trade by week or month against what there is, and below it the visits one by one. */
final readonly class OutlookPage
{
    /** Days ahead for which the parts of visits are looked at. */
    private const PARTS = 84;

    public function __construct(
        private CurrentSite $site,
        private OutlookQuery $outlook,
        private OutlookHours $hours,
        private VisitsTogether $together,
        private LoadOfWeek $load,
        private RegisterLists $register,
        private PeopleLists $people,
        private LackingParts $lacking,
        private Wording $words,
    ) {
    }

    /** @return array<string, mixed> the hours */
    public function __invoke(OutlookAsked $asked): array
    {
        $hours = ($this->hours)($asked->subject, $asked->from, $asked->to, $asked->by(), $asked->only);
        $capacity = $this->capacity($asked, $hours['stretches']);

        return [
            'about' => $asked->about,
            'from' => $asked->from,
            'to' => $asked->to,
            'reach' => $asked->reach,
            'late' => $this->outlook->late($asked->subject),
            'hours' => $hours,
            'heat' => HeatMap::of(
                $this->words,
                $asked->by(),
                $hours,
                $capacity,
                Capacity::exceeded($hours['trades'], $capacity),
                static fn (LocalDate $day): string => $asked->address->with([
                    'from' => (string) LocalDate::later($day, $asked->from),
                    'reach' => '8 weeks',
                ]),
            ),
            'address' => $asked->address,
            'query' => $asked->address->query,
            'reaches' => array_keys(OutlookQuery::REACH),
            'classes' => $this->register->classes(),
            'teams' => $this->people->teams($this->site->id()),
            'only' => $asked->only,
            'places' => $this->register->locations($this->site->id()),
        ];
    }

    /** @return array<string, mixed> the visits, those that could go together, and the parts that they lack */
    public function rest(OutlookAsked $asked): array
    {
        $today = $this->site->today();
        $page = $this->outlook->page($asked->subject, $asked->from, $asked->to, $asked->after, only: $asked->only);

        return [
            'from' => $asked->from,
            'page' => $page,
            'address' => $asked->address,
            'together' => Rights::has(Right::Release) && $asked->after === null
                ? ($this->together)(
                    $asked->subject,
                    LocalDate::earlier($asked->to, CloseVisits::lookedForUntil($today)),
                )
                : [],
            'lacking' => ($this->lacking)(
                $this->site->id(),
                $today,
                LocalDate::earlier($asked->to, $today->plusDays(self::PARTS)),
                $page['rows'],
            ),
        ];
    }

    /**
     * @param  list<LocalDate>  $stretches
     * @return array<string, list<int>> minutes of each trade that there are in each stretch
     */
    private function capacity(OutlookAsked $asked, array $stretches): array
    {
        if ($asked->subject->kind !== 'site' || $asked->only['class'] !== null) {
            return [];
        }
        $days = $this->site->get()->workingDays();

        return array_map(
            static fn (int $week): array => array_map(
                static fn (LocalDate $from, int $i): int => Capacity::within(
                    $week,
                    $days,
                    $from,
                    $asked->by() === 'week'
                        ? $from->plusDays(7)
                        : $stretches[$i + 1] ?? LocalDate::later($asked->to, $from),
                ),
                $stretches,
                array_keys($stretches),
            ),
            $this->load->weekMinutes($this->site->id(), $asked->only['team']),
        );
    }
}
