<?php

declare(strict_types=1);

namespace App\Platform;

use App\Platform\Access\Rights;
use App\Platform\Api\Description;
use App\Platform\Audit\AuditTogether;
use App\Platform\Bench\Measure;
use App\Platform\Bench\PagesToMeasure;
use App\Platform\Clock\Clock;
use App\Platform\Clock\SetClock;
use App\Platform\Clock\SystemClock;
use App\Platform\Console\ImportCommand;
use App\Platform\Documents\Document;
use App\Platform\Documents\DocumentPolicy;
use App\Platform\Documents\DocumentsOf;
use App\Platform\Drafts\Drafts;
use App\Platform\Drafts\TakenForms;
use App\Platform\Extension\ExtensionList;
use App\Platform\Extension\Extensions;
use App\Platform\Extension\Offers;
use App\Platform\Extension\PlatformOffers;
use App\Platform\Frame\FrameForViews;
use App\Platform\Frame\ListsForViews;
use App\Platform\Frame\Wording;
use App\Platform\Frame\WordingForViews;
use App\Platform\Hooks\Outbox;
use App\Platform\Jobs\EndBrokenWorker;
use App\Platform\Mail\MailFolder;
use App\Platform\Middleware\CleanInput;
use App\Platform\Middleware\EnterSite;
use App\Platform\Middleware\LimitApi;
use App\Platform\Middleware\OncePerKey;
use App\Platform\Middleware\TokenMayWrite;
use App\Platform\Sites\BeginDayCommand;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\FormToken;
use App\Platform\Writing\RetryingConnection;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Mail\MailManager;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Sundial\Access\Right;

/** The frame that every capability stands in. */
final class PlatformServiceProvider extends ServiceProvider
{
    /** The parts of addresses that are ids. */
    private const IDS = [
        'asset',
        'batch',
        'booking',
        'centre',
        'class',
        'date',
        'document',
        'feed',
        'field',
        'filter',
        'id',
        'location',
        'meter',
        'method',
        'order',
        'person',
        'position',
        'reading',
        'round',
        'schedule',
        'site',
        'stop',
        'supplier',
        'team',
        'token',
        'trade',
        'unit',
        'visit',
        'webhook',
        'delivery',
        'shutdown',
        'store',
        'lot',
        'repair',
        'tool',
        'partField',
        'stopReason',
        'substitute',
        'movement',
        'purchase',
        'count',
        'claim',
        'orderField',
        'contract',
        'standing',
    ];

    public function register(): void
    {
        Connection::resolverFor(
            'mariadb',
            static fn (mixed $pdo, string $name, string $prefix, array $config): Connection => new RetryingConnection(
                $pdo,
                $name,
                $prefix,
                $config,
            ),
        );
        // Numbers of records, short enough for one: any other address leads nowhere.
        Route::patterns(array_fill_keys(self::IDS, '[0-9]{1,18}'));
        $this->app->singleton(
            Clock::class,
            static fn (): Clock => config('sundial.now') === ''
                ? new SystemClock()
                : new SetClock((string) config('sundial.now')),
        );
        $this->callAfterResolving(
            MailManager::class,
            static fn (MailManager $mail) => $mail->extend(
                'outbox',
                static fn (): MailFolder => new MailFolder(storage_path('outbox')),
            ),
        );
        $this->app->singleton(ExtensionList::class);
        $this->app->scoped(Extensions::class);
        $this->app->singleton(Offers::class);
        $this->callAfterResolving(
            Offers::class,
            static fn (Offers $offers) => $offers->add(...PlatformOffers::all()),
        );
        $this->app->singleton(Subjects::class);
        $this->app->scoped(TakenForms::class);
        $this->app->scoped(AuditTogether::class);
        $this->app->singleton(Description::class);
        $this->app->scoped(CurrentSite::class);
        $this->app->scoped(SiteDays::class);
        $this->app->scoped(DocumentsOf::class);
        $this->app->scoped(Wording::class);
        $this->app->scoped(Rights::class);
        $this->app->scoped(Outbox::class);
    }

    public function boot(): void
    {
        Model::preventLazyLoading();
        if ($this->app->environment('production')) {
            // Too many statements are no reason to fail somebody's work.
            Model::handleLazyLoadingViolationUsing(
                static fn (Model $model, string $relation) => Log::warning(
                    'Asked one by one: '.$model::class."::{$relation}",
                ),
            );
        }
        $this->callAfterResolving(
            Schedule::class,
            static fn (Schedule $schedule) => $schedule
                ->call(static function (): void {
                    app(Drafts::class)->forgetOld();
                    app(Outbox::class)->forgetOld();
                    app(FirstAnswer::class)->forgetOld();
                })
                ->name('forget old drafts and answers')
                ->daily(),
        );
        Queue::looping(static fn (): ?bool => app(EndBrokenWorker::class)());
        Model::preventSilentlyDiscardingAttributes();
        View::share('w', new WordingForViews());
        View::share('frame', new FrameForViews());
        View::share('lists', new ListsForViews());
        Gate::policy(Document::class, DocumentPolicy::class);
        // Each form that writes says by its token that it is sent again.
        Blade::directive('csrf', static fn (): string => '<?php echo '.FormToken::class.'::fields(); ?>');
        Blade::if('right', static fn (string $right): bool => Rights::has(Right::from($right)));
        Route::middlewareGroup('api', [
            LimitApi::class,
            CleanInput::class,
            'auth:sanctum',
            SubstituteBindings::class,
            EnterSite::class,
            TokenMayWrite::class,
            OncePerKey::class,
        ]);
        $this->commands([BeginDayCommand::class, ImportCommand::class, PagesToMeasure::class]);
        $this->callAfterResolving(
            Schedule::class,
            static fn (Schedule $schedule) => $schedule
                ->command('day:begin')
                ->everyFiveMinutes()
                ->withoutOverlapping(10),
        );
        $this->loadRoutesFrom(__DIR__.'/routes.php');
        if (str_starts_with((string) config('sundial.instance'), 'bench')) {
            $this->app->make(Router::class)->prependMiddlewareToGroup('web', Measure::class);
            Route::middleware('web')->get(
                '/bench/bare',
                static fn () => response((string) DB::table('sites')->count()),
            );
        }
    }
}
