<?php

declare(strict_types=1);

use App\Planning\Http\ApiScheduleController;
use App\Planning\Http\CalendarController;
use App\Planning\Http\MethodController;
use App\Planning\Http\MethodFileController;
use App\Planning\Http\MethodLifeController;
use App\Planning\Http\MethodPartController;
use App\Planning\Http\OutlookController;
use App\Planning\Http\RoundController;
use App\Planning\Http\ScheduleController;
use App\Planning\Http\ScheduleLifeController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth'])->group(function (): void {
    Route::middleware('can:see-plant')->group(function (): void {
        Route::get('/methods', [MethodController::class, 'index'])
            ->name('planning.method.index');
        Route::get('/methods/{method}', [MethodController::class, 'show'])
            ->name('planning.method.show');
        Route::get('/methods/{method}.json', [MethodFileController::class, 'json'])
            ->name('planning.method-file.json');
        Route::get('/methods/{method}/steps.csv', [MethodFileController::class, 'steps'])
            ->name('planning.method-file.steps');
        Route::get('/methods/{method}/compare', [MethodLifeController::class, 'compare'])
            ->name('planning.method-life.compare');
        Route::get('/methods/{method}/preview', [MethodLifeController::class, 'preview'])
            ->name('planning.method-life.preview');
        Route::get('/rounds', [RoundController::class, 'index'])
            ->name('planning.round.index');
        Route::get('/schedules', [ScheduleController::class, 'index'])
            ->name('planning.schedule.index');
        Route::get('/schedules.{format}', [ScheduleController::class, 'export'])->whereIn('format', ['csv', 'json'])
            ->name('planning.schedule.export');
        Route::get('/calendar', [CalendarController::class, 'show'])
            ->name('planning.calendar.show');
        Route::get('/outlook', [OutlookController::class, 'show'])
            ->name('planning.outlook.show');
        Route::get('/outlook/what-if', [OutlookController::class, 'whatIf'])
            ->name('planning.outlook.what-if');
        Route::get('/outlook.{format}', [OutlookController::class, 'export'])->whereIn('format', [
            'csv',
            'json',
            'ics',
        ])
            ->name('planning.outlook.export');
    });
    Route::middleware('can:write-plans')->group(function (): void {
        Route::post('/rounds', [RoundController::class, 'store'])
            ->name('planning.round.store');
        Route::get('/methods/new', [MethodController::class, 'create'])
            ->name('planning.method.create');
        Route::post('/methods', [MethodController::class, 'save'])
            ->name('planning.method.save');
        Route::get('/methods/{method}/edit', [MethodController::class, 'edit'])
            ->name('planning.method.edit');
        Route::put('/methods/{method}/hands', [MethodController::class, 'hands'])
            ->name('planning.method.hands');
        Route::put('/methods/{method}', [MethodController::class, 'save'])
            ->name('planning.method.update');
        Route::post('/methods/{method}/in-force', [MethodLifeController::class, 'putInForce'])->whereNumber(
            'method',
        )
            ->name('planning.method-life.put-in-force');
        Route::delete('/methods/{method}/draft', [MethodLifeController::class, 'discard'])
            ->name('planning.method-life.discard');
        Route::post('/methods/{method}/parts', [MethodPartController::class, 'tie'])
            ->name('planning.method-part.tie');
        Route::delete('/methods/{method}/parts', [MethodPartController::class, 'off'])
            ->name('planning.method-part.off');
        Route::post('/methods/import', [MethodFileController::class, 'import'])
            ->name('planning.method-file.import');
        Route::post('/methods/{method}/steps', [MethodFileController::class, 'importSteps'])
            ->name('planning.method-file.import-steps');
    });
    Route::get('/rounds/{round}', [RoundController::class, 'show'])
        ->middleware('can:view,round')
        ->name('planning.round.show');
    Route::middleware('can:update,round')->group(function (): void {
        Route::put('/rounds/{round}', [RoundController::class, 'update'])
            ->name('planning.round.update');
        Route::post('/rounds/{round}/stations', [RoundController::class, 'add'])
            ->name('planning.round.add');
        Route::put('/rounds/{round}/stations', [RoundController::class, 'change'])
            ->name('planning.round.change');
        Route::delete('/rounds/{round}/stations/{asset}', [RoundController::class, 'remove'])
            ->name('planning.round.remove');
    });
    Route::get('/schedules/{schedule}', [ScheduleController::class, 'show'])
        ->middleware('can:view,schedule')
        ->name('planning.schedule.show');
    Route::get('/schedules/{schedule}/edit', [ScheduleController::class, 'edit'])
        ->middleware('can:update,schedule')
        ->name('planning.schedule.edit');
    Route::put('/schedules/{schedule}', [ScheduleController::class, 'update'])
        ->middleware('can:update,schedule')
        ->name('planning.schedule.update');
    Route::middleware('can:update,schedule')->group(function (): void {
        Route::post('/schedules/{schedule}/end', [ScheduleLifeController::class, 'end'])
            ->name('planning.schedule-life.end');
        Route::post('/schedules/{schedule}/pause', [ScheduleLifeController::class, 'pause'])->whereNumber(
            'schedule',
        )
            ->name('planning.schedule-life.pause');
        Route::post('/schedules/{schedule}/go-on', [ScheduleLifeController::class, 'goOn'])
            ->name('planning.schedule-life.go-on');
        Route::delete('/schedules/{schedule}/change', [ScheduleController::class, 'dropChange'])->whereNumber(
            'schedule',
        )
            ->name('planning.schedule.drop-change');
        Route::put('/schedules/{schedule}/move', [ScheduleLifeController::class, 'move'])
            ->name('planning.schedule-life.move');
        Route::post('/schedules/{schedule}/skip', [ScheduleLifeController::class, 'skip'])
            ->name('planning.schedule-life.skip');
        Route::delete('/schedules/{schedule}/skip', [ScheduleLifeController::class, 'takeSkipBack'])->whereNumber(
            'schedule',
        )
            ->name('planning.schedule-life.take-skip-back');
        Route::post('/schedules/{schedule}/count-from', [ScheduleLifeController::class, 'countFrom'])->whereNumber(
            'schedule',
        )
            ->name('planning.schedule-life.count-from');
    });
    Route::get('/assets/{asset}/schedules/new', [ScheduleController::class, 'create'])
        ->middleware('can:plan,asset')
        ->name('planning.schedule.create');
    Route::post('/assets/{asset}/schedules/preview', [ScheduleController::class, 'preview'])
        ->middleware(['can:plan,asset', 'background'])
        ->name('planning.schedule.preview');
    Route::post('/assets/{asset}/schedules', [ScheduleController::class, 'store'])
        ->middleware('can:plan,asset')
        ->name('planning.schedule.store');
});

Route::middleware('api')
    ->prefix('api/v1')
    ->group(function (): void {
        Route::get('/schedules', [ApiScheduleController::class, 'index'])->middleware('can:see-plant')
            ->name('planning.api-schedule.index');
        Route::get('/schedules/{schedule}', [ApiScheduleController::class, 'show'])
            ->middleware('can:view,schedule')
            ->name('planning.api-schedule.show');
        Route::get('/schedules/{schedule}/visits', [ApiScheduleController::class, 'visits'])
            ->middleware('can:view,schedule')
            ->name('planning.api-schedule.visits');
        Route::get('/outlook', [ApiScheduleController::class, 'outlook'])->middleware('can:see-plant')
            ->name('planning.api-schedule.outlook');
    });
