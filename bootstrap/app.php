<?php

declare(strict_types=1);

use App\Platform\Drafts\KeepDraft;
use App\Platform\Frame\Awaited;
use App\Platform\Frame\Failures;
use App\Platform\Middleware\AnswerFormOnce;
use App\Platform\Middleware\BackgroundRequest;
use App\Platform\Middleware\CleanInput;
use App\Platform\Middleware\EnterSite;
use App\Platform\Middleware\FirstAdministrator;
use App\Platform\Middleware\KeepSession;
use App\Platform\Middleware\NoteRefused;
use App\Platform\Middleware\OwnReferer;
use App\Platform\Middleware\ReturnForms;
use App\Platform\Middleware\SecurityHeaders;
use Database\Demo\LoadDemo;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession;
use Sundial\Bench\CheckPlant;
use Sundial\Bench\FillPlant;
use Sundial\Bench\MeasureWork;

return Application::configure(basePath: dirname(__DIR__))
    // Each capability brings its own routes; this is only what loads them from the cache.
    ->withRouting(using: static fn () => null)
    ->withMiddleware(function (Middleware $middleware): void {
        // Pages are same-origin, and the package behind this one is not installed.
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(OwnReferer::class);
        $middleware->trustHosts(
            at: static fn (): array => array_map(
                static fn (string $host): string => '^'.preg_quote($host, '{}').'$',
                config('sundial.hosts'),
            ),
            subdomains: false,
        );
        $middleware->trustProxies(at: array_filter(explode(',', (string) getenv('SUNDIAL_PROXIES'))));
        $middleware->web(
            append: [
                AnswerFormOnce::class,
                NoteRefused::class,
                ReturnForms::class,
                CleanInput::class,
                FirstAdministrator::class,
                EnterSite::class,
            ],
            replace: [StartSession::class => KeepSession::class],
        );
        $middleware->prependToPriorityList(SubstituteBindings::class, AnswerFormOnce::class);
        $middleware->appendToPriorityList(SubstituteBindings::class, EnterSite::class);
        $middleware->alias(['background' => BackgroundRequest::class, 'draft' => KeepDraft::class]);
        // Set by the page's own script, which cannot encrypt it.
        $middleware->encryptCookies([Awaited::COOKIE]);
        $middleware->redirectGuestsTo('/login');
        $middleware->redirectUsersTo('/');
        $middleware->trimStrings(except: ['password', 'current_password', 'password_confirmation']);
    })
    ->withCommands([LoadDemo::class, FillPlant::class, MeasureWork::class, CheckPlant::class])
    ->withExceptions(function (Exceptions $exceptions): void {
        Failures::register($exceptions);
    })
    ->create();
