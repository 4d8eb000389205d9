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
    Route::get('/assets', [AssetController::class, 'index'])->middleware('can:see-own-line')
        ->name('register.asset.index');
    Route::get('/assets/new', [AssetController::class, 'create'])->middleware('can:write-register')
        ->name('register.asset.create');
    Route::get('/assets/new/needed', [AssetController::class, 'needed'])->middleware([
        'can:write-register',
        'background',
    ])
        ->name('register.asset.needed');
    Route::post('/assets', [AssetController::class, 'store'])->middleware('can:write-register')
        ->name('register.asset.store');
    Route::get('/assets/table', [AssetTableController::class, 'show'])->middleware('can:see-plant')
        ->name('register.asset-table.show');
    Route::get('/assets/table.{format}', [AssetTableController::class, 'export'])
        ->whereIn('format', ['csv', 'json'])
        ->middleware('can:see-plant')
        ->name('register.asset-table.export');
    Route::post('/assets/table/columns', [AssetTableController::class, 'choose'])->middleware('can:see-plant')
        ->name('register.asset-table.choose');
    Route::post('/assets/table/filters', [AssetTableController::class, 'keepFilter'])->middleware('can:see-plant')
        ->name('register.asset-table.keep-filter');
    Route::delete('/assets/table/filters/{filter}', [AssetTableController::class, 'forgetFilter'])
        ->middleware('can:see-plant')
        ->name('register.asset-table.forget-filter');
    Route::post('/assets/{asset}/tied', [AssetLifeController::class, 'stopWith'])
        ->middleware('can:update,asset')
        ->name('register.asset-life.stop-with');
    Route::delete('/assets/{asset}/tied', [AssetLifeController::class, 'stopAlone'])
        ->middleware('can:update,asset')
        ->name('register.asset-life.stop-alone');
    Route::post('/assets/table/preview', [AssetTableController::class, 'preview'])->middleware('can:write-register')
        ->name('register.asset-table.preview');
    Route::post('/assets/table/change', [AssetTableController::class, 'change'])->middleware('can:write-register')
        ->name('register.asset-table.change');
    Route::post('/assets/table/undo', [AssetTableController::class, 'undo'])->middleware('can:write-register')
        ->name('register.asset-table.undo');
    Route::get('/assets/{asset}', [AssetController::class, 'show'])
        ->middleware('can:view,asset')
        ->name('register.asset.show');
    Route::get('/assets/{asset}/edit', [AssetController::class, 'edit'])
        ->middleware('can:update,asset')
        ->name('register.asset.edit');
    Route::put('/assets/{asset}', [AssetController::class, 'update'])
        ->middleware('can:update,asset')
        ->name('register.asset.update');
    Route::put('/assets/{asset}/fields/{field}', [FieldController::class, 'fill'])
        ->middleware('can:update,asset')
        ->name('register.field.fill');
    Route::middleware('can:update,asset')->group(function (): void {
        Route::get('/assets/{asset}/copy', [AssetLifeController::class, 'copy'])
            ->name('register.asset-life.copy');
        Route::post('/assets/{asset}/copies', [AssetLifeController::class, 'makeCopies'])
            ->name('register.asset-life.make-copies');
        Route::get('/assets/{asset}/merge', [AssetLifeController::class, 'merge'])
            ->name('register.asset-life.merge');
        Route::post('/assets/{asset}/merge', [AssetLifeController::class, 'makeOne'])
            ->name('register.asset-life.make-one');
        Route::post('/assets/{asset}/retire', [AssetLifeController::class, 'retire'])
            ->name('register.asset-life.retire');
        Route::post('/assets/{asset}/bring-back', [AssetLifeController::class, 'bringBack'])
            ->name('register.asset-life.bring-back');
    });
    Route::get('/scan', [LabelController::class, 'look'])->middleware('can:see-own-line')
        ->name('register.label.look');
    Route::get('/labels', [LabelController::class, 'show'])->middleware('can:see-plant')
        ->name('register.label.show');
    Route::post('/labels', [LabelController::class, 'print'])->middleware('can:see-plant')
        ->name('register.label.print');
    Route::get('/expiry', [ExpiryController::class, 'index'])->middleware('can:see-plant')
        ->name('register.expiry.index');
    Route::get('/expiry.{format}', [ExpiryController::class, 'export'])
        ->whereIn('format', ['csv', 'json'])
        ->middleware('can:see-plant')
        ->name('register.expiry.export');
    Route::post('/expiry/on/{kind}/{id}', [ExpiryController::class, 'store'])
        ->whereIn('kind', ['asset', 'person', 'supplier'])
        ->middleware('can:see-plant')
        ->name('register.expiry.store');
    Route::put('/expiry/{date}', [ExpiryController::class, 'update'])
        ->middleware('can:see-plant')
        ->name('register.expiry.update');
    Route::get('/meters', [MeterController::class, 'index'])->middleware('can:see-plant')
        ->name('register.meter.index');
    Route::get('/meters.{format}', [MeterController::class, 'export'])
        ->whereIn('format', ['csv', 'json'])
        ->middleware('can:see-plant')
        ->name('register.meter.export');
    Route::get('/meters/round', [MeterController::class, 'round'])->middleware('can:take-readings')
        ->name('register.meter.round');
    Route::post('/meters/round', [MeterController::class, 'readMany'])->middleware('can:take-readings')
        ->name('register.meter.read-many');
    Route::get('/meters/{meter}', [MeterController::class, 'show'])
        ->middleware('can:view,meter')
        ->name('register.meter.show');
    Route::get('/meters/{meter}/edit', [MeterController::class, 'edit'])
        ->middleware('can:update,meter')
        ->name('register.meter.edit');
    Route::put('/meters/{meter}', [MeterController::class, 'update'])
        ->middleware('can:update,meter')
        ->name('register.meter.update');
    Route::post('/meters/{meter}/readings', [MeterController::class, 'read'])
        ->middleware('can:read,meter')
        ->name('register.meter.read');
    Route::post('/readings/{reading}/strike', [MeterController::class, 'strike'])
        ->middleware('can:strike,reading')
        ->name('register.meter.strike');
    Route::get('/assets/{asset}/meters/new', [MeterController::class, 'create'])
        ->middleware('can:update,asset')
        ->name('register.meter.create');
    Route::post('/assets/{asset}/meters', [MeterController::class, 'store'])
        ->middleware('can:update,asset')
        ->name('register.meter.store');
    Route::get('/places', [PlaceController::class, 'index'])->middleware('can:see-plant')
        ->name('register.place.index');
    Route::get('/tree', [TreeController::class, 'children'])->middleware(['can:see-plant', 'background'])
        ->name('register.tree.children');
    Route::post('/tree/move', [TreeController::class, 'move'])->middleware('can:write-register')
        ->name('register.tree.move');
    Route::get('/places/new', [PlaceController::class, 'create'])->middleware('can:write-register')
        ->name('register.place.create');
    Route::post('/places', [PlaceController::class, 'store'])->middleware('can:write-register')
        ->name('register.place.store');
    Route::get('/places/{location}', [PlaceController::class, 'show'])
        ->middleware('can:view,location')
        ->name('register.place.show');
    Route::put('/places/{location}', [PlaceController::class, 'update'])
        ->middleware('can:update,location')
        ->name('register.place.update');
    // Whoever writes the register adds the kinds of assets that it lacks, as a file of theirs does.
    Route::get('/setup/classes', [ClassController::class, 'index'])->middleware('can:write-register')
        ->name('register.class.index');
    Route::post('/setup/classes', [ClassController::class, 'save'])->middleware('can:write-register')
        ->name('register.class.save');
    Route::middleware('can:administer-plant')
        ->prefix('setup')
        ->group(function (): void {
            Route::get('/fields', [FieldController::class, 'index'])
                ->name('register.field.index');
            Route::get('/fields/new', [FieldController::class, 'create'])
                ->name('register.field.create');
            Route::post('/fields', [FieldController::class, 'save'])
                ->name('register.field.save');
            Route::post('/fields/{field}/move', [FieldController::class, 'move'])
                ->name('register.field.move');
            Route::get('/fields/{field}', [FieldController::class, 'edit'])
                ->name('register.field.edit');
            Route::put('/fields/{field}', [FieldController::class, 'save'])
                ->name('register.field.update');
            Route::get('/units', [RegisterSetupController::class, 'units'])
                ->name('register.register-setup.units');
            Route::post('/units', [RegisterSetupController::class, 'saveUnit'])
                ->name('register.register-setup.save-unit');
            Route::put('/units/{unit}', [RegisterSetupController::class, 'saveUnit'])
                ->name('register.register-setup.update-unit');
            Route::get('/life-states', [RegisterSetupController::class, 'lifeStates'])
                ->name('register.register-setup.life-states');
            Route::put('/life-states', [RegisterSetupController::class, 'saveLifeStates'])
                ->name('register.register-setup.save-life-states');
            Route::put('/classes/{class}', [ClassController::class, 'save'])
                ->name('register.class.update');
        });
});

Route::middleware('api')
    ->prefix('api/v1')
    ->group(function (): void {
        Route::get('/assets', [ApiAssetController::class, 'index'])->middleware('can:see-plant')
            ->name('register.api-asset.index');
        Route::post('/assets', [ApiAssetController::class, 'store'])->middleware('can:write-register')
            ->name('register.api-asset.store');
        Route::get('/assets/{asset}', [ApiAssetController::class, 'show'])
            ->middleware('can:view,asset')
            ->name('register.api-asset.show');
        Route::patch('/assets/{asset}', [ApiAssetController::class, 'update'])
            ->middleware('can:update,asset')
            ->name('register.api-asset.update');
        Route::post('/assets/{asset}/meters', [ApiMeterController::class, 'store'])
            ->middleware('can:update,asset')
            ->name('register.api-meter.store');
        Route::get('/meters', [ApiMeterController::class, 'index'])->middleware('can:see-own-line')
            ->name('register.api-meter.index');
        Route::get('/meters/{meter}', [ApiMeterController::class, 'show'])
            ->middleware('can:view,meter')
            ->name('register.api-meter.show');
        Route::patch('/meters/{meter}', [ApiMeterController::class, 'update'])
            ->middleware('can:update,meter')
            ->name('register.api-meter.update');
        Route::get('/meters/{meter}/readings', [ApiMeterController::class, 'readings'])
            ->middleware('can:view,meter')
            ->name('register.api-meter.readings');
        Route::post('/meters/{meter}/readings', [ApiMeterController::class, 'read'])
            ->middleware('can:read,meter')
            ->name('register.api-meter.read');
        Route::post('/readings', [ApiMeterController::class, 'readMany'])->middleware('can:take-readings')
            ->name('register.api-meter.read-many');
        Route::post('/readings/{reading}/strike', [ApiMeterController::class, 'strike'])
            ->middleware('can:strike,reading')
            ->name('register.api-meter.strike');
    });
