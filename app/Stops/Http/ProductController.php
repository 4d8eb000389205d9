<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Stops\Actions\SaveProduct;
use App\Stops\Http\Requests\ProductRequest;
use App\Stops\Models\Product;
use App\Stops\Pages\StopsIndex;
use App\Stops\Queries\LineSettings;
use Illuminate\Http\RedirectResponse;

/** What is made on the lines of a site. */
final class ProductController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    public function index(LineSettings $settings, StopsIndex $index): Page
    {
        return Page::in('stops', 'Products')
            ->index('stops.index', static fn (): array => $index(null))
            ->sheet('stops.line.products', ['products' => $settings->products($this->site->id())])
            ->withoutHorizon();
    }

    public function store(ProductRequest $request, SaveProduct $save): RedirectResponse
    {
        $product = $save(
            $request->user()->actor(),
            new Product(['site_id' => $this->site->id()]),
            $request->said(),
        );

        return redirect('/products')->with(
            'said',
            "{$product->name} is added. Set its ideal time in the settings of each line that makes it.",
        );
    }

    public function update(ProductRequest $request, Product $product, SaveProduct $save): RedirectResponse
    {
        $save($request->user()->actor(), $product, $request->said(), $request->integer('version'));

        return redirect('/products')->with('said', "{$product->name} is saved.");
    }
}
