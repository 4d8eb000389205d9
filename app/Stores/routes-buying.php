<?php

declare(strict_types=1);

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
    Route::middleware('can:buy,purchase')->group(function (): void {
        Route::post('/purchases/{purchase}/move', [PurchaseController::class, 'move'])->name('stores.purchases.move');
        Route::post('/purchases/{purchase}/receipts', [PurchaseController::class, 'receive'])
            ->name('stores.purchases.receive');
    });
});
