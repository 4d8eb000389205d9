<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\Planning\Actions\TakePartOff;
use App\Planning\Actions\TiePart;
use App\Planning\Models\Method;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Planning\Method\NeedText;

/** The parts that each visit takes, tied from wherever they are shown. */
final class MethodPartController
{
    public function tie(Request $request, Method $method, TiePart $tie): RedirectResponse
    {
        $given = $request->validate(
            ['parts' => ['required', 'string', 'max:120']],
            ['parts.required' => 'Name the part by its number, and how many: “P-0117 x 2”.'],
        );
        $parts = $tie($request->user()->actor(), $method, $given['parts']);
        $said = str_replace("\n", ', ', NeedText::ofParts($parts));

        return self::back($method, "{$said} is taken from the next order on");
    }

    public function off(Request $request, Method $method, TakePartOff $takeOff): RedirectResponse
    {
        $given = $request->validate([
            'number' => ['required', 'string', 'max:120'],
            'level' => ['required', 'integer', 'between:1,65535'],
        ]);
        $takeOff($request->user()->actor(), $method, $given['number'], (int) $given['level']);

        return self::back($method, "{$given['number']} is not taken any more from the next order on");
    }

    private static function back(Method $method, string $said): RedirectResponse
    {
        $number = $method->inForce()->value('number');

        return back()->with('said', "{$said}: revision {$number} of {$method->name} is in force. Orders made before ".
            'keep theirs.');
    }
}
