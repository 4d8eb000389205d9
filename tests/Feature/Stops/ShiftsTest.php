<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Register\Actions\MergeAssets;
use App\Stops\Actions\AnswerCall;
use App\Stops\Actions\ArriveAtCall;
use App\Stops\Actions\CallMaintenance;
use App\Stops\Actions\EndCall;
use App\Stops\Actions\MoveStop;
use App\Stops\Actions\NoteShortStops;
use App\Stops\Actions\ReportDown;
use App\Stops\Actions\ReportRunning;
use App\Stops\Actions\SignShift;
use App\Stops\Inputs\ShortTyped;
use App\Stops\Inputs\StopSaid;
use App\Stops\Models\MaintenanceCall;
use App\Stops\Models\ProductRun;
use App\Stops\Models\Stop;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;
use Tests\Feature\Stops\LineFloor;

/** A machine stood on 17 March, from and to by the clock. */
function stoodOnTheDay(Plant $plant, string $which, string $from, ?string $to, string $why = 'Jam'): Stop
{
    $at = static fn (string $clock): DateTimeImmutable => new DateTimeImmutable("2026-03-17 {$clock}");
    $stop = app(ReportDown::class)(Actor::sundial(), $plant->{$which}, $at($from), StopSaid::because($why));
    $to === null || app(ReportRunning::class)(Actor::sundial(), $plant->{$which}, $at($to));

    return $stop->refresh();
}

it('changes what was made in an hour where it stands, drops what is named no more, and keeps the rest', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $shift = $floor->shift('2026-03-17');
    $run = static fn (string $from, string $to, int $total, int $rejects = 0): array => [
        'product_id' => $floor->product->id, 'from' => $from, 'to' => $to, 'total' => $total, 'rejects' => $rejects,
    ];
    $enter = fn (array ...$runs) => $this->as('technician')
        ->put("/shifts/{$shift->id}", ['version' => $shift->refresh()->version, 'runs' => $runs])
        ->assertSessionHasNoErrors();
    $made = static fn (): array => ProductRun::query()
        ->orderBy('from_at')
        ->get()
        ->map(static fn (ProductRun $one): array => [$one->id, substr($one->from_at, 11, 5), $one->total])
        ->all();
    $enter($run('06:00', '08:00', 100, 3), $run('08:00', '10:00', 90));
    [[$first], [$second]] = $made();
    $enter($run('06:00', '08:00', 120, 3), $run('08:00', '09:00', 90), $run('11:00', '12:00', 40));
    expect(array_slice($made(), 0, 2))->toBe([[$first, '06:00', 120], [$second, '08:00', 90]])
        ->and(ProductRun::query()->find($second)?->to_at)->toBe('2026-03-17 09:00:00.000000')
        ->and($shift->refresh()->runs()->sum('total'))->toEqual(250);
    $enter($run('08:00', '09:00', 90));
    expect($made())->toBe([[$second, '08:00', 90]]);
});

it('writes down who entered a shift where what was made changed, and not where it stands as it is', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $shift = $floor->shift('2026-03-17');
    $entered = static fn (): int => DB::table('audit_entries')->where('kind', 'shift')->count();
    $enter = function (int $total, array $more = []) use ($floor, $shift): void {
        $this->as('technician')
            ->put("/shifts/{$shift->id}", $floor->form($shift->refresh(), $total, min(2, $total), $more))
            ->assertSessionHasNoErrors();
    };
    $enter(0);
    expect($entered())->toBe(1, 'that nothing was made is said, too');
    $enter(0);
    $enter(100);
    $enter(100);
    $enter(100, ['remark' => 'Yarn was damp']);
    expect([$entered(), $shift->refresh()->version])->toBe([3, 4]);
});

it('is signed once, when it is over, and counted to its end by then', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $shift = $floor->shift('2026-03-17');
    $by = $plant->actor('supervisor');
    $sign = fn (?string $why = null) => app(SignShift::class)($by, $shift->refresh(), $shift->version, $why);
    expect(fn () => $sign('not yet'))->toThrow(InvalidInput::class, 'is not signed')
        ->and($shift->refresh()->counted_at)->toBeNull();
    $this->clock->set('2026-03-17 14:00:00');
    $sign();
    expect($shift->refresh()->counted_at)->not->toBeNull()
        ->and($sign)->toThrow(InvalidInput::class, 'signed it already');
    $sign('wrong count');
    $this->clock->set('2026-03-17 13:59:59');
    expect($sign)->toThrow(InvalidInput::class, 'goes on still');
});

it('moves a stop to no machine that stood by itself in that time', function () {
    $plant = Plant::build();
    LineFloor::of($plant);
    $stop = stoodOnTheDay($plant, 'pump', '07:00', '08:00');
    stoodOnTheDay($plant, 'motor', '07:30', '07:40');
    $move = static fn (Stop $one) => app(MoveStop::class)(
        $plant->actor('supervisor'),
        $one->refresh(),
        $plant->motor,
        'it was the motor',
        $one->version,
    );
    expect(fn () => $move($stop))->toThrow(InvalidInput::class, 'has a stop of its own in that time')
        ->and($stop->refresh()->asset_id)->toBe($plant->pump->id);
    $after = stoodOnTheDay($plant, 'pump', '09:00', '09:10');
    $move($after);
    expect($after->refresh()->asset_id)->toBe($plant->motor->id);
});

it('adds what is said when it runs again to what was noted when it stood', function (string $note, string $left) {
    $plant = Plant::build();
    $at = static fn (string $clock): DateTimeImmutable => new DateTimeImmutable("2026-03-17 {$clock}");
    $by = Actor::sundial();
    $stop = app(ReportDown::class)($by, $plant->pump, $at('07:00'), StopSaid::because('Jam'));
    $stop->update(['note' => 'Belt is off']);
    app(ReportRunning::class)($by, $plant->pump, $at('07:20'), $note);
    expect($stop->refresh()->only(['note', 'to_at', 'version']))
        ->toBe(['note' => $left, 'to_at' => '2026-03-17 07:20:00.000000', 'version' => 2]);
})->with([['Belt is on', "Belt is off\nBelt is on"], ['', 'Belt is off']]);

it('says that somebody arrived no earlier than they were called, and only while a call stands', function () {
    $plant = Plant::build();
    $line = LineFloor::of($plant)->line;
    $at = static fn (string $clock): DateTimeImmutable => new DateTimeImmutable("2026-03-18 {$clock}");
    $by = Actor::guest('Operator');
    $arrive = fn (string $clock) => app(ArriveAtCall::class)($by, $line, $at($clock));
    expect(fn () => $arrive('07:40'))->toThrow(InvalidInput::class, 'No call stands');
    $call = app(CallMaintenance::class)($by, $line, $plant->pump, 'it squeals', $at('07:30'));
    expect(fn () => app(CallMaintenance::class)($by, $line, $plant->pump, 'again', $at('07:31')))
        ->toThrow(InvalidInput::class, 'called already');
    $arrive('07:10');
    $arrive('07:50');
    expect(substr((string) $call->refresh()->arrived_at, 11, 8))->toBe('07:30:00');
    app(EndCall::class)($by, $call, 'It went by itself');
    expect(fn () => app(AnswerCall::class)($plant->person('technician'), $call))
        ->toThrow(InvalidInput::class, 'This call is over')
        ->and(MaintenanceCall::query()->whereNull('over_at')->count())->toBe(0);
});

it('makes one machine of no two that are lines, and takes a line over to the one that is kept', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $twin = $plant->asset('P-9', 'Feed pump one', 'HALL');
    DB::table('plant_lines')->insert([
        ...(array) DB::table('plant_lines')->first(['site_id']),
        'asset_id' => $twin->id,
    ]);
    $merge = fn () => app(MergeAssets::class)(Actor::sundial(), $twin->refresh(), $plant->pump->refresh());
    expect($merge)->toThrow(InvalidInput::class, 'Both are lines');
    DB::table('plant_lines')->where('asset_id', $twin->id)->delete();
    $merge();
    expect($floor->line->refresh()->asset_id)->toBe($twin->id);
});

it('notes short stops of no hour to come, and of no machine that does not stop the line', function () {
    $plant = Plant::build();
    $line = LineFloor::of($plant)->line;
    $other = $plant->asset('P-9', 'Feed pump 9', 'HALL');
    $note = fn (string $hour, int $many = 3, int $seconds = 90, ?int $assetId = null) => app(NoteShortStops::class)(
        Actor::guest('Operator'),
        $line,
        new ShortTyped(new DateTimeImmutable($hour), $many, $seconds, 'Jam', $assetId),
    );
    expect(fn () => $note('2026-03-18 07:00', assetId: $other->id))
        ->toThrow(InvalidInput::class, 'does not stop the line')
        ->and(fn () => $note('2026-03-18 09:00'))->toThrow(InvalidInput::class, 'has not begun')
        ->and(fn () => $note('2026-03-18 07:00', 0))->toThrow(InvalidInput::class, 'how many short stops')
        ->and(fn () => $note('2026-03-18 07:00', 3, 0))->toThrow(InvalidInput::class, 'how many short stops');
    $note('2026-03-18 07:00', assetId: $plant->motor->id);
    expect(DB::table('short_stops')->pluck('asset_id')->all())->toBe([$plant->motor->id]);
});
