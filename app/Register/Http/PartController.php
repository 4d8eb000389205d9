<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Register\Actions\SetSparePart;
use App\Register\Models\Asset;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class PartController
{
    public function save(Request $request, Asset $asset, SetSparePart $list): RedirectResponse
    {
        $given = $request->validate(
            [
                'part_number' => ['required', 'string', 'max:60'],
                'part_name' => ['required', 'string', 'max:120'],
                'quantity' => ['required', 'string', 'max:20'],
                'part_note' => ['nullable', 'string', 'max:200'],
            ],
            [],
            ['part_number' => 'part number', 'part_name' => 'name', 'part_note' => 'note'],
        );
        $list(
            $request->user()->actor(),
            $asset,
            trim($given['part_number']),
            trim($given['part_name']),
            $given['quantity'],
            $given['part_note'] ?? null,
        );

        return redirect("/assets/{$asset->id}#parts")->with(
            'said',
            "The spare-parts list of {$asset->tag} is saved.",
        );
    }
}
