<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\Planning\Pages\OutlookAddress;
use App\Planning\Pages\OutlookAsked;
use App\Planning\Pages\OutlookPage;
use App\Planning\Queries\OutlookExport;
use App\Planning\Queries\OutlookQuery;
use App\Planning\Queries\PlanningLists;
use App\Planning\Queries\WhatIf;
use App\Platform\Access\Rights;
use App\Platform\Clock\Clock;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Platform\Writing\Typed;
use App\Register\Models\Asset;
use App\Register\Queries\RegisterLists;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Access\Right;
use Sundial\Calendar\Unit;
use Sundial\Support\Quantity;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class OutlookController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly OutlookQuery $outlook,
        private readonly RegisterLists $register,
        private readonly PlanningLists $planning,
    ) {
    }

    public function show(Request $request, OutlookPage $page): Page
    {
        $asked = $this->asked($request);

        return Page::in('plan', 'Outlook')
            ->sheet('planning.outlook.sheet', static fn (): array => $page($asked))
            ->rest('planning.outlook.rest', null, static fn (): array => $page->rest($asked))
            ->horizon(fn (): Horizon => Horizon::of($asked->subject, $asked->about, $this->site->today()));
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
        $asked = $this->asked($request);

        return $export(
            $format,
            $this->outlook->all($asked->subject, $asked->from, $asked->to, $asked->only),
            "outlook-{$asked->from}",
            "Outlook of {$asked->about}",
            $clock->now(),
        );
    }

    /** @return array{class: int|null, team: int|null} */
    private function only(Request $request): array
    {
        return ['class' => $request->integer('class') ?: null, 'team' => $request->integer('team') ?: null];
    }

    private function asked(Request $request): OutlookAsked
    {
        $query = array_filter(
            Typed::words($request, 'place', 'asset', 'class', 'team', 'from', 'reach'),
            static fn (mixed $value): bool => is_string($value) && $value !== '',
        );
        $reach = isset(OutlookQuery::REACH[$query['reach'] ?? '']) ? $query['reach'] : '8 weeks';
        [$subject, $about] = $this->subject($query['asset'] ?? '', $query['place'] ?? '');
        $from = Typed::day($request, 'from', $this->site->today());
        // Until the end of a week, whatever day it begins on: the hours are counted by whole weeks.
        $to = $from->plusDays(7 * OutlookQuery::REACH[$reach][0]);
        $isAfter = preg_match('/^(\d{4}-\d{2}-\d{2}),(\d+)$/D', Typed::word($request, 'after'), $found) === 1;

        return new OutlookAsked(
            $subject,
            $about,
            $from,
            $to->plusDays((8 - $to->weekday()) % 7),
            $reach,
            $this->only($request),
            $isAfter ? [$found[1], (int) $found[2]] : null,
            new OutlookAddress($query),
        );
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
