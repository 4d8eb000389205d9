<?php

declare(strict_types=1);

use App\Stops\Http\CallController;
use App\Stops\Http\HandoverController;
use App\Stops\Http\LineController;
use App\Stops\Http\OeeController;
use App\Stops\Http\OutputController;
use App\Stops\Http\ProductController;
use App\Stops\Http\RejectReasonController;
use App\Stops\Http\ShiftController;
use App\Stops\Http\SignalController;
use App\Stops\Http\StopController;
use App\Stops\Http\StopReasonController;
use App\Stops\Http\StopsController;
use App\Stops\Http\TabletController;
use App\Stops\Http\WallController;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
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
    Route::post('/stops/{stop}/split', [StopController::class, 'split'])
        ->middleware('can:correct,stop')
        ->name('stops.stop.split');
    Route::post('/stops/{stop}/merge', [StopController::class, 'merge'])
        ->middleware('can:correct,stop')
        ->name('stops.stop.merge');
    Route::post('/stops/{stop}/move', [StopController::class, 'move'])
        ->middleware('can:correct,stop')
        ->name('stops.stop.move');
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
        ->middleware(['can:view,asset', 'background'])
        ->name('stops.reliability.asset');
    Route::get('/stops/helped', [StopsController::class, 'helped'])->name('stops.helped');
    Route::get('/wall', [WallController::class, 'show'])->name('stops.wall.show');
    Route::get('/wall/lines', [WallController::class, 'lines'])->middleware('background')->name('stops.wall.lines');
    Route::get('/handovers', [HandoverController::class, 'index'])->name('stops.handovers.index');
    Route::post('/handovers', [HandoverController::class, 'give'])
        ->middleware('can:report-stops')
        ->name('stops.handovers.give');
    Route::get('/handovers/{handover}', [HandoverController::class, 'show'])
        ->middleware('can:view,handover')
        ->name('stops.handovers.show');
    Route::post('/handovers/{handover}/take', [HandoverController::class, 'take'])
        ->middleware('can:take,handover')
        ->name('stops.handovers.take');
    Route::get('/stops/oee', [OeeController::class, 'index'])->name('stops.oee');
    Route::get('/stops/oee/shifts', [OeeController::class, 'shifts'])->name('stops.oee.shifts');
    Route::get('/stops/oee/rejects', [OeeController::class, 'rejects'])->name('stops.oee.rejects');
    Route::get('/stops/oee.{format}', [OeeController::class, 'export'])
        ->whereIn('format', ['csv', 'json'])
        ->name('stops.oee.export');
    Route::get('/stops/reliability', [StopsController::class, 'reliability'])->name('stops.reliability');
});
Route::middleware(['web', 'auth', 'can:report-stops', 'can:view,asset', 'background'])
    ->get('/assets/{asset}/stop-reasons', [StopsController::class, 'reasons'])
    ->name('stops.reasons.offered');
Route::middleware(['web', 'auth', 'can:report-stops'])
    ->post('/stops/{stop}/why', [StopsController::class, 'why'])
    ->middleware('can:explain,stop')
    ->name('stops.stop.why');
// Operators see their own line: the policy asks for its asset.
Route::middleware(['web', 'auth'])->group(function (): void {
    Route::get('/lines/{plantLine}', [LineController::class, 'show'])
        ->whereNumber('plantLine')
        ->middleware('can:view,plantLine')
        ->name('stops.lines.show');
    Route::get('/stops/{stop}', [StopController::class, 'show'])
        ->whereNumber('stop')
        ->middleware('can:view,stop')
        ->name('stops.stop.show');
    Route::get('/shifts/{shift}', [ShiftController::class, 'show'])
        ->middleware('can:view,shift')
        ->name('stops.shifts.show');
    Route::get('/shifts/{shift}/band', [ShiftController::class, 'lit'])
        ->middleware(['can:view,shift', 'background'])
        ->name('stops.shifts.band');
    Route::put('/shifts/{shift}', [ShiftController::class, 'enter'])
        ->middleware('can:enter,shift')
        ->name('stops.shifts.enter');
    Route::post('/shifts/{shift}/sign', [ShiftController::class, 'sign'])
        ->middleware('can:sign,shift')
        ->name('stops.shifts.sign');
    Route::post('/shifts/{shift}/take-back', [ShiftController::class, 'takeBack'])
        ->middleware('can:sign,shift')
        ->name('stops.shifts.take-back');
    Route::post('/lines/{plantLine}/short-stops', [ShiftController::class, 'short'])
        ->middleware('can:enter,plantLine')
        ->name('stops.short.note');
    Route::post('/short-stops/{short}/strike', [ShiftController::class, 'strikeShort'])
        ->middleware('can:enter,short')
        ->name('stops.short.strike');
    Route::get('/lines/{plantLine}/settings', [LineController::class, 'settings'])
        ->middleware('can:manage,plantLine')
        ->name('stops.lines.settings');
    Route::put('/lines/{plantLine}', [LineController::class, 'update'])
        ->middleware('can:manage,plantLine')
        ->name('stops.lines.update');
    Route::post('/lines/{plantLine}/patterns', [LineController::class, 'pattern'])
        ->middleware('can:manage,plantLine')
        ->name('stops.lines.pattern');
    Route::post('/lines/{plantLine}/rates', [LineController::class, 'rate'])
        ->middleware('can:manage,plantLine')
        ->name('stops.lines.rate');
    Route::post('/lines/{plantLine}/calls', [CallController::class, 'call'])
        ->middleware('can:enter,plantLine')
        ->name('stops.calls.call');
    Route::post('/calls/{call}/come', [CallController::class, 'come'])
        ->middleware('can:answer,call')
        ->name('stops.calls.come');
    Route::post('/calls/{call}/arrived', [CallController::class, 'arrived'])
        ->middleware('can:enter,call')
        ->name('stops.calls.arrived');
    Route::post('/calls/{call}/end', [CallController::class, 'end'])
        ->middleware('can:enter,call')
        ->name('stops.calls.end');
    Route::post('/lines/{plantLine}/tablets', [TabletController::class, 'make'])
        ->middleware('can:manage,plantLine')
        ->name('stops.tablets.make');
    Route::post('/tablets/{tablet}/revoke', [TabletController::class, 'revoke'])
        ->middleware('can:manage,tablet')
        ->name('stops.tablets.revoke');
    Route::put('/products/{product}', [ProductController::class, 'update'])
        ->middleware('can:manage,product')
        ->name('stops.products.update');
});
Route::middleware(['web', 'auth', 'can:write-register'])->group(function (): void {
    Route::get('/lines/new', [LineController::class, 'new'])->name('stops.lines.new');
    Route::post('/lines', [LineController::class, 'store'])->name('stops.lines.store');
    Route::get('/products', [ProductController::class, 'index'])->name('stops.products.index');
    Route::post('/products', [ProductController::class, 'store'])->name('stops.products.store');
});

Route::middleware(['web', 'auth', 'can:administer-plant'])->group(function (): void {
    Route::get('/setup/reject-reasons', [RejectReasonController::class, 'index'])->name('stops.rejects.index');
    Route::post('/setup/reject-reasons', [RejectReasonController::class, 'store'])->name('stops.rejects.store');
    Route::put('/setup/reject-reasons/{rejectReason}', [RejectReasonController::class, 'update'])
        ->name('stops.rejects.update');
    Route::get('/setup/stop-reasons', [StopReasonController::class, 'index'])->name('stops.reasons.index');
    Route::post('/setup/stop-reasons', [StopReasonController::class, 'store'])->name('stops.reasons.store');
    Route::put('/setup/stop-reasons/{stopReason}', [StopReasonController::class, 'update'])
        ->name('stops.reasons.update');
});

// A tablet signs in by its own secret, of one line alone; a token of a page would run out while it hangs there.
Route::middleware(['web', 'throttle:tablet'])->group(function (): void {
    Route::get('/tablet', [TabletController::class, 'show'])->name('stops.tablet.show');
    Route::get('/tablet/state', [TabletController::class, 'state'])->name('stops.tablet.state');
    Route::post('/tablet/acts', [TabletController::class, 'acts'])
        ->withoutMiddleware(ValidateCsrfToken::class)
        ->name('stops.tablet.acts');
    Route::get('/tablet/{secret}', [TabletController::class, 'enter'])->name('stops.tablet.enter');
});

Route::middleware(['api', 'can:report-stops'])
    ->prefix('api/v1')
    ->group(function (): void {
        Route::post('/shift-output', [OutputController::class, 'store'])->name('stops.api.output');
        Route::post('/line-signals', [SignalController::class, 'store'])->name('stops.api.signals');
    });
