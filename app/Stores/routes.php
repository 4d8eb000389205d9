<?php

declare(strict_types=1);

use App\Stores\Http\ApiPartController;
use App\Stores\Http\PartController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth'])->group(function (): void {
    Route::middleware('can:write-parts')->group(function (): void {
        Route::get('/parts/new', [PartController::class, 'create'])->name('stores.parts.create');
        Route::post('/parts', [PartController::class, 'store'])->name('stores.parts.store');
        Route::get('/parts/{part}/edit', [PartController::class, 'edit'])->name('stores.parts.edit');
        Route::put('/parts/{part}', [PartController::class, 'update'])->name('stores.parts.update');
    });
    Route::middleware('can:see-plant')->group(function (): void {
        Route::get('/parts', [PartController::class, 'index'])->name('stores.parts.index');
        Route::get('/parts.{format}', [PartController::class, 'export'])
            ->whereIn('format', ['csv', 'json'])
            ->name('stores.parts.export');
        Route::get('/parts/{part}', [PartController::class, 'show'])->name('stores.parts.show');
    });
    Route::post('/assets/{asset}/parts', [PartController::class, 'fit'])
        ->middleware('can:update,asset')
        ->name('stores.fits.set');
});

Route::middleware(['api', 'can:see-plant'])
    ->prefix('api/v1')
    ->group(function (): void {
        Route::get('/parts', [ApiPartController::class, 'index'])->name('api.parts.index');
    });
