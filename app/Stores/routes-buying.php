<?php

declare(strict_types=1);

use App\Stores\Http\CountController;
use App\Stores\Http\FiguresController;
use App\Stores\Http\HoldController;
use App\Stores\Http\PurchaseController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth'])->group(function (): void {
    Route::get('/purchases', [PurchaseController::class, 'index'])
        ->middleware('can:see-plant')
        ->name('stores.purchases.index');
    Route::post('/purchases', [PurchaseController::class, 'store'])
        ->middleware('can:keep-stores')
        ->name('stores.purchases.store');
    Route::middleware('can:view,purchase')->group(function (): void {
        Route::get('/purchases/{purchase}', [PurchaseController::class, 'show'])->name('stores.purchases.show');
        Route::middleware('can:see-prices')->group(function (): void {
            Route::get('/purchases/{purchase}/order.pdf', [PurchaseController::class, 'pdf'])
                ->name('stores.purchases.pdf');
            Route::get('/purchases/{purchase}/lines.{format}', [PurchaseController::class, 'export'])
                ->whereIn('format', ['csv', 'json'])
                ->name('stores.purchases.export');
        });
    });
    Route::middleware('can:see-plant')->group(function (): void {
        Route::get('/stores/hold', [HoldController::class, 'index'])->name('stores.hold.index');
        Route::get('/parts/{part}/hold', [HoldController::class, 'show'])->name('stores.hold.show');
    });
    Route::get('/stores/figures', FiguresController::class)
        ->middleware(['can:see-plant', 'can:see-prices'])
        ->name('stores.figures.show');
    Route::post('/parts/{part}/hold', [HoldController::class, 'agree'])
        ->middleware('can:keep-stores')
        ->name('stores.hold.agree');
    Route::get('/counts', [CountController::class, 'index'])
        ->middleware('can:see-plant')
        ->name('stores.counts.index');
    Route::post('/counts', [CountController::class, 'store'])
        ->middleware('can:keep-stores')
        ->name('stores.counts.store');
    Route::get('/counts/{count}', [CountController::class, 'show'])
        ->middleware('can:view,count')
        ->name('stores.counts.show');
    Route::middleware('can:count,count')->group(function (): void {
        Route::post('/counts/{count}/counted', [CountController::class, 'note'])->name('stores.counts.note');
        Route::post('/counts/{count}/booked', [CountController::class, 'book'])->name('stores.counts.book');
        Route::post('/counts/{count}/drop', [CountController::class, 'drop'])->name('stores.counts.drop');
    });
    Route::middleware('can:buy,purchase')->group(function (): void {
        Route::post('/purchases/{purchase}/move', [PurchaseController::class, 'move'])->name('stores.purchases.move');
        Route::post('/purchases/{purchase}/mail', [PurchaseController::class, 'mail'])->name('stores.purchases.mail');
        Route::post('/purchases/{purchase}/receipts', [PurchaseController::class, 'receive'])
            ->name('stores.purchases.receive');
    });
});
