<?php

declare(strict_types=1);

use App\Stores\Http\ToolController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth'])->group(function (): void {
    Route::get('/tools', [ToolController::class, 'index'])
        ->middleware('can:see-plant')
        ->name('stores.tools.index');
    Route::post('/tools', [ToolController::class, 'store'])
        ->middleware('can:keep-stores')
        ->name('stores.tools.store');
    Route::get('/tools/{tool}', [ToolController::class, 'show'])
        ->middleware('can:view,tool')
        ->name('stores.tools.show');
    Route::middleware('can:keep,tool')->group(function (): void {
        Route::put('/tools/{tool}', [ToolController::class, 'update'])->name('stores.tools.update');
        Route::post('/tools/{tool}/lend', [ToolController::class, 'lend'])->name('stores.tools.lend');
        Route::post('/tools/{tool}/back', [ToolController::class, 'back'])->name('stores.tools.back');
    });
});
