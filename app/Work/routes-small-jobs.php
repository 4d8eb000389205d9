<?php

declare(strict_types=1);

use App\Work\Http\SmallJobController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'can:work-on-own-orders'])->group(function (): void {
    Route::get('/small-job', [SmallJobController::class, 'create'])->name('work.small-job.create');
    Route::post('/small-job', [SmallJobController::class, 'store'])->name('work.small-job.store');
});
Route::middleware(['web', 'auth', 'can:administer'])->group(function (): void {
    Route::get('/setup/standing-orders', [SmallJobController::class, 'setup'])->name('work.standing.index');
    Route::post('/setup/standing-orders', [SmallJobController::class, 'add'])->name('work.standing.add');
    Route::delete('/setup/standing-orders/{standing}', [SmallJobController::class, 'retire'])
        ->name('work.standing.retire');
});
