<?php

declare(strict_types=1);

use App\Work\Http\ShutdownController;
use App\Work\Http\ShutdownOrdersController;
use App\Work\Http\WindowController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth'])->group(function (): void {
    Route::get('/shutdowns', [ShutdownController::class, 'index'])
        ->middleware('can:see-plant')
        ->name('work.shutdowns.index');
    Route::middleware('can:plan-orders')->group(function (): void {
        Route::get('/window', [WindowController::class, 'show'])->name('work.window.show');
        Route::post('/assets/{asset}/window', [WindowController::class, 'take'])
            ->middleware('can:view,asset')
            ->name('work.window.take');
        Route::get('/shutdowns/new', [ShutdownController::class, 'create'])->name('work.shutdowns.create');
        Route::post('/shutdowns', [ShutdownController::class, 'store'])->name('work.shutdowns.store');
    });
    Route::middleware('can:view,shutdown')->group(function (): void {
        Route::get('/shutdowns/{shutdown}', [ShutdownController::class, 'show'])->name('work.shutdowns.show');
        Route::get('/shutdowns/{shutdown}/orders.{format}', [ShutdownController::class, 'export'])
            ->whereIn('format', ['csv', 'json'])
            ->name('work.shutdowns.export');
    });
    Route::middleware('can:plan,shutdown')->group(function (): void {
        Route::get('/shutdowns/{shutdown}/edit', [ShutdownController::class, 'edit'])->name('work.shutdowns.edit');
        Route::put('/shutdowns/{shutdown}', [ShutdownController::class, 'update'])->name('work.shutdowns.update');
        Route::post('/shutdowns/{shutdown}/over', [ShutdownController::class, 'end'])->name('work.shutdowns.end');
        Route::post('/shutdowns/{shutdown}/orders', [ShutdownOrdersController::class, 'add'])
            ->name('work.shutdowns.add');
        Route::delete('/shutdowns/{shutdown}/orders/{order}', [ShutdownOrdersController::class, 'take'])
            ->name('work.shutdowns.take');
        Route::put('/shutdowns/{shutdown}/turns', [ShutdownOrdersController::class, 'turns'])
            ->name('work.shutdowns.turns');
        Route::post('/shutdowns/{shutdown}/approve', [ShutdownOrdersController::class, 'approve'])
            ->name('work.shutdowns.approve');
        Route::post('/shutdowns/{shutdown}/isolation', [ShutdownOrdersController::class, 'isolate'])
            ->name('work.shutdowns.isolate');
    });
});
