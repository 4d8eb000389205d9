<?php

declare(strict_types=1);

use App\Planning\Actions\EndSchedule;
use App\Planning\Actions\SkipVisit;
use App\Planning\Actions\TakeSkipBack;
use App\Planning\Methods\MethodFile;
use App\Planning\Models\Schedule;
use App\Register\Models\Asset;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;

it('takes a visit that was passed over back, once, and not after its schedule went on', function () {
    $plant = Plant::build();
    $by = $plant->actor('planner');
    $schedule = $plant->schedule();
    $due = $schedule->standing->next_due_on;
    $back = fn (Schedule $one) => app(TakeSkipBack::class)($by, $one->refresh());
    expect(fn () => $back($schedule))->toThrow(InvalidInput::class);
    app(SkipVisit::class)($by, $schedule, 'Just overhauled');
    expect($schedule->refresh()->standing->next_due_on)->not->toBe($due);
    $back($schedule);
    expect($schedule->refresh()->standing->next_due_on)->toBe($due)
        ->and(fn () => $back($schedule))->toThrow(InvalidInput::class);
    app(SkipVisit::class)($by, $schedule->refresh(), 'Just overhauled');
    app(EndSchedule::class)($by, $schedule->refresh(), 'The pump is gone');
    expect(fn () => $back($schedule))->toThrow(InvalidInput::class);
});

it('puts schedules on a copy but for those that count on a meter which the copy does not have', function (
    bool $meters,
    array $names,
) {
    $plant = Plant::build();
    $plant->schedule(['name' => 'Grease it']);
    $meter = $plant->meter();
    $plant->schedule(['name' => 'Hours check', 'meter_id' => $meter->id, 'usage_every' => '500', 'usage_last' => '0']);
    $this->as('planner')->post("/assets/{$plant->pump->id}/copies", [
        'copies' => [['tag' => 'PMP-09', 'name' => 'Feed pump 9']],
        'schedules' => '1',
        'start_on' => '2026-04-01',
        'meters' => $meters ? '1' : '',
    ])->assertSessionHasNoErrors();
    $copy = Asset::query()->where('tag', 'PMP-09')->sole();
    expect(Schedule::query()->where('asset_id', $copy->id)->orderBy('name')->pluck('name')->all())->toBe($names);
})->with([
    'with its meters' => [true, ['Grease it', 'Hours check']],
    'without' => [false, ['Grease it']],
]);

it('reads steps from a file that names its columns', function () {
    expect(MethodFile::readSteps("text,minutes\nLook,10\n"))->toBe([['text' => 'Look', 'minutes' => '10']])
        ->and(fn () => MethodFile::readSteps("what,minutes\nLook,10\n"))
        ->toThrow(InvalidInput::class, 'one of them “text”')
        ->and(fn () => MethodFile::readSteps(''))->toThrow(InvalidInput::class);
});
