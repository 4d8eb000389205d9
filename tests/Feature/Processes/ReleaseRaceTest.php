<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Work\Models\ReleaseBatch;
use App\Work\Models\WorkOrder;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Feature\Plant;

/** Starts the release in a process of its own, at the clock of the test. */
function releaseProcess(): Process
{
    $process = new Process(
        [PHP_BINARY, base_path('artisan'), 'release:due', '--site=T'],
        base_path(),
        ['SUNDIAL_NOW' => '2026-03-18 08:00:00'],
        null,
        60,
    );
    $process->start();

    return $process;
}

beforeEach(function () {
    Artisan::call('migrate:fresh');
    $this->plant = Plant::build();
    for ($i = 0; $i < 60; $i++) {
        $this->plant->schedule(['name' => "Check {$i}"]);
    }
});

// What these tests committed must not be found by those that come after.
afterEach(function () {
    RefreshDatabaseState::$migrated = false;
});

it('makes each visit once when two releases run at the same moment', function () {
    DB::beginTransaction();
    DB::table('schedules')->orderBy('id')->limit(1)->lockForUpdate()->get();
    $two = [releaseProcess(), releaseProcess()];
    try {
        untilWaiting(2);
    } finally {
        DB::rollBack();
    }
    foreach ($two as $process) {
        expect($process->wait())->toBe(0, $process->getErrorOutput().$process->getOutput());
    }
    expect(WorkOrder::query()->count())
        ->toBe(60)
        ->and(Visit::query()->count())
        ->toBe(60)
        ->and(ReleaseBatch::query()->sum('made'))
        ->toEqual(60)
        ->and(DB::table('order_visits')->distinct()->count('visit_id'))
        ->toBe(60);
});

it('goes on where a release was killed half-way', function () {
    $later = Schedule::query()->orderBy('id')->skip(55)->value('id');
    DB::beginTransaction();
    DB::table('schedules')->where('id', $later)->lockForUpdate()->get();
    $killed = releaseProcess();
    try {
        untilWaiting(1);
        $killed->signal(SIGKILL);
        $killed->wait();
    } finally {
        DB::rollBack();
    }
    expect(WorkOrder::query()->count())
        ->toBe(50)
        ->and(ReleaseBatch::query()->sole()->ended_at)
        ->toBeNull();
    $again = releaseProcess();
    expect($again->wait())->toBe(0, $again->getErrorOutput());
    expect(WorkOrder::query()->count())
        ->toBe(60)
        ->and(WorkOrder::query()->distinct()->count('number'))
        ->toBe(60)
        ->and(Visit::query()->where('state', 'in hand')->count())
        ->toBe(60);
});
