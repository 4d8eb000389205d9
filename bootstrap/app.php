<?php

declare(strict_types=1);

use App\Platform\Frame\Failures;
use App\Platform\Middleware\FirstAdministrator;
use App\Platform\Middleware\Glance;
use App\Platform\Middleware\KeepSession;
use App\Platform\Middleware\SecurityHeaders;
use Database\Demo\LoadDemo;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Session\Middleware\StartSession;
use Sundial\Bench\FillPlant;
use Sundial\Bench\MeasureWork;

return Application::configure(basePath: dirname(__DIR__))
    // Each capability brings its own routes; this is only what loads them from the cache.
    ->withRouting(using: static fn () => null)
    ->withMiddleware(function (Middleware $middleware): void {
        // Pages are same-origin, and the package behind this one is not installed.
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->web(append: [FirstAdministrator::class], replace: [StartSession::class => KeepSession::class]);
        $middleware->alias(['glance' => Glance::class]);
        $middleware->redirectGuestsTo('/login');
        $middleware->redirectUsersTo('/');
        $middleware->trimStrings(except: ['password', 'current_password', 'password_confirmation']);
    })
    ->withCommands([LoadDemo::class, FillPlant::class, MeasureWork::class])
    ->withExceptions(function (Exceptions $exceptions): void {
        Failures::register($exceptions);
    })
    ->create();
