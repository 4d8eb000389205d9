<?php

declare(strict_types=1);

use App\Work\Http\AlongController;
use App\Work\Http\ApiReleaseController;
use App\Work\Http\BookingController;
use App\Work\Http\FeedController;
use App\Work\Http\OrderController;
use App\Work\Http\OrderMoveController;
use App\Work\Http\ReleaseController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth'])->group(function (): void {
    Route::get('/orders', [OrderController::class, 'index'])->middleware('can:see-plant');
    Route::get('/orders.{format}', [OrderController::class, 'export'])
        ->whereIn('format', ['csv', 'json'])
        ->middleware('can:see-plant');
    Route::get('/orders/{order}', [OrderController::class, 'show'])
        ->middleware('can:view,order');
    // What stands beside the button on the sheet is kept with each of these.
    Route::middleware('draft:order')->group(function (): void {
        Route::put('/orders/{order}/assignment', [OrderController::class, 'assign'])
            ->middleware('can:assign,order');
        Route::put('/orders/{order}/planned-day', [OrderController::class, 'redate'])
            ->middleware('can:assign,order');
        foreach (['approve', 'start', 'hold', 'resume', 'finish', 'close', 'reopen', 'cancel'] as $move) {
            Route::post("/orders/{order}/{$move}", [OrderMoveController::class, $move])
                ->middleware("order.move:{$move}");
        }
        Route::put('/orders/{order}/finish', [OrderMoveController::class, 'correct'])
            ->middleware('order.move:finish');
        Route::get('/orders/{order}/along', [AlongController::class, 'offers'])
            ->middleware(['can:assign,order', 'background']);
        Route::post('/orders/{order}/along', [AlongController::class, 'take'])
            ->middleware('can:assign,order');
        Route::delete('/orders/{order}/along/{visit}', [AlongController::class, 'leave'])
            ->middleware('can:assign,order');
        Route::post('/orders/{order}/revision', [OrderController::class, 'moveUp'])
            ->middleware('can:assign,order');
        Route::post('/orders/{order}/method', [OrderController::class, 'makeMethod'])
            ->middleware(['can:view,order', 'can:write-plans']);
        Route::post('/orders/{order}/steps', [BookingController::class, 'tickAll'])
            ->middleware('can:work,order');
        Route::post('/orders/{order}/steps/{position}', [BookingController::class, 'tick'])
            ->middleware('can:work,order');
        Route::post('/orders/{order}/bookings', [BookingController::class, 'store'])
            ->middleware('can:work,order');
        Route::post('/orders/{order}/bookings/{booking}/strike', [BookingController::class, 'strike'])
            ->middleware('can:work,order');
    });
    Route::middleware('can:release')->group(function (): void {
        Route::get('/assets/{asset}/together', [AlongController::class, 'near'])
            ->middleware('can:view,asset');
        Route::post('/assets/{asset}/together', [AlongController::class, 'together'])
            ->middleware('can:view,asset');
        Route::get('/release', [ReleaseController::class, 'preview']);
        Route::post('/release', [ReleaseController::class, 'release']);
        Route::get('/release/{batch}', [ReleaseController::class, 'show']);
        Route::delete('/release/{batch}', [ReleaseController::class, 'undo']);
        Route::post('/schedules/{schedule}/release', [ReleaseController::class, 'one'])
            ->middleware('can:view,schedule');
    });
});

Route::middleware(['api', 'can:release'])
    ->prefix('api/v1')
    ->group(function (): void {
        Route::post('/release', [ApiReleaseController::class, 'release']);
        Route::post('/schedules/{schedule}/release', [ApiReleaseController::class, 'one'])
            ->middleware('can:view,schedule');
    });

Route::get('/calendar/{secret}.ics', [FeedController::class, 'read'])
    ->where('secret', '[A-Za-z0-9]{40}')
    ->middleware('throttle:60,1');
Route::middleware(['web', 'auth', 'can:see-plant'])->group(function (): void {
    Route::get('/me/calendars', [FeedController::class, 'index']);
    Route::post('/me/calendars', [FeedController::class, 'store'])->middleware('throttle:30,1');
    Route::delete('/me/calendars/{feed}', [FeedController::class, 'revoke']);
});
