<?php

declare(strict_types=1);

namespace App\Stores;

use App\Platform\Api\Description;
use App\Platform\Extension\ExtensionList;
use App\Platform\Extension\Offers;
use App\Platform\Sites\DayBegan;
use App\Platform\Subjects;
use App\Register\Events\AssetCopied;
use App\Register\Events\AssetsMerged;
use App\Stores\Actions\CopyFits;
use App\Stores\Actions\TakeOverFits;
use App\Stores\Extension\AssetFits;
use App\Stores\Extension\JumpToParts;
use App\Stores\Extension\KeepingToday;
use App\Stores\Extension\LabelsOfParts;
use App\Stores\Extension\PartDocuments;
use App\Stores\Extension\PartOnHorizon;
use App\Stores\Extension\StoresOffers;
use App\Stores\Extension\StoresToday;
use App\Stores\Imports\CatalogueImport;
use App\Stores\Imports\FitsImport;
use App\Stores\Imports\StockImport;
use App\Stores\Models\Movement;
use App\Stores\Models\Part;
use App\Stores\Models\PartRepair;
use App\Stores\Models\Purchase;
use App\Stores\Models\StockCount;
use App\Stores\Models\StockLot;
use App\Stores\Models\Store;
use App\Stores\Models\Tool;
use App\Stores\Policies\KeptAtSitePolicy;
use App\Stores\Policies\PartPolicy;
use App\Stores\Policies\PurchasePolicy;
use App\Stores\Policies\StockCountPolicy;
use App\Stores\Policies\StorePolicy;
use App\Stores\Projections\ClassOfStock;
use App\Stores\Projections\DaysOfStock;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;

/** Parts of the plant, and what they fit. */
final class StoresServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->callAfterResolving(
            ExtensionList::class,
            static function (ExtensionList $list): void {
                $list->add(
                    AssetFits::class,
                    JumpToParts::class,
                    CatalogueImport::class,
                    FitsImport::class,
                    StockImport::class,
                    LabelsOfParts::class,
                    StoresToday::class,
                    KeepingToday::class,
                    PartDocuments::class,
                    PartOnHorizon::class,
                );
            },
        );
        $this->callAfterResolving(
            Offers::class,
            static function (Offers $offers): void {
                $offers->add(...StoresOffers::all());
                $offers->remember('parts', 'purchases');
            },
        );
    }

    public function boot(): void
    {
        Gate::policy(Part::class, PartPolicy::class);
        Gate::policy(Purchase::class, PurchasePolicy::class);
        Gate::policy(StockCount::class, StockCountPolicy::class);
        Gate::policy(Store::class, StorePolicy::class);
        foreach ([Movement::class, PartRepair::class, StockLot::class, Tool::class] as $kept) {
            Gate::policy($kept, KeptAtSitePolicy::class);
        }
        Route::model('repair', PartRepair::class);
        Route::model('lot', StockLot::class);
        Route::model('movement', Movement::class);
        Route::model('count', StockCount::class);
        Route::model('substitute', Part::class);
        $this->app
            ->make(Subjects::class)
            ->know(
                'part',
                Part::class,
                static fn (Part $part): array => ["{$part->name} {$part->number}", "/parts/{$part->id}"],
            );
        $this->app
            ->make(Subjects::class)
            ->know(
                'purchase',
                Purchase::class,
                static fn (Purchase $one): array => [
                    "{$one->label()} {$one->supplier->name}",
                    "/purchases/{$one->id}",
                ],
            );
        $this->app
            ->make(Subjects::class)
            ->know(
                'count',
                StockCount::class,
                static fn (StockCount $one): array => ["{$one->label()} {$one->about}", "/counts/{$one->id}"],
            );
        $this->app
            ->make(Subjects::class)
            ->know(
                'tool',
                Tool::class,
                static fn (Tool $tool): array => ["{$tool->name} {$tool->number}", "/tools/{$tool->id}"],
            );
        Event::listen(DayBegan::class, ClassOfStock::class);
        Event::listen(DayBegan::class, DaysOfStock::class);
        Event::listen(AssetCopied::class, CopyFits::class);
        Event::listen(AssetsMerged::class, TakeOverFits::class);
        $this->app->make(Description::class)->add(resource_path('api/stores.json'));
        $this->loadRoutesFrom(__DIR__.'/routes.php');
        $this->loadRoutesFrom(__DIR__.'/routes-buying.php');
        $this->loadRoutesFrom(__DIR__.'/routes-tools.php');
    }
}
