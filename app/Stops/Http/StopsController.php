<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Platform\Access\Rights;
use App\Platform\Clock\Clock;
use App\Platform\Files\Table;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\Typed;
use App\Register\Models\Asset;
use App\Stops\Actions\ExplainStop;
use App\Stops\Models\Stop;
use App\Stops\Pages\HelpedPage;
use App\Stops\Pages\ReliabilityPage;
use App\Stops\Pages\StopsIndex;
use App\Stops\Pages\StopsStart;
use App\Stops\Queries\AssetOfTag;
use App\Stops\Queries\StopReasons;
use App\Stops\Queries\StopsInPeriod;
use App\Stops\Queries\StopSlice;
use App\Stops\Wording\ReliabilityWording;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use stdClass;
use Sundial\Access\Right;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The stops of a site: where it stands, the list behind each figure, and how reliable its assets are. */
final class StopsController
{
    private const LIST = 200;

    public function __construct(
        private readonly CurrentSite $site,
        private readonly Clock $clock,
        private readonly StopsIndex $index,
    ) {
    }

    public function index(Request $request, StopsStart $start): Page
    {
        $by = Typed::word($request, 'by');

        $by = isset(StopsInPeriod::BY[$by]) ? $by : 'reason';
        $days = $this->days($request);

        return $this->page('Stops')
            ->sheet('stops.start', static fn (): array => $start($days))
            ->rest('stops.start-rest', null, fn (): array => $start->rest($by, $this->measure($request), $days))
            ->withoutHorizon();
    }

    public function list(Request $request, StopsInPeriod $stops): Page
    {
        return $this->page('Stops one by one')->sheet('stops.list', fn (): array => [
            'stops' => $stops->each($this->slice($request), self::LIST)->collect(),
            'query' => array_filter(Typed::words($request, 'by', 'value', 'days')),
            'days' => $this->days($request),
            'value' => Typed::word($request, 'value'),
            'most' => self::LIST,
        ])->withoutHorizon();
    }

    public function export(Request $request, string $format, StopsInPeriod $stops): StreamedResponse
    {
        return Table::stream(
            $format,
            'stops',
            ['tag', 'asset', 'from', 'to', 'seconds in the period', 'reason', 'kind', 'planned', 'note', 'said by'],
            $stops->each($this->slice($request))->map(static fn (stdClass $one): array => [
                $one->tag,
                $one->asset,
                $one->from_at,
                $one->to_at,
                (int) $one->seconds,
                $one->reason,
                $one->kind,
                $one->planned ? 'yes' : 'no',
                $one->note,
                $one->opened_who,
            ]),
        );
    }

    public function reliability(Request $request, ReliabilityPage $page): Page
    {
        $class = Typed::id($request, 'class');

        return $this->page('Reliability')->sheet('stops.reliability', fn (): array => $page(
            $class !== null ? 'asset' : $this->among($request, 'by', ReliabilityPage::BY),
            min(60, max(1, $request->integer('months', 12))),
            Typed::word($request, 'when') === 'working' ? 'working' : 'clock',
            $class,
        ))->withoutHorizon();
    }

    /** Whether something that was done on a day helped against a reason. */
    public function helped(Request $request, HelpedPage $page): Page
    {
        $on = Typed::word($request, 'on');

        return $this->page('Did it help?')->sheet('stops.helped', fn (): array => $page(
            Typed::word($request, 'reason'),
            Typed::word($request, 'tag'),
            $on === '' ? null : Typed::day($request, 'on', $this->site->today()),
            min(365, max(0, $request->integer('left_out', HelpedPage::LEFT_OUT))),
            min(730, max(7, $request->integer('days', HelpedPage::DAYS))),
        ))->withoutHorizon();
    }

    /** Of one asset: what its sheet asks for, and a page of its own without scripts. */
    public function ofAsset(
        Request $request,
        Asset $asset,
        ReliabilityPage $page,
        ReliabilityWording $words,
    ): Page|View {
        // Within the sheet of the asset its stops stand beside it.
        $isWithin = $request->headers->has('HX-Request');
        $shown = [
            'asset' => $asset,
            'is' => $page->ofAsset($asset->id),
            'said' => $words,
            'stops' => $isWithin ? '#stops' : "/assets/{$asset->id}#stops",
        ];

        return $isWithin
            ? view('stops.of-asset', $shown)
            : Page::in('assets', 'Reliability')->sheet('stops.of-asset-page', $shown)->withoutHorizon();
    }

    /** The reasons that are offered for an asset, as the list of a field. */
    public function reasons(Asset $asset, StopReasons $reasons): View
    {
        return view('stops.offered', ['reasons' => $reasons->offered($asset->id)]);
    }

    public function why(Request $request, Stop $stop, ExplainStop $explain, AssetOfTag $find): RedirectResponse
    {
        $given = $request->validate(
            ['why' => ['required', 'string', 'max:60'], 'cause' => ['nullable', 'string', 'max:40']],
            [],
            ['why' => 'reason', 'cause' => 'machine'],
        );
        $cause = isset($given['cause']) ? $find($stop->site_id, $given['cause']) : null;
        if (isset($given['cause']) && $cause === null) {
            throw ValidationException::withMessages(['cause' => 'There is no asset of that tag at this site.']);
        }
        $stop = $explain($request->user()->actor(), $stop, $given['why'], $cause?->id);

        return back(302, [], '/stops#without')->with('said', "It was: {$stop->reason}.");
    }

    private function slice(Request $request): StopSlice
    {
        $now = $this->clock->now();
        $value = Typed::word($request, 'value');

        return StopSlice::lately($this->site->id(), $now, $this->days($request))
            ->only(Typed::word($request, 'by') ?: 'reason', $value === '' ? null : $value);
    }

    private function days(Request $request): int
    {
        return min(800, max(1, $request->integer('days', 30)));
    }

    /** @param  non-empty-list<string>  $words */
    private function among(Request $request, string $field, array $words): string
    {
        $word = Typed::word($request, $field);

        return in_array($word, $words, true) ? $word : $words[0];
    }

    /** What is counted: costs by those alone who may see them. */
    private function measure(Request $request): string
    {
        $measure = Typed::word($request, 'measure');
        $isKnown = $measure === 'count' || ($measure === 'cost' && Rights::has(Right::SeeCosts));

        return $isKnown ? $measure : 'minutes';
    }

    private function page(string $title): Page
    {
        $index = $this->index;

        return Page::in('stops', $title)->index('stops.index', static fn (): array => $index(null));
    }
}
