<?php

declare(strict_types=1);

use App\Work\Http\ContractController;
use App\Work\Http\RechargeController;
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
Route::middleware(['web', 'auth', 'can:see-costs', 'can:view,order'])->group(function (): void {
    Route::get('/orders/{order}/recharge', [RechargeController::class, 'show'])->name('work.recharge.show');
    Route::get('/orders/{order}/recharge.pdf', [RechargeController::class, 'pdf'])->name('work.recharge.pdf');
    Route::get('/orders/{order}/recharge.csv', [RechargeController::class, 'csv'])->name('work.recharge.csv');
    Route::put('/orders/{order}/recharge', [RechargeController::class, 'save'])
        ->middleware('can:assign,order')
        ->name('work.recharge.save');
});
Route::middleware(['web', 'auth', 'can:administer'])->group(function (): void {
    Route::get('/setup/recharge', [RechargeController::class, 'setup'])->name('work.recharge.setup');
    Route::put('/setup/recharge/tax', [RechargeController::class, 'tax'])->name('work.recharge.tax');
    Route::middleware('can:administer-plant')->group(function (): void {
        Route::post('/setup/recharge/references', [RechargeController::class, 'addReference'])
            ->name('work.recharge.references.add');
        Route::delete('/setup/recharge/references', [RechargeController::class, 'retireReference'])
            ->name('work.recharge.references.retire');
    });
});
Route::middleware(['web', 'auth'])->group(function (): void {
    Route::get('/orders/{order}/contractors', [ContractController::class, 'show'])
        ->middleware('can:view,order')
        ->name('work.contracts.show');
    Route::post('/orders/{order}/contractors', [ContractController::class, 'order'])
        ->middleware('can:assign,order')
        ->name('work.contracts.order');
    Route::get('/orders/{order}/contractors/{contract}.pdf', [ContractController::class, 'pdf'])
        ->middleware(['can:see-costs', 'can:view,order'])
        ->name('work.contracts.pdf');
    Route::post('/orders/{order}/contractors/{contract}/accept', [ContractController::class, 'accept'])
        ->middleware(['can:reopen-orders', 'can:view,order'])
        ->name('work.contracts.accept');
});
Route::middleware(['web', 'throttle:report'])->group(function (): void {
    Route::get('/contract/{secret}', [ContractController::class, 'form'])->name('work.contracts.form');
    Route::post('/contract/{secret}', [ContractController::class, 'report'])->name('work.contracts.report');
});
