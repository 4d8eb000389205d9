<?php

declare(strict_types=1);

use App\Work\Http\OrderController;
use App\Work\Http\OrderFieldController;
use App\Work\Http\OrderTableController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'can:see-plant'])->group(function (): void {
    Route::get('/orders/table', [OrderTableController::class, 'show'])->name('work.table.show');
    Route::get('/orders/board', [OrderTableController::class, 'board'])->name('work.table.board');
    Route::get('/orders/table.{format}', [OrderTableController::class, 'export'])
        ->whereIn('format', ['csv', 'json'])
        ->name('work.table.export');
    Route::post('/orders/table/columns', [OrderTableController::class, 'choose'])->name('work.table.choose');
});
Route::middleware(['web', 'auth', 'can:plan-orders'])->group(function (): void {
    Route::post('/orders/table/preview', [OrderTableController::class, 'preview'])->name('work.table.preview');
    Route::post('/orders/table/change', [OrderTableController::class, 'change'])->name('work.table.change');
    Route::post('/orders/table/undo', [OrderTableController::class, 'undo'])->name('work.table.undo');
});
Route::middleware(['web', 'auth', 'draft:order', 'can:assign,order'])
    ->put('/orders/{order}/urgency', [OrderController::class, 'urge'])
    ->name('work.order.urge');
Route::middleware(['web', 'auth', 'can:administer-plant'])->group(function (): void {
    Route::get('/setup/order-fields', [OrderFieldController::class, 'index'])->name('work.fields.index');
    Route::post('/setup/order-fields', [OrderFieldController::class, 'add'])->name('work.fields.add');
    Route::delete('/setup/order-fields/{orderField}', [OrderFieldController::class, 'retire'])
        ->name('work.fields.retire');
});
Route::middleware(['web', 'auth', 'draft:order', 'can:work,order'])
    ->put('/orders/{order}/fields', [OrderFieldController::class, 'fill'])
    ->name('work.fields.fill');
