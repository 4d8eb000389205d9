<?php

declare(strict_types=1);

use App\Stops\Http\StopController;
use App\Stops\Http\StopReasonController;
use App\Stops\Http\StopsController;
use Illuminate\Support\Facades\Route;

// Whether they see the asset is asked in the controller too: operators see their own line.
Route::middleware(['web', 'auth', 'can:report-stops'])->group(function (): void {
    Route::post('/assets/{asset}/down', [StopController::class, 'down'])
        ->name('stops.stop.down');
    Route::put('/stops/{stop}', [StopController::class, 'correct'])
        ->middleware('can:correct,stop')
        ->name('stops.stop.correct');
    Route::post('/stops/{stop}/strike', [StopController::class, 'strike'])
        ->middleware('can:correct,stop')
        ->name('stops.stop.strike');
    Route::post('/assets/{asset}/running', [StopController::class, 'running'])
        ->name('stops.stop.running');
});

Route::middleware(['web', 'auth', 'can:see-plant'])->group(function (): void {
    Route::get('/stops', [StopsController::class, 'index'])->name('stops.start');
    Route::get('/stops/list', [StopsController::class, 'list'])->name('stops.list');
    Route::get('/stops/list.{format}', [StopsController::class, 'export'])
        ->whereIn('format', ['csv', 'json'])
        ->name('stops.export');
    Route::get('/assets/{asset}/reliability', [StopsController::class, 'ofAsset'])
        ->middleware('can:view,asset')
        ->name('stops.reliability.asset');
    Route::get('/stops/helped', [StopsController::class, 'helped'])->name('stops.helped');
    Route::get('/stops/reliability', [StopsController::class, 'reliability'])->name('stops.reliability');
});
Route::middleware(['web', 'auth', 'can:report-stops', 'can:view,asset'])
    ->get('/assets/{asset}/stop-reasons', [StopsController::class, 'reasons'])
    ->name('stops.reasons.offered');
Route::middleware(['web', 'auth', 'can:report-stops'])
    ->post('/stops/{stop}/why', [StopsController::class, 'why'])
    ->middleware('can:explain,stop')
    ->name('stops.stop.why');
Route::middleware(['web', 'auth', 'can:administer-plant'])->group(function (): void {
    Route::get('/setup/stop-reasons', [StopReasonController::class, 'index'])->name('stops.reasons.index');
    Route::post('/setup/stop-reasons', [StopReasonController::class, 'store'])->name('stops.reasons.store');
    Route::put('/setup/stop-reasons/{stopReason}', [StopReasonController::class, 'update'])
        ->name('stops.reasons.update');
});
