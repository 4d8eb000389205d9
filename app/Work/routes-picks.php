<?php

declare(strict_types=1);

use App\Work\Http\FloorPartController;
use App\Work\Http\OrderToolController;
use App\Work\Http\PickController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth'])->group(function (): void {
    Route::get('/picks', [PickController::class, 'index'])
        ->middleware('can:see-plant')
        ->name('work.picks.index');
    Route::middleware('can:see-plant')->group(function (): void {
        Route::get('/b/{bin}', [FloorPartController::class, 'ofBin'])->name('work.floor.bin-label');
        Route::get('/p/{part}', [FloorPartController::class, 'label'])->name('work.floor.label');
        Route::get('/floor/parts/{part}', [FloorPartController::class, 'show'])->name('work.floor.part');
        Route::post('/floor/parts/{part}', [FloorPartController::class, 'take'])->name('work.floor.take');
        Route::get('/floor/bins/{bin}', [FloorPartController::class, 'bin'])->name('work.floor.bin');
    });
    Route::middleware('can:assign,order')->group(function (): void {
        Route::post('/orders/{order}/tools', [OrderToolController::class, 'book'])->name('work.tools.book');
        Route::delete('/orders/{order}/tools/{tool}', [OrderToolController::class, 'free'])
            ->middleware('can:view,tool')
            ->name('work.tools.free');
    });
    Route::middleware('can:keep-stores')->group(function (): void {
        Route::get('/parts/{part}/issue', [PickController::class, 'issue'])->name('work.picks.issue');
        Route::post('/parts/{part}/issue', [PickController::class, 'issued'])->name('work.picks.issued');
        Route::middleware('can:view,order')->group(function (): void {
            Route::post('/orders/{order}/kit', [PickController::class, 'setAside'])->name('work.picks.aside');
            Route::post('/orders/{order}/hand-over', [PickController::class, 'handOver'])->name('work.picks.over');
        });
    });
});
