<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\People\Queries\PeopleLists;
use App\Platform\Sites\CurrentSite;
use App\Stores\Actions\DecideAlternative;
use App\Stores\Actions\ProposeAlternative;
use App\Stores\Actions\SetPartSupplier;
use App\Stores\Inputs\SupplyInput;
use App\Stores\Models\Part;
use App\Stores\Queries\PartAsTyped;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Support\InvalidInput;

/** What may be taken instead of a part, and from whom it comes. */
final class AlternativeController
{
    public function propose(
        Request $request,
        Part $part,
        PartAsTyped $find,
        ProposeAlternative $propose,
    ): RedirectResponse {
        $given = $request->validate([
            'other' => ['required', 'string', 'max:180'],
            'other_note' => ['nullable', 'string', 'max:200'],
        ], [], ['other' => 'other part', 'other_note' => 'remark']);
        $other = $find($given['other']) ?? throw InvalidInput::because(
            'no_part',
            'other',
            "The catalogue has no part “{$given['other']}”. Choose its number.",
        );
        $propose($request->user()->actor(), $part, $other, $request->boolean('both'), $given['other_note'] ?? null);

        return redirect("/parts/{$part->id}#instead")->with('said', "{$other->name} is proposed instead.");
    }

    public function decide(
        Request $request,
        Part $part,
        Part $substitute,
        DecideAlternative $decide,
    ): RedirectResponse {
        $decide($request->user()->actor(), $part, $substitute, $request->boolean('allow'));

        return redirect("/parts/{$part->id}#instead")->with(
            'said',
            $request->boolean('allow') ? "{$substitute->name} may be taken instead." : 'It is taken away.',
        );
    }

    public function supply(
        Request $request,
        Part $part,
        SetPartSupplier $set,
        CurrentSite $site,
        PeopleLists $people,
    ): RedirectResponse {
        $given = $request->validate([
            'their_id' => ['required', 'integer', 'exists:suppliers,id'],
            'their_number' => ['nullable', 'string', 'max:60'],
            'their_price' => ['nullable', 'string', 'max:20'],
            'their_days' => ['nullable', 'integer', 'between:0,999'],
            'price_from' => ['nullable', 'date_format:Y-m-d'],
            'least' => ['nullable', 'string', 'max:20'],
        ], [], ['their_id' => 'supplier', 'their_number' => 'their number', 'their_days' => 'days',
            'price_from' => 'day']);
        $supplier = $people->suppliers((int) $given['their_id'])->firstWhere('id', (int) $given['their_id']);
        $supplier === null ? abort(404) : $set(
            $request->user()->actor(),
            $part,
            $supplier,
            SupplyInput::typed($given, $site->today()),
            $site->get()->currency,
        );

        return redirect("/parts/{$part->id}#suppliers")->with('said', 'The terms are saved.');
    }
}
