<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Platform\Access\Rights;
use App\Stores\Models\Part;
use App\Stores\Queries\PartIndex;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sundial\Access\Right;

/** The catalogue, for programs. */
final class ApiPartController
{
    public function index(Request $request, PartIndex $index): JsonResponse
    {
        $given = $request->validate(['q' => ['string', 'max:100'], 'page' => ['integer', 'between:1,100000']]);
        $page = (int) ($given['page'] ?? 1);
        $parts = $index($given['q'] ?? '', true, $page);
        $prices = Rights::has(Right::SeePrices);

        return new JsonResponse([
            'data' => $parts
                ->take(PartIndex::PAGE)
                ->map(static fn (Part $part): array => $part->only(['id', 'number', 'name', 'unit', 'note']) + [
                    'price' => $prices ? $part->price : null,
                    'currency' => $prices ? $part->currency : null,
                    'in_use' => ! $part->retired,
                ])
                ->values(),
            'next' => $parts->count() > PartIndex::PAGE
                ? '/api/v1/parts?'.http_build_query(['page' => $page + 1] + $given)
                : null,
        ]);
    }
}
