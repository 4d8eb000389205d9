<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Platform\Access\Rights;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\Part;
use App\Stores\Queries\PartIndex;
use App\Stores\Queries\StockOf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;
use Sundial\Access\Right;

/** The catalogue, for programs. */
final class ApiPartController
{
    public function index(Request $request, PartIndex $index, StockOf $stock, CurrentSite $site): JsonResponse
    {
        $given = $request->validate(['q' => ['string', 'max:100'], 'page' => ['integer', 'between:1,100000']]);
        $page = (int) ($given['page'] ?? 1);
        $parts = $index($given['q'] ?? '', true, $page);
        $prices = Rights::has(Right::SeePrices);
        $held = $stock->totals(array_values($parts->pluck('id')->all()), $site->id());

        return new JsonResponse([
            'data' => $parts
                ->take(PartIndex::PAGE)
                ->map(static fn (Part $part): array => $part->only(['id', 'number', 'name', 'unit', 'note']) + [
                    'price' => $prices ? $part->price : null,
                    'currency' => $prices ? $part->currency : null,
                    'in_use' => ! $part->retired,
                    'stock' => self::stock($held->get($part->id)),
                ])
                ->values(),
            'next' => $parts->count() > PartIndex::PAGE
                ? '/api/v1/parts?'.http_build_query(['page' => $page + 1] + $given)
                : null,
        ]);
    }

    /** @return array<string, string>|null at the site, over its stores; null: in none of them */
    private static function stock(?stdClass $held): ?array
    {
        return $held === null ? null : [
            'on_hand' => (string) $held->on_hand,
            'promised' => (string) $held->promised,
            'short' => (string) $held->short,
            'on_order' => (string) $held->on_order,
        ];
    }
}
