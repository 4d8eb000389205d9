<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\Planning\Extension\VisitsAhead;
use App\Planning\Queries\OutlookExport;
use App\Planning\Queries\OutlookQuery;
use App\Platform\Clock\Clock;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Nearness;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class OutlookController
{
    public function __construct(private readonly CurrentSite $site, private readonly OutlookQuery $outlook)
    {
    }

    public function show(Request $request): Page
    {
        [$subject, $about, $from, $to, $reach] = $this->asked($request);
        $today = $this->site->today();
        $after = preg_match('/^(\d{4}-\d{2}-\d{2}),(\d+)$/D', (string) $request->query('after'), $found) === 1 ? [$found[1], (int) $found[2]] : null;
        $late = (int) VisitsAhead::about(DB::table('schedules as v'), $subject)?->where('v.nearness', Nearness::Late->value)->count();

        return Page::in('plan', 'Outlook')->sheet('planning.outlook.sheet', [
            'about' => $about, 'from' => $from, 'to' => $to, 'reach' => $reach, 'today' => $today, 'late' => $late, 'page' => $this->outlook->page($subject, $from, $to, $after),
            'hours' => $this->outlook->hours($subject, $from, $to, OutlookQuery::REACH[$reach][1]), 'query' => array_filter($request->only(['place', 'asset', 'from', 'reach']), static fn (mixed $value): bool => is_string($value) && $value !== ''),
            'places' => Location::query()->where('site_id', $this->site->id())->orderBy('name')->get(['id', 'name', 'tag']),
        ])->horizon(static fn (): Horizon => Horizon::of($subject, $about, $today));
    }

    public function export(Request $request, string $format, OutlookExport $export, Clock $clock): StreamedResponse
    {
        [$subject, $about, $from, $to] = $this->asked($request);

        return $export($format, $this->outlook->all($subject, $from, $to), "outlook-{$from}", "Outlook of {$about}", $clock->now());
    }

    /** @return array{Subject, string, LocalDate, LocalDate, string} of what, its name, from, until, and how it was chosen */
    private function asked(Request $request): array
    {
        $text = static fn (string $name): string => is_string($request->query($name)) ? $request->query($name) : '';
        $reach = isset(OutlookQuery::REACH[$text('reach')]) ? $text('reach') : '8 weeks';
        [$subject, $about] = $this->subject($text('asset'), $text('place'));
        $from = preg_match('/^(19|20)\d\d-\d\d-\d\d$/D', $text('from')) === 1 ? LocalDate::parse($text('from'), 'from') : $this->site->today();

        return [$subject, $about, $from, $from->plusDays(7 * OutlookQuery::REACH[$reach][0]), $reach];
    }

    /** @return array{Subject, string} */
    private function subject(string $asset, string $place): array
    {
        $site = $this->site->get();
        $found = ctype_digit($asset) ? Asset::query()->findOrFail((int) $asset) : (ctype_digit($place) ? Location::query()->findOrFail((int) $place) : null);
        if ($found === null) {
            return [Subject::of('site', $site->id, $site->id), $site->name];
        }
        abort_unless($this->site->holds($found->site_id), 404);
        $this->site->enter($found->site_id);

        return [Subject::of($found instanceof Asset ? 'asset' : 'location', $found->id, $found->site_id), $found->name];
    }
}
