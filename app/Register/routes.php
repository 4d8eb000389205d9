<?php

declare(strict_types=1);

use App\Register\Http\ApiAssetController;
use App\Register\Http\ApiMeterController;
use App\Register\Http\AssetController;
use App\Register\Http\AssetLifeController;
use App\Register\Http\AssetTableController;
use App\Register\Http\ClassController;
use App\Register\Http\ExpiryController;
use App\Register\Http\FieldController;
use App\Register\Http\LabelController;
use App\Register\Http\MeterController;
use App\Register\Http\PlaceController;
use App\Register\Http\RegisterSetupController;
use App\Register\Http\TreeController;
use Illuminate\Support\Facades\Route;

// With an account it leads to the asset, without one to where a fault is reported.
Route::get('/a/{code}', [LabelController::class, 'scan'])->middleware('web')->name('register.label');

Route::middleware(['web', 'auth'])->group(function (): void {
    Route::get('/assets', [AssetController::class, 'index'])->middleware('can:see-own-line');
    Route::get('/assets/new', [AssetController::class, 'create'])->middleware('can:write-register');
    Route::get('/assets/new/needed', [AssetController::class, 'needed'])->middleware([
        'can:write-register',
        'background',
    ]);
    Route::post('/assets', [AssetController::class, 'store'])->middleware('can:write-register');
    Route::get('/assets/table', [AssetTableController::class, 'show'])->middleware('can:see-plant');
    Route::get('/assets/table.{format}', [AssetTableController::class, 'export'])
        ->whereIn('format', ['csv', 'json'])
        ->middleware('can:see-plant');
    Route::post('/assets/table/columns', [AssetTableController::class, 'choose'])->middleware('can:see-plant');
    Route::post('/assets/table/filters', [AssetTableController::class, 'keepFilter'])->middleware('can:see-plant');
    Route::delete('/assets/table/filters/{filter}', [AssetTableController::class, 'forgetFilter'])
        ->middleware('can:see-plant');
    Route::post('/assets/{asset}/tied', [AssetLifeController::class, 'stopWith'])
        ->middleware('can:update,asset');
    Route::delete('/assets/{asset}/tied', [AssetLifeController::class, 'stopAlone'])
        ->middleware('can:update,asset');
    Route::post('/assets/table/preview', [AssetTableController::class, 'preview'])->middleware('can:write-register');
    Route::post('/assets/table/change', [AssetTableController::class, 'change'])->middleware('can:write-register');
    Route::post('/assets/table/undo', [AssetTableController::class, 'undo'])->middleware('can:write-register');
    Route::get('/assets/{asset}', [AssetController::class, 'show'])
        ->middleware('can:view,asset');
    Route::get('/assets/{asset}/edit', [AssetController::class, 'edit'])
        ->middleware('can:update,asset');
    Route::put('/assets/{asset}', [AssetController::class, 'update'])
        ->middleware('can:update,asset');
    Route::put('/assets/{asset}/fields/{field}', [FieldController::class, 'fill'])
        ->middleware('can:update,asset');
    Route::middleware('can:update,asset')->group(function (): void {
        Route::get('/assets/{asset}/copy', [AssetLifeController::class, 'copy']);
        Route::post('/assets/{asset}/copies', [AssetLifeController::class, 'makeCopies']);
        Route::get('/assets/{asset}/merge', [AssetLifeController::class, 'merge']);
        Route::post('/assets/{asset}/merge', [AssetLifeController::class, 'makeOne']);
        Route::post('/assets/{asset}/retire', [AssetLifeController::class, 'retire']);
        Route::post('/assets/{asset}/bring-back', [AssetLifeController::class, 'bringBack']);
    });
    Route::get('/scan', [LabelController::class, 'look'])->middleware('can:see-own-line');
    Route::get('/labels', [LabelController::class, 'show'])->middleware('can:see-plant');
    Route::post('/labels', [LabelController::class, 'print'])->middleware('can:see-plant');
    Route::get('/expiry', [ExpiryController::class, 'index'])->middleware('can:see-plant');
    Route::get('/expiry.{format}', [ExpiryController::class, 'export'])
        ->whereIn('format', ['csv', 'json'])
        ->middleware('can:see-plant');
    Route::post('/expiry/on/{kind}/{id}', [ExpiryController::class, 'store'])
        ->whereIn('kind', ['asset', 'person'])
        ->middleware('can:see-plant');
    Route::put('/expiry/{date}', [ExpiryController::class, 'update'])
        ->middleware('can:see-plant');
    Route::get('/meters', [MeterController::class, 'index'])->middleware('can:see-plant');
    Route::get('/meters.{format}', [MeterController::class, 'export'])
        ->whereIn('format', ['csv', 'json'])
        ->middleware('can:see-plant');
    Route::get('/meters/round', [MeterController::class, 'round'])->middleware('can:take-readings');
    Route::post('/meters/round', [MeterController::class, 'readMany'])->middleware('can:take-readings');
    Route::get('/meters/{meter}', [MeterController::class, 'show'])
        ->middleware('can:view,meter');
    Route::get('/meters/{meter}/edit', [MeterController::class, 'edit'])
        ->middleware('can:update,meter');
    Route::put('/meters/{meter}', [MeterController::class, 'update'])
        ->middleware('can:update,meter');
    Route::post('/meters/{meter}/readings', [MeterController::class, 'read'])
        ->middleware('can:read,meter');
    Route::post('/readings/{reading}/strike', [MeterController::class, 'strike'])
        ->middleware('can:strike,reading');
    Route::get('/assets/{asset}/meters/new', [MeterController::class, 'create'])
        ->middleware('can:update,asset');
    Route::post('/assets/{asset}/meters', [MeterController::class, 'store'])
        ->middleware('can:update,asset');
    Route::get('/places', [PlaceController::class, 'index'])->middleware('can:see-plant');
    Route::get('/tree', [TreeController::class, 'children'])->middleware(['can:see-plant', 'background']);
    Route::post('/tree/move', [TreeController::class, 'move'])->middleware('can:write-register');
    Route::get('/places/new', [PlaceController::class, 'create'])->middleware('can:write-register');
    Route::post('/places', [PlaceController::class, 'store'])->middleware('can:write-register');
    Route::get('/places/{location}', [PlaceController::class, 'show'])
        ->middleware('can:view,location');
    Route::put('/places/{location}', [PlaceController::class, 'update'])
        ->middleware('can:update,location');
    // Whoever writes the register adds the kinds of assets that it lacks, as a file of theirs does.
    Route::get('/setup/classes', [ClassController::class, 'index'])->middleware('can:write-register');
    Route::post('/setup/classes', [ClassController::class, 'save'])->middleware('can:write-register');
    Route::middleware('can:administer-plant')
        ->prefix('setup')
        ->group(function (): void {
            Route::get('/fields', [FieldController::class, 'index']);
            Route::get('/fields/new', [FieldController::class, 'create']);
            Route::post('/fields', [FieldController::class, 'save']);
            Route::post('/fields/{field}/move', [FieldController::class, 'move']);
            Route::get('/fields/{field}', [FieldController::class, 'edit']);
            Route::put('/fields/{field}', [FieldController::class, 'save']);
            Route::get('/units', [RegisterSetupController::class, 'units']);
            Route::post('/units', [RegisterSetupController::class, 'saveUnit']);
            Route::put('/units/{unit}', [RegisterSetupController::class, 'saveUnit']);
            Route::get('/life-states', [RegisterSetupController::class, 'lifeStates']);
            Route::put('/life-states', [RegisterSetupController::class, 'saveLifeStates']);
            Route::put('/classes/{class}', [ClassController::class, 'save']);
        });
});

Route::middleware('api')
    ->prefix('api/v1')
    ->group(function (): void {
        Route::get('/assets', [ApiAssetController::class, 'index'])->middleware('can:see-plant');
        Route::post('/assets', [ApiAssetController::class, 'store'])->middleware('can:write-register');
        Route::get('/assets/{asset}', [ApiAssetController::class, 'show'])
            ->middleware('can:view,asset');
        Route::patch('/assets/{asset}', [ApiAssetController::class, 'update'])
            ->middleware('can:update,asset');
        Route::post('/assets/{asset}/meters', [ApiMeterController::class, 'store'])
            ->middleware('can:update,asset');
        Route::get('/meters', [ApiMeterController::class, 'index'])->middleware('can:see-own-line');
        Route::get('/meters/{meter}', [ApiMeterController::class, 'show'])
            ->middleware('can:view,meter');
        Route::patch('/meters/{meter}', [ApiMeterController::class, 'update'])
            ->middleware('can:update,meter');
        Route::get('/meters/{meter}/readings', [ApiMeterController::class, 'readings'])
            ->middleware('can:view,meter');
        Route::post('/meters/{meter}/readings', [ApiMeterController::class, 'read'])
            ->middleware('can:read,meter');
        Route::post('/readings', [ApiMeterController::class, 'readMany'])->middleware('can:take-readings');
        Route::post('/readings/{reading}/strike', [ApiMeterController::class, 'strike'])
            ->middleware('can:strike,reading');
    });
