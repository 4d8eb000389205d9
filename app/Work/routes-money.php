<?php

declare(strict_types=1);

use App\Work\Http\WarrantyController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth'])->group(function (): void {
    Route::get('/claims', [WarrantyController::class, 'index'])
        ->middleware('can:see-plant')
        ->name('work.claims.index');
    Route::middleware(['draft:order', 'can:assign,order'])->group(function (): void {
        Route::post('/orders/{order}/claims', [WarrantyController::class, 'claim'])->name('work.claims.claim');
        Route::put('/orders/{order}/claims/{claim}', [WarrantyController::class, 'decide'])
            ->name('work.claims.decide');
    });
});
