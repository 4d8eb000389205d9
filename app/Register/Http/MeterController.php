<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\People\Models\User;
use App\Platform\Audit\LogQuery;
use App\Platform\Clock\Clock;
use App\Platform\Files\Table;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Actions\SaveMeter;
use App\Register\Actions\StrikeReading;
use App\Register\Actions\TakeReading;
use App\Register\Http\Requests\MeterRequest;
use App\Register\Http\Requests\ReadingRequest;
use App\Register\Models\Asset;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use App\Register\Queries\MeterChart;
use App\Register\Queries\MeterIndex;
use App\Register\Queries\MetersAsked;
use App\Register\Queries\MeterSheet;
use App\Register\Queries\MetersOfPlace;
use App\Register\Queries\RegisterLists;
use App\Register\Queries\Whereabouts;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class MeterController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly RegisterLists $register,
        private readonly MetersAsked $meters,
        private readonly Clock $clock,
    ) {
    }

    private function page(string $title, ?int $current = null): Page
    {
        return Page::in('assets', $title)->index(
            'register.meters.index',
            fn (): array => [
                'meters' => app(MeterIndex::class)($this->site->id(), request()->user()),
                'current' => $current,
                'today' => $this->site->today(),
            ],
        );
    }

    public function index(): Page
    {
        return $this->page('Meters')->sheet('register.meters.overview');
    }

    public function export(string $format): StreamedResponse
    {
        $meters = $this->meters->all($this->site->id());

        return Table::stream(
            $format,
            'meters',
            [
                'asset',
                'asset name',
                'meter',
                'kind',
                'unit',
                'last reading',
                'read on',
                'total',
                'expected per year',
                'rolls over at',
                'low limit',
                'high limit',
                'beyond its limit',
            ],
            $meters->map(
                static fn (Meter $meter): array => [
                    $meter->asset->tag,
                    $meter->asset->name,
                    $meter->name,
                    $meter->kind,
                    $meter->unit,
                    $meter->last_shown,
                    $meter->last_on,
                    $meter->last_total,
                    $meter->expected_per_year,
                    $meter->rolls_over_at,
                    $meter->low_limit,
                    $meter->high_limit,
                    $meter->beyond,
                ],
            ),
        );
    }

    public function show(Meter $meter, MeterSheet $sheet): Page
    {
        $site = $this->site->enter($meter->site_id);
        $meter->load('asset');
        $today = $this->site->today();
        $goals = $sheet->goals($meter);

        return $this->page("{$meter->name} {$meter->asset->tag}", $meter->id)
            ->sheet('register.meters.sheet', [
                'meter' => $meter,
                'site' => $site,
                'today' => $today,
                'crumbs' => (new Whereabouts())->crumbs($meter->asset->path),
                'readings' => $sheet->readings($meter),
                'goals' => $goals,
                'chart' => MeterChart::of($meter, $sheet->points($meter), $goals, $today),
                'log' => (new LogQuery())->of($meter->subject(), $site->zone()),
            ])
            ->horizon(static fn (): Horizon => Horizon::of($meter->asset->subject(), $meter->asset->name, $today));
    }

    public function create(Asset $asset): Page
    {
        $this->site->enter($asset->site_id);

        return $this->page("New meter on {$asset->tag}")->sheet('register.meters.form', [
            'units' => $this->register->units(),
            'asset' => $asset,
            'meter' => new Meter(),
        ]);
    }

    public function edit(Meter $meter): Page
    {
        $this->site->enter($meter->site_id);

        return $this->page($meter->name, $meter->id)->sheet('register.meters.form', [
            'units' => $this->register->units(),
            'asset' => $meter->asset()->firstOrFail(),
            'meter' => $meter,
        ]);
    }

    public function store(MeterRequest $request, Asset $asset, SaveMeter $save, FirstAnswer $once): RedirectResponse
    {
        $said = $request->said();

        return $once->redirect(fn (): array => [
            '/meters/'.$save($request->user()->actor(), null, $asset, $said)->id,
            "{$said->name} is on {$asset->name}. Take its first reading now; schedules can count on it from ".
                'then on.',
        ]);
    }

    public function update(MeterRequest $request, Meter $meter, SaveMeter $save): RedirectResponse
    {
        $said = $request->said();
        $save(
            $request->user()->actor(),
            $meter,
            $meter->asset()->firstOrFail(),
            $said,
            $request->integer('version'),
        );

        return redirect("/meters/{$meter->id}")->with('said', "{$said->name} is saved.");
    }

    public function read(ReadingRequest $request, Meter $meter, TakeReading $take, FirstAnswer $once): RedirectResponse
    {
        $reading = $request->said($this->site->enter($meter->site_id));
        $by = $request->user()->actor();

        return $once->redirect(function () use ($take, $by, $meter, $reading): array {
            [, $followed] = $take(
                $by,
                $meter,
                $reading->shown,
                $reading->at ?? $this->clock->now(),
                $reading->turn,
                $reading->oldFinal,
                $reading->note,
            );
            $said = "{$meter->text(Quantity::parse($reading->shown, 'shown'))} is taken.";

            return ["/meters/{$meter->id}", implode(' ', [$said, ...$followed])];
        });
    }

    public function strike(Request $request, Reading $reading, StrikeReading $strike): RedirectResponse
    {
        $given = $request->validate(
            ['reason' => ['required', 'string', 'max:250']],
            ['reason.required' => 'Say why the reading is struck out.'],
        );
        $followed = $strike($request->user()->actor(), $reading, $given['reason']);

        return redirect("/meters/{$reading->meter_id}")->with(
            'said',
            implode(' ', ['The reading is struck out; it stays in the list with its reason.', ...$followed]),
        );
    }

    /** All meters of a place, to be read on one walk. */
    public function round(Request $request): Page
    {
        $place = Typed::id($request, 'place');

        return $this->page('Read many')->sheet('register.meters.round', [
            'meters' => $this->ofPlace($place),
            'place' => $place,
            'places' => $this->register->places($this->site->id()),
        ]);
    }

    /** Takes what was typed, meter by meter; what is questioned stays in the form with its question. */
    public function readMany(Request $request, TakeReading $take): RedirectResponse
    {
        $request->validate(
            ['at' => ['nullable', 'date_format:Y-m-d\TH:i'], 'readings' => ['array']],
            [],
            ['at' => 'time'],
        );
        $typed = array_filter(
            (array) $request->input('readings', []),
            static fn (mixed $text): bool => is_string($text) && trim($text) !== '',
        );
        $at = $request->input('at')
            ? (new DateTimeImmutable(Typed::word($request, 'at'), $this->site->get()->zone()))->setTimezone(
                new DateTimeZone('UTC'),
            )
            : $this->clock->now();
        [$taken, $errors, $causes] = [0, [], []];
        foreach ($this->meters->among($this->site->id(), array_keys($typed)) as $meter) {
            // Operators read what stands on their lines, and nothing else.
            Gate::authorize('read', $meter);
            try {
                $take(
                    $request->user()->actor(),
                    $meter,
                    (string) $typed[$meter->id],
                    $at,
                    Typed::word($request, "turn.{$meter->id}"),
                    $request->input("old_final.{$meter->id}"),
                    null,
                    'round',
                );
                unset($typed[$meter->id]);
                $taken++;
            } catch (InvalidInput $e) {
                [$errors["readings.{$meter->id}"], $causes["readings.{$meter->id}"]] = [
                    $e->getMessage(),
                    $e->cause(),
                ];
            }
        }
        $back = redirect(
            '/meters/round'.($request->input('place') ? '?place='.(int) $request->input('place') : ''),
        )->with('said', $taken === 1 ? '1 reading is taken.' : "{$taken} readings are taken.");

        return $errors === []
            ? $back
            : $back
                ->withErrors($errors)
                ->with('causes', $causes)
                ->withInput([
                    'readings' => $typed,
                    'turn' => $request->input('turn'),
                    'old_final' => $request->input('old_final'),
                    'at' => $request->input('at'),
                ]);
    }

    /** @return Collection<int, Meter> */
    private function ofPlace(?int $place): Collection
    {
        /** @var User $person */
        $person = Auth::user();

        return app(MetersOfPlace::class)($this->site->id(), $place, $person);
    }
}
