<?php

declare(strict_types=1);

namespace App\People;

use App\People\Access\SignInTries;
use App\People\Console\TokenCommand;
use App\People\Extension\PeopleOffers;
use App\People\Imports\SupplierImport;
use App\People\Models\Supplier;
use App\People\Models\Team;
use App\People\Models\User;
use App\People\Policies\PersonPolicy;
use App\People\Policies\SitePolicy;
use App\People\Policies\SupplierPolicy;
use App\Platform\Extension\ExtensionList;
use App\Platform\Extension\Offers;
use App\Platform\Sites\Site;
use App\Platform\Subjects;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\PersonalAccessToken;
use Laravel\Sanctum\Sanctum;
use Sundial\Access\Right;

/** People, what they may do, their teams, trades and rates; and the sites they belong to. */
final class PeopleServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->callAfterResolving(
            ExtensionList::class,
            static fn (ExtensionList $list) => $list->add(SupplierImport::class),
        );
        $this->callAfterResolving(
            Offers::class,
            static fn (Offers $offers) => $offers->add(...PeopleOffers::all()),
        );
    }

    public function boot(): void
    {
        $this->commands([TokenCommand::class]);
        Auth::provider(
            'people',
            static fn ($app, array $config): EloquentUserProvider => (new EloquentUserProvider(
                $app['hash'],
                $config['model'],
            ))->withQuery(
                // Asked at every request: an account that was stopped is out at once, whatever it still holds.
                static fn (Builder $query): Builder => User::withLists($query)->where('users.active', true),
            ),
        );
        Relation::morphMap(['person' => User::class]);
        // A stopped account takes its tokens with it.
        Sanctum::authenticateAccessTokensUsing(
            static fn (PersonalAccessToken $token, bool $isValid): bool => $isValid &&
                ($owner = $token->getRelationValue('tokenable')) instanceof User &&
                $owner->active,
        );
        Gate::policy(User::class, PersonPolicy::class);
        Gate::policy(Site::class, SitePolicy::class);
        Gate::policy(Team::class, SitePolicy::class);
        Gate::policy(Supplier::class, SupplierPolicy::class);
        $this->app
            ->make(Subjects::class)
            ->know(
                'supplier',
                Supplier::class,
                static fn (Supplier $one): array => [$one->name, "/suppliers/{$one->id}"],
            );
        $this->app
            ->make(Subjects::class)
            ->know(
                'person',
                User::class,
                static fn (User $person): array => [$person->name, "/setup/people/{$person->id}"],
            );
        foreach (Right::cases() as $right) {
            Gate::define($right->value, static fn (User $person): bool => $person->holds($right));
        }
        $this->callAfterResolving(
            Schedule::class,
            static fn (Schedule $schedule) => $schedule
                ->call(static fn () => app(SignInTries::class)->forgetOld())
                ->name('forget old tries to sign in')
                ->daily(),
        );
        // One address may try many accounts (a whole plant behind one), but not without end; single accounts are
        // guarded by the controller.
        RateLimiter::for(
            'login',
            static fn (Request $request): Limit => Limit::perMinute(120)->by((string) $request->ip()),
        );
        $this->loadRoutesFrom(__DIR__.'/routes.php');
    }
}
