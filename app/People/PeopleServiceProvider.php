<?php

declare(strict_types=1);

namespace App\People;

use App\People\Imports\SupplierImport;
use App\People\Models\User;
use App\People\Policies\PersonPolicy;
use App\Platform\Import\ImportKind;
use App\Platform\Subjects;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Cache\RateLimiting\Limit;
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
    public function boot(): void
    {
        Auth::provider('people', static fn ($app, array $config): EloquentUserProvider => (new EloquentUserProvider($app['hash'], $config['model']))->withQuery(User::withLists(...)));
        Relation::morphMap(['person' => User::class]);
        // A stopped account takes its tokens with it.
        Sanctum::authenticateAccessTokensUsing(static fn (PersonalAccessToken $token, bool $isValid): bool => $isValid && ($owner = $token->getRelationValue('tokenable')) instanceof User && $owner->active);
        Gate::policy(User::class, PersonPolicy::class);
        $this->app->make(Subjects::class)->know('person', User::class, static fn (User $person): array => [$person->name, "/setup/people/{$person->id}"]);
        foreach (Right::cases() as $right) {
            Gate::define($right->value, static fn (User $person): bool => $person->holds($right));
        }
        $this->app->tag([SupplierImport::class], ImportKind::KINDS);
        // One address may try many accounts (a whole plant behind one), but not without end; single accounts are guarded by the controller.
        RateLimiter::for('login', static fn (Request $request): Limit => Limit::perMinute(120)->by((string) $request->ip()));
        $this->loadRoutesFrom(__DIR__.'/routes.php');
    }
}
