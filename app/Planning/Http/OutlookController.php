<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\People\Queries\PeopleLists;
use App\Planning\Pages\HeatMap;
use App\Planning\Pages\OutlookAddress;
use App\Planning\Queries\LackingParts;
use App\Planning\Queries\LoadOfWeek;
use App\Planning\Queries\OutlookExport;
use App\Planning\Queries\OutlookHours;
use App\Planning\Queries\OutlookQuery;
use App\Planning\Queries\PlanningLists;
use App\Planning\Queries\VisitsTogether;
use App\Planning\Queries\WhatIf;
use App\Platform\Access\Rights;
use App\Platform\Clock\Clock;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Platform\Writing\Typed;
use App\Register\Models\Asset;
use App\Register\Queries\RegisterLists;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\Unit;
use Sundial\Planning\Levelling\Capacity;
use Sundial\Planning\Visit\CloseVisits;
use Sundial\Support\Quantity;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class OutlookController
{
    /** Days ahead for which the parts of visits are looked at. */
    private const PARTS = 84;

    public function __construct(
        private readonly CurrentSite $site,
        private readonly OutlookQuery $outlook,
        private readonly OutlookHours $hours,
        private readonly VisitsTogether $together,
        private readonly LoadOfWeek $load,
        private readonly RegisterLists $register,
        private readonly PeopleLists $people,
        private readonly PlanningLists $planning,
        private readonly LackingParts $lacking,
    ) {
    }

    public function show(Request $request): Page
    {
        [$subject, $about, $from, $to, $reach] = $this->asked($request);
        $today = $this->site->today();
        $after =
            preg_match('/^(\d{4}-\d{2}-\d{2}),(\d+)$/D', Typed::word($request, 'after'), $found) === 1
                ? [$found[1], (int) $found[2]]
                : null;
        $only = $this->only($request);
        $hours = ($this->hours)($subject, $from, $to, OutlookQuery::REACH[$reach][1], $only);
        $capacity = $this->capacity($subject, $hours['stretches'], OutlookQuery::REACH[$reach][1], $to, $only);
        $late = $this->outlook->late($subject);
        $page = $this->outlook->page($subject, $from, $to, $after, only: $only);

        $query = array_filter(
            Typed::words($request, 'place', 'asset', 'class', 'team', 'from', 'reach'),
            static fn (mixed $value): bool => is_string($value) && $value !== '',
        );
        $address = new OutlookAddress($query);

        return Page::in('plan', 'Outlook')
            ->sheet('planning.outlook.sheet', [
                'about' => $about,
                'from' => $from,
                'to' => $to,
                'reach' => $reach,
                'today' => $today,
                'late' => $late,
                'together' => Rights::has(Right::Release) && $after === null
                        ? ($this->together)(
                            $subject,
                            LocalDate::earlier($to, CloseVisits::lookedForUntil($today)),
                        )
                        : [],
                'lacking' => ($this->lacking)(
                    $this->site->id(),
                    $today,
                    LocalDate::earlier($to, $today->plusDays(self::PARTS)),
                    $page['rows'],
                ),
                'page' => $page,
                'hours' => $hours,
                'heat' => HeatMap::of(
                    app(Wording::class),
                    OutlookQuery::REACH[$reach][1],
                    $hours,
                    $capacity,
                    Capacity::exceeded($hours['trades'], $capacity),
                    static fn (LocalDate $day): string => $address->with([
                        'from' => (string) LocalDate::later($day, $from),
                        'reach' => '8 weeks',
                    ]),
                ),
                'address' => $address,
                'reaches' => array_keys(OutlookQuery::REACH),
                'classes' => $this->register->classes(),
                'teams' => $this->people->teams($this->site->id()),
                'only' => $only,
                'query' => $query,
                'places' => $this->register->locations($this->site->id()),
            ])
            ->horizon(static fn (): Horizon => Horizon::of($subject, $about, $today));
    }

    /** Another interval, or more assets: hours and cost of a year, without saving. */
    public function whatIf(Request $request, WhatIf $whatIf): Page
    {
        $given = $request->validate([
            'method' => ['nullable', 'integer'],
            'every' => ['nullable', 'integer', 'between:1,999'],
            'unit' => ['nullable', Rule::enum(Unit::class)],
            'usage_every' => ['nullable', 'string', 'max:16'],
            'more' => ['nullable', 'integer', 'between:0,500'],
        ]);
        $change = array_filter(
            [
                'every' => isset($given['every']) ? (int) $given['every'] : null,
                'unit' => $given['unit'] ?? null,
                'usage_every' => isset($given['usage_every']) && trim($given['usage_every']) !== ''
                        ? Quantity::plain(max(1, Quantity::parse($given['usage_every'], 'usage_every')))
                        : null,
                'more' => (int) ($given['more'] ?? 0),
            ],
            static fn (mixed $value): bool => $value !== null,
        );
        $methods = $this->planning->methodsInForce();
        $method = $this->planning->method(
            (int) ($given['method'] ?? $methods->first()?->id),
            ['inForce.labour.trade'],
        );
        $result =
            $method === null
                ? null
                : $whatIf(
                    $method,
                    $this->site->id(),
                    $change,
                    $this->site->today(),
                );

        return Page::in('plan', 'What if')->sheet('planning.outlook.what-if', [
            'methods' => $methods,
            'method' => $method,
            'change' => $change,
            'result' => $result,
            'seesCosts' => Rights::has(Right::SeeCosts),
        ]);
    }

    public function export(Request $request, string $format, OutlookExport $export, Clock $clock): StreamedResponse
    {
        [$subject, $about, $from, $to] = $this->asked($request);

        return $export(
            $format,
            $this->outlook->all($subject, $from, $to, $this->only($request)),
            "outlook-{$from}",
            "Outlook of {$about}",
            $clock->now(),
        );
    }

    /** @return array{class: int|null, team: int|null} */
    private function only(Request $request): array
    {
        return ['class' => $request->integer('class') ?: null, 'team' => $request->integer('team') ?: null];
    }

    /**
     * What people can do in each stretch, where the outlook is of all that they do: of the site, or of a team.
     *
     * @param  list<LocalDate>  $stretches  weeks are whole, as their load is
     * @param  array{class: int|null, team: int|null}  $only
     * @return array<string, list<int>> minutes by trade
     */
    private function capacity(Subject $subject, array $stretches, string $by, LocalDate $to, array $only): array
    {
        if ($subject->kind !== 'site' || $only['class'] !== null) {
            return [];
        }
        $days = $this->site->get()->workingDays();

        return array_map(
            static fn (int $week): array => array_map(
                static fn (LocalDate $from, int $i): int => Capacity::within(
                    $week,
                    $days,
                    $from,
                    $by === 'week' ? $from->plusDays(7) : $stretches[$i + 1] ?? LocalDate::later($to, $from),
                ),
                $stretches,
                array_keys($stretches),
            ),
            $this->load->weekMinutes($this->site->id(), $only['team']),
        );
    }

    /**
     * @return array{Subject, string, LocalDate, LocalDate, string} of what, its name, from, until, and how it was
     *     chosen
     */
    private function asked(Request $request): array
    {
        $text = static fn (string $name): string => is_string($request->query($name)) ? $request->query($name) : '';
        $reach = isset(OutlookQuery::REACH[$text('reach')]) ? $text('reach') : '8 weeks';
        [$subject, $about] = $this->subject($text('asset'), $text('place'));
        $from = Typed::day($request, 'from', $this->site->today());

        // Until the end of a week, whatever day it begins on: the hours are counted by whole weeks.
        $to = $from->plusDays(7 * OutlookQuery::REACH[$reach][0]);

        return [$subject, $about, $from, $to->plusDays((8 - $to->weekday()) % 7), $reach];
    }

    /** @return array{Subject, string} */
    private function subject(string $asset, string $place): array
    {
        $site = $this->site->get();
        $found = ctype_digit($asset)
            ? $this->register->assetAnywhere((int) $asset)
            : (ctype_digit($place)
                ? $this->register->locationAnywhere((int) $place)
                : null);
        if ($found === null) {
            return [Subject::of('site', $site->id, $site->id), $site->name];
        }
        abort_unless($this->site->holds($found->site_id), 404);
        $this->site->enter($found->site_id);

        return [
            Subject::of($found instanceof Asset ? 'asset' : 'location', $found->id, $found->site_id),
            $found->name,
        ];
    }
}
