<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Stops\Actions\OpenShifts;
use App\Stops\Actions\ReportDown;
use App\Stops\Actions\ReportRunning;
use App\Stops\Inputs\StopSaid;
use App\Stops\Pages\ShiftPage;
use Tests\Feature\Plant;
use Tests\Feature\Stops\LineFloor;

/** The pump stood, by the clock of the site. */
function stoodByTheWall(Plant $plant, string $from, string $to, string $why): void
{
    $at = static fn (string $local): DateTimeImmutable => new DateTimeImmutable(
        $local,
        new DateTimeZone('Europe/London'),
    );
    app(ReportDown::class)(Actor::guest('Operator'), $plant->pump, $at($from), StopSaid::because($why));
    app(ReportRunning::class)(Actor::guest('Operator'), $plant->pump, $at($to));
}

it('shows a shift, its day, or the week up to it, each stop where it belongs and none that lies outside', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    stoodByTheWall($plant, '2026-03-12 07:00', '2026-03-12 07:20', 'Jam');
    stoodByTheWall($plant, '2026-03-17 08:00', '2026-03-17 08:10', 'Jam');
    stoodByTheWall($plant, '2026-03-17 15:00', '2026-03-17 15:30', 'No yarn');
    $early = $floor->shift('2026-03-17');
    $this->as('technician')->put("/shifts/{$early->id}", $floor->form($early, 250, 10))->assertSessionHasNoErrors();
    $seen = function (string $asked) use ($early): array {
        $page = (string) $this->get("/shifts/{$early->id}/band{$asked}")->assertOk()->getContent();
        preg_match_all('/\d\d:\d\d to \d\d:\d\d, (?:Jam|No yarn), \d+ min/', $page, $said);

        return array_values(array_unique($said[0]));
    };
    $jam = '08:00 to 08:10, Jam, 10 min';
    $starved = '15:00 to 15:30, No yarn, 30 min';
    expect([$seen(''), $seen('?band=day'), $seen('?band=week'), $seen('?band=year')])->toBe([
        [$jam],
        [$jam, $starved],
        ['07:00 to 07:20, Jam, 20 min', $jam, $starved],
        [$jam],
    ]);
    // From the second hour to the third, in minutes since the shift began; what lies outside it is the whole shift.
    expect([$seen('?from=60&to=115'), $seen('?from=60&to=125'), $seen('?from=90&to=80')])->toBe([
        [],
        ['08:00 to 08:05, Jam, 5 min'],
        [$jam],
    ]);
    // Of its last half minute it is said how long that is, not that it was no minute.
    stoodByTheWall($plant, '2026-03-17 16:00:00', '2026-03-17 16:00:25', 'Blink');
    $this->get("/shifts/{$early->id}/band?band=day")->assertSee('16:00 to 16:00, Blink, 25 s');
});

it('writes each day and hour along the band once, where the clock on the wall shows it', function (
    string $now,
    string $day,
    string $scale,
    array $ticks,
) {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $this->clock->set($now);
    app(OpenShifts::class)($floor->line);
    $this->as('planner')->get('/me');
    $band = app(ShiftPage::class)->banded($floor->shift($day), $scale)['band'];
    expect(array_column($band['ticks'], 1))->toBe($ticks);
    $steps = [];
    foreach ($band['ticks'] as $i => [$x]) {
        $steps[] = $i === 0 ? 0 : round($x - $band['ticks'][$i - 1][0], 1);
    }
    expect(min(array_slice($steps, 1)))->toBeGreaterThan(0);
})->with([
    'a week in which the clock goes back' => ['2026-10-28 20:00:00', '2026-10-28', 'week', [
        'Fri 23 Oct', 'Sat 24 Oct', 'Sun 25 Oct', 'Mon 26 Oct', 'Tue 27 Oct', 'Wed 28 Oct',
    ]],
    'a week in which it goes forward' => ['2026-04-01 20:00:00', '2026-04-01', 'week', [
        'Fri 27 Mar', 'Sat 28 Mar', 'Sun 29 Mar', 'Mon 30 Mar', 'Tue 31 Mar', 'Wed 1 Apr',
    ]],
    'a shift' => ['2026-03-18 08:00:00', '2026-03-18', 'shift', [
        '06:00', '07:00', '08:00', '09:00', '10:00', '11:00', '12:00', '13:00', '14:00',
    ]],
    'a day' => ['2026-03-18 08:00:00', '2026-03-18', 'day', [
        '06:00', '09:00', '12:00', '15:00', '18:00', '21:00',
    ]],
]);
