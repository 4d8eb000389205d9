<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Platform\Sites\Site;
use App\Stops\Actions\SaveLine;
use App\Stops\Actions\SaveProduct;
use App\Stops\Actions\SetIdealRate;
use App\Stops\Actions\SetPattern;
use App\Stops\Inputs\LineInput;
use App\Stops\Inputs\ProductInput;
use App\Stops\Models\Line;
use App\Stops\Models\Product;
use App\Stops\Models\ShiftRecord;
use App\Stops\Models\Stop;
use App\Stops\Projections\ShiftSums;
use App\Stops\Queries\ReliabilityAsked;
use App\Stops\Queries\ReliabilityOfLines;
use App\Stops\Queries\StopsAddedUp;
use App\Stops\Queries\StopsInPeriod;
use App\Stops\Queries\StopSlice;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stops\Reliability;
use Sundial\Stops\ShiftPattern;
use Sundial\Stops\ShiftTurn;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;
use Sundial\Stops\StoppedFor;
use Tests\Feature\Plant;
use Tests\Feature\Stops\LineFloor;

beforeEach(function () {
    $this->plant = Plant::build();
    $this->floor = LineFloor::of($this->plant);
    $this->other = app(SaveProduct::class)(
        Actor::sundial(),
        new Product(['site_id' => $this->plant->site->id]),
        new ProductInput('CL-2', 'Canvas', 'm'),
    );
    app(SetIdealRate::class)(
        Actor::sundial(),
        $this->floor->line,
        $this->other->id,
        LocalDate::parse('2026-03-02'),
        '30',
    );
    mt_srand(11);
    $pump = $this->plant->pump->id;
    foreach ([$pump, $this->plant->motor->id] as $assetId) {
        $at = new DateTimeImmutable('2026-03-02 04:00 UTC');
        $rows = [];
        while ($at < new DateTimeImmutable('2026-03-16 20:00 UTC')) {
            // Some over midnight, some for more than a day, some outside of any shift.
            $to = $at->modify('+'.mt_rand(4, mt_rand(0, 9) === 0 ? 2000 : 200).' minutes');
            $kind = ['failure', 'planned stop', 'starved'][mt_rand(0, 2)];
            $rows[] = [
                'site_id' => $this->plant->site->id,
                'asset_id' => $assetId,
                'from_at' => $at->format('Y-m-d H:i:s'),
                'to_at' => $to->format('Y-m-d H:i:s'),
                'reason' => "Reason {$kind}",
                'kind' => $kind,
                'planned' => (int) ($kind === 'planned stop'),
                'cause_asset_id' => $assetId === $pump && mt_rand(0, 3) === 0 ? $this->plant->motor->id : null,
                'opened_who' => 'Operator',
            ];
            $at = $to->modify('+'.mt_rand(5, 400).' minutes');
        }
        DB::table('stops')->insert($rows);
        app(ShiftSums::class)->stood($assetId, $rows[0]['from_at'], null);
    }
});

/**
 * What the stops of a slice come to, one by one: by shift, product or cause.
 *
 * @return array<string, array{int, int}> stops and seconds by key
 */
function countedByHand(StopSlice $slice, string $by): array
{
    $records = ShiftRecord::query()->with('runs')->get();
    $products = Product::query()->pluck('name', 'id');
    $lines = StopsInPeriod::lines()->pluck('line_id', 'asset_id');
    $causes = DB::table('stops as s')->join('assets as a', 'a.id', '=', 's.cause_asset_id')->pluck('a.name', 's.id');
    $sums = [];
    foreach (app(StopsInPeriod::class)->each($slice) as $one) {
        $covers = static fn (object $span): bool => $span->from_at <= $one->from_at && $span->to_at > $one->from_at;
        $record = $records->where('line_id', $lines[$one->asset_id] ?? 0)->first($covers);
        $run = $record?->runs->first($covers);
        $key = match ($by) {
            'shift' => $record->shift ?? 'outside of a shift',
            'product' => $run === null ? 'no product' : $products[$run->product_id],
            default => $causes[$one->id] ?? $one->asset,
        };
        $sums[$key] = [($sums[$key][0] ?? 0) + 1, ($sums[$key][1] ?? 0) + (int) $one->seconds];
    }
    ksort($sums);

    return $sums;
}

/** @return array<string, array{int, int}> the same as it is kept and shown */
function addedUpBy(StopSlice $slice, string $by): array
{
    $sums = [];
    foreach (app(StopsAddedUp::class)->by($slice, $by) as $row) {
        $sums[$row->key] = [$row->stops, $row->seconds];
    }
    ksort($sums);

    return $sums;
}

/** @return array<string, Reliability> over all the time of each shift or product at once, from all stops of the line */
function reliabilityByHand(Span $period, string $by): array
{
    $line = Line::query()->with('parts')->sole();
    $stood = Stop::standing()
        ->whereIn('asset_id', $line->assetIds())
        ->get()
        ->map(static fn (Stop $one): StoppedFor => StoppedFor::ofKind(
            $one->kind,
            ShiftRecord::second($one->from_at),
            ShiftRecord::second($one->to_at),
            $period->to,
        ));
    $spans = [];
    foreach (ShiftRecord::query()->with('runs.product')->get() as $record) {
        foreach ($by === 'shift' ? [$record] : $record->runs as $one) {
            $spans[$by === 'shift' ? $record->shift : $one->product->name][] = $one->span();
        }
    }
    ksort($spans);

    return array_filter(array_map(
        static fn (array $some): Reliability => Reliability::begunIn(
            $period,
            SpanSet::of(...$some)->within($period),
            ...$stood,
        ),
        $spans,
    ), static fn (Reliability $one): bool => $one->required > 0);
}

function expectTheSame(int $siteId, DateTimeImmutable $now, string $after): void
{
    foreach ([2, 6, 16] as $days) {
        $lately = StopSlice::lately($siteId, $now, $days);
        foreach ([$lately, $lately->before(), $lately->lost()] as $slice) {
            foreach (['shift', 'product', 'cause'] as $by) {
                expect(addedUpBy($slice, $by))->toBe(countedByHand($slice, $by), "{$after}: {$by}, {$days} days");
            }
        }
    }
    foreach ([2, 6, 16] as $days) {
        $asked = ReliabilityAsked::roundTheClock(
            Site::query()->findOrFail($siteId),
            Span::between($now->getTimestamp() - 86_400 * $days, $now->getTimestamp()),
        );
        foreach (['shift', 'product'] as $by) {
            expect(app(ReliabilityOfLines::class)->by($asked, $by))
                ->toEqual(reliabilityByHand($asked->period, $by), "{$after}: reliability by {$by}, {$days} days");
        }
    }
    Artisan::call('bench:check');
    expect(trim(Artisan::output()))->toBe('Everything hangs together.', $after);
}

it('adds up by shift, product and cause to what the stops are one by one, whatever is told later', function () {
    [$site, $now] = [$this->plant->site->id, $this->clock->now()];
    expectTheSame($site, $now, 'as it stood');

    // What was made is entered days later: the stops of then began in it.
    $this->as('planner');
    foreach (['2026-03-04', '2026-03-09', '2026-03-12', '2026-03-16'] as $i => $day) {
        $shift = $this->floor->shift($day);
        $run = fn (int $product, string $from, string $to): array => [
            'product_id' => $product,
            'from' => $from,
            'to' => $to,
            'total' => 20,
            'rejects' => 0,
        ];
        $this->put("/shifts/{$shift->id}", ['version' => $shift->version, 'runs' => $i % 2 === 0
            ? [$run($this->floor->product->id, '06:00', '11:00'), $run($this->other->id, '11:00', '14:00')]
            : [$run($this->other->id, '07:00', '14:00')]])->assertSessionHasNoErrors();
    }
    expect(addedUpBy(StopSlice::lately($site, $now, 16), 'product'))->toHaveKeys(['Canvas', 'Cloth', 'no product']);
    expectTheSame($site, $now, 'output entered');

    $some = Stop::query()->where('asset_id', $this->plant->pump->id)->orderBy('from_at')->skip(9)->firstOrFail();
    $this->as('supervisor')->post("/stops/{$some->id}/strike", ['strike_reason' => 'x', 'version' => $some->version]);
    $next = Stop::query()->where('asset_id', $this->plant->pump->id)->orderBy('from_at')->skip(14)->firstOrFail();
    $this->post("/stops/{$next->id}/why", ['why' => 'No yarn', 'cause' => $this->plant->motor->tag]);
    expect($next->refresh()->cause_asset_id)->toBe($this->plant->motor->id);
    expectTheSame($site, $now, 'a stop struck out, and another one told');

    app(SetPattern::class)(
        Actor::sundial(),
        $this->floor->line,
        LocalDate::parse('2026-03-17'),
        ShiftPattern::of(ShiftTurn::of('night', '20:00-04:00', '', range(1, 7))),
    );
    expectTheSame($site, $now, 'other shifts from a day on');

    app(SaveLine::class)(Actor::sundial(), $this->floor->line->refresh(), new LineInput([], 0, 6000, 60));
    expect(addedUpBy(StopSlice::lately($site, $now, 16), 'shift'))->toHaveKey('outside of a shift');
    expectTheSame($site, $now, 'a part that stops the line no longer');
});

it('names the stops of a shift, a product and a cause, the last first', function () {
    $site = $this->plant->site->id;
    $slice = StopSlice::lately($site, $this->clock->now(), 16);
    foreach (['shift', 'cause'] as $by) {
        foreach (addedUpBy($slice, $by) as $key => [$stops]) {
            $named = app(StopsInPeriod::class)->each($slice->only($by, $key))->collect();
            expect($named)->toHaveCount($stops, "{$by} {$key}")
                ->and($named->pluck('from_at')->all())
                ->toBe($named->pluck('from_at')->sortDesc()->values()->all());
            $first = app(StopsInPeriod::class)->each($slice->only($by, $key), 3)->pluck('id')->all();
            expect($first)->toBe($named->take(3)->pluck('id')->all());
        }
    }
});
