<?php

declare(strict_types=1);

use App\Planning\Http\ApiScheduleController;
use App\Planning\Http\CalendarController;
use App\Planning\Http\MethodController;
use App\Planning\Http\MethodFileController;
use App\Planning\Http\MethodLifeController;
use App\Planning\Http\OutlookController;
use App\Planning\Http\RoundController;
use App\Planning\Http\ScheduleController;
use App\Planning\Http\ScheduleLifeController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth'])->group(function (): void {
    Route::middleware('can:see-plant')->group(function (): void {
        Route::get('/methods', [MethodController::class, 'index']);
        Route::get('/methods/{method}', [MethodController::class, 'show']);
        Route::get('/methods/{method}.json', [MethodFileController::class, 'json']);
        Route::get('/methods/{method}/steps.csv', [MethodFileController::class, 'steps']);
        Route::get('/methods/{method}/compare', [MethodLifeController::class, 'compare']);
        Route::get('/methods/{method}/preview', [MethodLifeController::class, 'preview']);
        Route::get('/rounds', [RoundController::class, 'index']);
        Route::get('/schedules', [ScheduleController::class, 'index']);
        Route::get('/schedules.{format}', [ScheduleController::class, 'export'])->whereIn('format', ['csv', 'json']);
        Route::get('/calendar', [CalendarController::class, 'show']);
        Route::get('/outlook', [OutlookController::class, 'show']);
        Route::get('/outlook/what-if', [OutlookController::class, 'whatIf']);
        Route::get('/outlook.{format}', [OutlookController::class, 'export'])->whereIn('format', [
            'csv',
            'json',
            'ics',
        ]);
    });
    Route::middleware('can:write-plans')->group(function (): void {
        Route::post('/rounds', [RoundController::class, 'store']);
        Route::get('/methods/new', [MethodController::class, 'create']);
        Route::post('/methods', [MethodController::class, 'save']);
        Route::get('/methods/{method}/edit', [MethodController::class, 'edit']);
        Route::put('/methods/{method}', [MethodController::class, 'save']);
        Route::post('/methods/{method}/in-force', [MethodLifeController::class, 'putInForce'])->whereNumber(
            'method',
        );
        Route::delete('/methods/{method}/draft', [MethodLifeController::class, 'discard']);
        Route::post('/methods/import', [MethodFileController::class, 'import']);
        Route::post('/methods/{method}/steps', [MethodFileController::class, 'importSteps']);
    });
    Route::get('/rounds/{round}', [RoundController::class, 'show'])
        ->middleware('can:view,round');
    Route::middleware('can:update,round')->group(function (): void {
        Route::put('/rounds/{round}', [RoundController::class, 'update']);
        Route::post('/rounds/{round}/stations', [RoundController::class, 'add']);
        Route::put('/rounds/{round}/stations', [RoundController::class, 'change']);
        Route::delete('/rounds/{round}/stations/{asset}', [RoundController::class, 'remove']);
    });
    Route::get('/schedules/{schedule}', [ScheduleController::class, 'show'])
        ->middleware('can:view,schedule');
    Route::get('/schedules/{schedule}/edit', [ScheduleController::class, 'edit'])
        ->middleware('can:update,schedule');
    Route::put('/schedules/{schedule}', [ScheduleController::class, 'update'])
        ->middleware('can:update,schedule');
    Route::middleware('can:update,schedule')->group(function (): void {
        Route::post('/schedules/{schedule}/end', [ScheduleLifeController::class, 'end']);
        Route::post('/schedules/{schedule}/pause', [ScheduleLifeController::class, 'pause'])->whereNumber(
            'schedule',
        );
        Route::post('/schedules/{schedule}/go-on', [ScheduleLifeController::class, 'goOn']);
        Route::delete('/schedules/{schedule}/change', [ScheduleController::class, 'dropChange'])->whereNumber(
            'schedule',
        );
        Route::put('/schedules/{schedule}/move', [ScheduleLifeController::class, 'move']);
        Route::post('/schedules/{schedule}/skip', [ScheduleLifeController::class, 'skip']);
        Route::delete('/schedules/{schedule}/skip', [ScheduleLifeController::class, 'takeSkipBack'])->whereNumber(
            'schedule',
        );
        Route::post('/schedules/{schedule}/count-from', [ScheduleLifeController::class, 'countFrom'])->whereNumber(
            'schedule',
        );
    });
    Route::get('/assets/{asset}/schedules/new', [ScheduleController::class, 'create'])
        ->middleware('can:plan,asset');
    Route::post('/assets/{asset}/schedules/preview', [ScheduleController::class, 'preview'])
        ->middleware(['can:plan,asset', 'background']);
    Route::post('/assets/{asset}/schedules', [ScheduleController::class, 'store'])
        ->middleware('can:plan,asset');
});

Route::middleware('api')
    ->prefix('api/v1')
    ->group(function (): void {
        Route::get('/schedules', [ApiScheduleController::class, 'index'])->middleware('can:see-plant');
        Route::get('/schedules/{schedule}', [ApiScheduleController::class, 'show'])
            ->middleware('can:view,schedule');
        Route::get('/schedules/{schedule}/visits', [ApiScheduleController::class, 'visits'])
            ->middleware('can:view,schedule');
        Route::get('/outlook', [ApiScheduleController::class, 'outlook'])->middleware('can:see-plant');
    });
