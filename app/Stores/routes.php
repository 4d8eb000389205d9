<?php

declare(strict_types=1);

use App\Stores\Http\AlternativeController;
use App\Stores\Http\ApiPartController;
use App\Stores\Http\LotController;
use App\Stores\Http\PartController;
use App\Stores\Http\PartFieldController;
use App\Stores\Http\PartLabelController;
use App\Stores\Http\RepairController;
use App\Stores\Http\StockController;
use App\Stores\Http\StoreController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth'])->group(function (): void {
    Route::middleware('can:write-parts')->group(function (): void {
        Route::get('/parts/new', [PartController::class, 'create'])->name('stores.parts.create');
        Route::post('/parts', [PartController::class, 'store'])->name('stores.parts.store');
        Route::get('/parts/{part}/edit', [PartController::class, 'edit'])->name('stores.parts.edit');
        Route::put('/parts/{part}', [PartController::class, 'update'])->name('stores.parts.update');
        Route::put('/parts/{part}/fields', [PartFieldController::class, 'fill'])->name('stores.fields.fill');
        Route::post('/parts/{part}/merged', [PartController::class, 'merge'])->name('stores.parts.merge');
    });
    Route::middleware('can:see-plant')->group(function (): void {
        Route::get('/parts', [PartController::class, 'index'])->name('stores.parts.index');
        Route::get('/parts.{format}', [PartController::class, 'export'])
            ->whereIn('format', ['csv', 'json'])
            ->name('stores.parts.export');
        Route::get('/parts/labels', [PartLabelController::class, 'show'])->name('stores.labels.show');
        Route::get('/parts/labels.pdf', [PartLabelController::class, 'print'])->name('stores.labels.print');
        Route::get('/parts/{part}', [PartController::class, 'show'])->name('stores.parts.show');
        Route::get('/parts/{part}/moves.{format}', [StockController::class, 'export'])
            ->whereIn('format', ['csv', 'json'])
            ->name('stores.moves.export');
    });
    Route::post('/parts/{part}/alternatives', [AlternativeController::class, 'propose'])
        ->middleware('can:see-plant')
        ->name('stores.alternatives.propose');
    Route::post('/parts/{part}/alternatives/{substitute}', [AlternativeController::class, 'decide'])
        ->middleware('can:allow-alternatives')
        ->name('stores.alternatives.decide');
    Route::middleware('can:keep-stores')->group(function (): void {
        Route::post('/parts/{part}/suppliers', [AlternativeController::class, 'supply'])
            ->name('stores.suppliers.set');
        Route::post('/parts/{part}/receive', [StockController::class, 'receive'])->name('stores.stock.receive');
        Route::post('/parts/{part}/carry', [StockController::class, 'carry'])->name('stores.stock.carry');
        Route::post('/parts/{part}/count', [StockController::class, 'count'])->name('stores.stock.count');
        Route::post('/parts/{part}/repairs', [RepairController::class, 'send'])->name('stores.repairs.send');
        Route::post('/parts/{part}/write-off', [StockController::class, 'writeOff'])->name('stores.stock.scrap');
    });
    Route::put('/parts/{part}/stores/{store}', [StockController::class, 'keep'])
        ->middleware('can:keep,store')
        ->name('stores.stock.keep');
    Route::post('/repairs/{repair}/back', [RepairController::class, 'back'])
        ->middleware('can:keep,repair')
        ->name('stores.repairs.back');
    Route::post('/lots/{lot}/off', [LotController::class, 'takeOff'])
        ->middleware('can:keep,lot')
        ->name('stores.lots.off');
    Route::post('/stock-moves/{movement}/reverse', [StockController::class, 'reverse'])
        ->middleware('can:keep,movement')
        ->name('stores.stock.reverse');
    Route::middleware('can:administer')->group(function (): void {
        Route::get('/setup/stores', [StoreController::class, 'index'])->name('stores.setup.index');
        Route::post('/setup/stores', [StoreController::class, 'store'])->name('stores.setup.store');
        Route::put('/setup/stores/{store}', [StoreController::class, 'update'])
            ->middleware('can:administer,store')
            ->name('stores.setup.update');
        Route::put('/setup/store-rules', [StoreController::class, 'rules'])->name('stores.setup.rules');
    });
    Route::middleware('can:administer-plant')->group(function (): void {
        Route::get('/setup/part-fields', [PartFieldController::class, 'index'])->name('stores.fields.index');
        Route::post('/setup/part-fields', [PartFieldController::class, 'add'])->name('stores.fields.add');
        Route::delete('/setup/part-fields/{partField}', [PartFieldController::class, 'retire'])
            ->name('stores.fields.retire');
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
