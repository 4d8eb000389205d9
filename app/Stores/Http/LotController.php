<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Stores\Actions\TakeOff;
use App\Stores\Models\StockLot;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Pieces with a serial number. */
final class LotController
{
    public function takeOff(Request $request, StockLot $lot, TakeOff $takeOff): RedirectResponse
    {
        $given = $request->validate(
            ['off_reason' => ['required', 'string', 'max:200']],
            [],
            ['off_reason' => 'reason'],
        );
        $takeOff($request->user()->actor(), $lot, $given['off_reason']);

        return redirect("/parts/{$lot->stock->part_id}#lots")->with('said', "{$lot->name} is taken off.");
    }
}
