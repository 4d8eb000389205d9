<?php

declare(strict_types=1);

use App\People\Http\CostCentreController;
use App\People\Http\LoginController;
use App\People\Http\MeController;
use App\People\Http\PersonController;
use App\People\Http\SetupController;
use App\People\Http\SupplierController;
use Illuminate\Support\Facades\Route;

Route::middleware('web')->group(function (): void {
    Route::middleware('guest')->group(function (): void {
        Route::get('/login', [LoginController::class, 'show'])->name('login');
        Route::post('/login', [LoginController::class, 'login'])->middleware('throttle:login');
        Route::get('/first', [LoginController::class, 'first']);
        Route::post('/first', [LoginController::class, 'makeFirst'])->middleware('throttle:login');
    });
    Route::middleware('auth')->group(function (): void {
        Route::get('/', [LoginController::class, 'home'])->name('home');
        Route::post('/logout', [LoginController::class, 'logout']);
        Route::get('/me', [MeController::class, 'show']);
        Route::post('/me/password', [MeController::class, 'password'])->middleware('throttle:10,1');
        Route::post('/me/tokens', [MeController::class, 'makeToken'])->middleware('throttle:30,1');
        Route::delete('/me/tokens/{token}', [MeController::class, 'revokeToken']);
        Route::post('/me/log-out', [MeController::class, 'logOutEverywhere']);
        Route::post('/me/scheme', [MeController::class, 'scheme']);
        Route::post('/me/site', [MeController::class, 'site']);
    });
    Route::middleware(['auth', 'can:see-plant'])->group(function (): void {
        Route::get('/suppliers', [SupplierController::class, 'index']);
        Route::get('/suppliers.{format}', [SupplierController::class, 'export'])->whereIn('format', ['csv', 'json']);
        Route::get('/suppliers/{supplier}', [SupplierController::class, 'show']);
    });
    Route::middleware(['auth', 'can:write-register'])->group(function (): void {
        Route::get('/suppliers/new', [SupplierController::class, 'create']);
        Route::post('/suppliers', [SupplierController::class, 'store']);
        Route::get('/suppliers/{supplier}/edit', [SupplierController::class, 'edit']);
        Route::put('/suppliers/{supplier}', [SupplierController::class, 'update']);
    });
    Route::middleware(['auth', 'can:administer'])
        ->prefix('setup')
        ->group(function (): void {
            Route::get('/', [SetupController::class, 'index']);
            Route::get('/people', [PersonController::class, 'index']);
            Route::get('/people/new', [PersonController::class, 'show']);
            Route::post('/people', [PersonController::class, 'save']);
            Route::get('/people/{person}', [PersonController::class, 'show'])
                ->middleware('can:administer,person');
            Route::put('/people/{person}', [PersonController::class, 'save'])
                ->middleware('can:administer,person');
            Route::post('/people/{person}/log-out', [PersonController::class, 'logOut'])
                ->middleware('can:administer,person');
            Route::post('/people/{person}/rates', [SetupController::class, 'personRate'])
                ->middleware('can:administer,person');
            Route::get('/sign-ins', [PersonController::class, 'signIns']);
            Route::get('/sites', [SetupController::class, 'sites']);
            Route::get('/sites/{site}', [SetupController::class, 'site'])
                ->middleware('can:administer,site');
            Route::put('/sites/{site}', [SetupController::class, 'saveSite'])
                ->middleware('can:administer,site');
            Route::post('/sites/{site}/rest-days', [SetupController::class, 'restDay'])
                ->middleware('can:administer,site');
            Route::get('/teams', [SetupController::class, 'teams']);
            Route::post('/teams', [SetupController::class, 'saveTeam']);
            Route::put('/teams/{team}', [SetupController::class, 'saveTeam'])
                ->middleware('can:administer,team');
        });
    // What is the same at every site.
    Route::middleware(['auth', 'can:administer-plant'])
        ->prefix('setup')
        ->group(function (): void {
            Route::get('/sites/new', [SetupController::class, 'site']);
            Route::post('/sites', [SetupController::class, 'saveSite']);
            Route::get('/cost-centres', [CostCentreController::class, 'index']);
            Route::post('/cost-centres', [CostCentreController::class, 'save']);
            Route::put('/cost-centres/{centre}', [CostCentreController::class, 'save']);
            Route::get('/trades', [SetupController::class, 'trades']);
            Route::post('/trades', [SetupController::class, 'saveTrade']);
            Route::put('/trades/{trade}', [SetupController::class, 'saveTrade']);
            Route::post('/trades/{trade}/rates', [SetupController::class, 'tradeRate']);
        });
});
