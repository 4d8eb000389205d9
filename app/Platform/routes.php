<?php

declare(strict_types=1);

use App\Platform\Http\JumpController;
use App\Platform\Http\TodayController;
use Illuminate\Support\Facades\Route;

Route::get('/up', fn () => response('up', 200, ['Content-Type' => 'text/plain']))->name('up');
Route::middleware(['web', 'auth', 'can:see-own-line'])->group(function (): void {
    Route::get('/today', TodayController::class);
    Route::get('/jump', JumpController::class);
});
