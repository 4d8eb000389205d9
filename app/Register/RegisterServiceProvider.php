<?php

declare(strict_types=1);

namespace App\Register;

use App\Platform\Api\Description;
use App\Platform\Extension\ExtensionList;
use App\Platform\Extension\Offers;
use App\Platform\Extension\SheetSection;
use App\Platform\Subjects;
use App\Register\Extension\AssetDocuments;
use App\Register\Extension\AssetMeters;
use App\Register\Extension\ExpiryAhead;
use App\Register\Extension\ExpiryOn;
use App\Register\Extension\GaugesToday;
use App\Register\Extension\JumpToRegister;
use App\Register\Extension\LineToday;
use App\Register\Extension\RegisterOffers;
use App\Register\Extension\SupplierAssets;
use App\Register\Extension\TiedAssets;
use App\Register\Imports\MeterImport;
use App\Register\Imports\ReadingImport;
use App\Register\Imports\RegisterImport;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use App\Register\Policies\AssetPolicy;
use App\Register\Policies\LocationPolicy;
use App\Register\Policies\MeterPolicy;
use App\Register\Policies\ReadingPolicy;
use App\Register\Projections\ReadingsTogether;
use App\Register\Queries\IsRetired;
use App\Register\Queries\SubtreePath;
use App\Register\Queries\VisibleLines;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ServiceProvider;
use Sundial\Access\Right;

/** Locations, assets and their classes. */
final class RegisterServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(VisibleLines::class);
        $this->app->scoped(IsRetired::class);
        $this->app->scoped(ReadingsTogether::class);
        $this->app->scoped(SubtreePath::class);
        $this->callAfterResolving(
            ExtensionList::class,
            static function (ExtensionList $list): void {
                $list->add(
                    AssetMeters::class,
                    JumpToRegister::class,
                    LineToday::class,
                    SupplierAssets::class,
                    TiedAssets::class,
                    AssetDocuments::class,
                    ExpiryAhead::class,
                    GaugesToday::class,
                    ExpiryOn::class,
                    RegisterImport::class,
                    MeterImport::class,
                    ReadingImport::class,
                );
                $list->addMade(
                    SheetSection::class,
                    static fn (): ExpiryOn => app(ExpiryOn::class, ['kind' => 'person', 'right' => Right::Administer]),
                );
                $list->addMade(
                    SheetSection::class,
                    static fn (): ExpiryOn => app(ExpiryOn::class, ['kind' => 'supplier']),
                );
            },
        );
        $this->callAfterResolving(Offers::class, static function (Offers $offers): void {
            $offers->add(...RegisterOffers::all());
            $offers->remember('assets', 'places', 'meters');
        });
    }

    public function boot(): void
    {
        Gate::policy(Asset::class, AssetPolicy::class);
        $this->app
            ->make(Subjects::class)
            ->know(
                'asset',
                Asset::class,
                static fn (Asset $asset): array => ["{$asset->name} {$asset->tag}", "/assets/{$asset->id}"],
            );
        Gate::policy(Location::class, LocationPolicy::class);
        Gate::policy(Meter::class, MeterPolicy::class);
        Gate::policy(Reading::class, ReadingPolicy::class);
        foreach (['assets', 'meters'] as $part) {
            $this->app->make(Description::class)->add(resource_path("api/{$part}.json"));
        }
        $this->loadRoutesFrom(__DIR__.'/routes.php');
    }
}
