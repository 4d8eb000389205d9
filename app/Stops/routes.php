<?php

declare(strict_types=1);

use App\Stops\Http\StopController;
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
