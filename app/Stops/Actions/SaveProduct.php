<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use App\Stops\Inputs\ProductInput;
use App\Stops\Models\Product;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Adds a product of a site, or changes it. */
final readonly class SaveProduct
{
    public function __construct(private Audit $audit)
    {
    }

    /** Refuses: taken. */
    public function __invoke(Actor $by, Product $product, ProductInput $said, ?int $version = null): Product
    {
        return DB::transaction(function () use ($by, $product, $said, $version): Product {
            $isNew = ! $product->exists;
            $product = $isNew ? $product : Versioned::lock($product, $version);
            $taken = Product::query()
                ->where('site_id', $product->site_id)
                ->where('number', $said->number)
                ->whereKeyNot($product->id ?? 0);
            if ($taken->exists()) {
                throw InvalidInput::because('taken', 'number', "There is a product {$said->number} already.");
            }
            $before = $isNew ? [] : $product->only(array_keys($said->facts()));
            $product->fill($said->facts());
            if (! Versioned::save($product)) {
                return $product;
            }
            $this->audit->record(
                $by,
                $product->subject(),
                ($isNew ? 'added' : 'changed')." the product {$product->name}",
                $isNew ? [] : Audit::difference($before, $said->facts()),
            );

            return $product;
        });
    }
}
