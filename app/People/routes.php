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
        Route::post('/login', [LoginController::class, 'login'])->middleware('throttle:login')
            ->name('people.login.login');
        Route::get('/first', [LoginController::class, 'first'])
            ->name('people.login.first');
        Route::post('/first', [LoginController::class, 'makeFirst'])->middleware('throttle:login')
            ->name('people.login.make-first');
    });
    Route::middleware('auth')->group(function (): void {
        Route::get('/', [LoginController::class, 'home'])->name('home');
        Route::post('/logout', [LoginController::class, 'logout'])
            ->name('people.login.logout');
        Route::get('/me', [MeController::class, 'show'])
            ->name('people.me.show');
        Route::post('/me/password', [MeController::class, 'password'])->middleware('throttle:10,1')
            ->name('people.me.password');
        Route::post('/me/tokens', [MeController::class, 'makeToken'])->middleware('throttle:30,1')
            ->name('people.me.make-token');
        Route::delete('/me/tokens/{token}', [MeController::class, 'revokeToken'])
            ->name('people.me.revoke-token');
        Route::post('/me/log-out', [MeController::class, 'logOutEverywhere'])
            ->name('people.me.log-out-everywhere');
        Route::post('/me/scheme', [MeController::class, 'scheme'])
            ->name('people.me.scheme');
        Route::post('/me/site', [MeController::class, 'site'])
            ->name('people.me.site');
    });
    Route::middleware(['auth', 'can:see-plant'])->group(function (): void {
        Route::get('/suppliers', [SupplierController::class, 'index'])
            ->name('people.supplier.index');
        Route::get('/suppliers.{format}', [SupplierController::class, 'export'])->whereIn('format', ['csv', 'json'])
            ->name('people.supplier.export');
        Route::get('/suppliers/{supplier}', [SupplierController::class, 'show'])
            ->name('people.supplier.show');
    });
    Route::middleware(['auth', 'can:write-register'])->group(function (): void {
        Route::get('/suppliers/new', [SupplierController::class, 'create'])
            ->name('people.supplier.create');
        Route::post('/suppliers', [SupplierController::class, 'store'])
            ->name('people.supplier.store');
        Route::get('/suppliers/{supplier}/edit', [SupplierController::class, 'edit'])
            ->name('people.supplier.edit');
        Route::put('/suppliers/{supplier}', [SupplierController::class, 'update'])
            ->name('people.supplier.update');
    });
    Route::middleware(['auth', 'can:administer'])
        ->prefix('setup')
        ->group(function (): void {
            Route::get('/', [SetupController::class, 'index'])
                ->name('people.setup.index');
            Route::get('/people', [PersonController::class, 'index'])
                ->name('people.person.index');
            Route::get('/people/new', [PersonController::class, 'show'])
                ->name('people.person.new');
            Route::post('/people', [PersonController::class, 'save'])
                ->name('people.person.save');
            Route::get('/people/{person}', [PersonController::class, 'show'])
                ->middleware('can:administer,person')
                ->name('people.person.show');
            Route::put('/people/{person}', [PersonController::class, 'save'])
                ->middleware('can:administer,person')
                ->name('people.person.update');
            Route::post('/people/{person}/log-out', [PersonController::class, 'logOut'])
                ->middleware('can:administer,person')
                ->name('people.person.log-out');
            Route::post('/people/{person}/rates', [SetupController::class, 'personRate'])
                ->middleware('can:administer,person')
                ->name('people.setup.person-rate');
            Route::get('/sign-ins', [PersonController::class, 'signIns'])
                ->name('people.person.sign-ins');
            Route::get('/sites', [SetupController::class, 'sites'])
                ->name('people.setup.sites');
            Route::get('/sites/{site}', [SetupController::class, 'site'])
                ->middleware('can:administer,site')
                ->name('people.setup.site');
            Route::put('/sites/{site}', [SetupController::class, 'saveSite'])
                ->middleware('can:administer,site')
                ->name('people.setup.save-site');
            Route::post('/sites/{site}/rest-days', [SetupController::class, 'restDay'])
                ->middleware('can:administer,site')
                ->name('people.setup.rest-day');
            Route::get('/teams', [SetupController::class, 'teams'])
                ->name('people.setup.teams');
            Route::post('/teams', [SetupController::class, 'saveTeam'])
                ->name('people.setup.save-team');
            Route::put('/teams/{team}', [SetupController::class, 'saveTeam'])
                ->middleware('can:administer,team')
                ->name('people.setup.update-team');
        });
    // What is the same at every site.
    Route::middleware(['auth', 'can:administer-plant'])
        ->prefix('setup')
        ->group(function (): void {
            Route::get('/sites/new', [SetupController::class, 'site'])
                ->name('people.setup.new-site');
            Route::post('/sites', [SetupController::class, 'saveSite'])
                ->name('people.setup.add-site');
            Route::get('/cost-centres', [CostCentreController::class, 'index'])
                ->name('people.cost-centre.index');
            Route::post('/cost-centres', [CostCentreController::class, 'save'])
                ->name('people.cost-centre.save');
            Route::put('/cost-centres/{centre}', [CostCentreController::class, 'save'])
                ->name('people.cost-centre.update');
            Route::get('/trades', [SetupController::class, 'trades'])
                ->name('people.setup.trades');
            Route::post('/trades', [SetupController::class, 'saveTrade'])
                ->name('people.setup.save-trade');
            Route::put('/trades/{trade}', [SetupController::class, 'saveTrade'])
                ->name('people.setup.update-trade');
            Route::post('/trades/{trade}/rates', [SetupController::class, 'tradeRate'])
                ->name('people.setup.trade-rate');
        });
});
