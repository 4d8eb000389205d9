<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use App\People\Models\User;
use Illuminate\Http\Request;
use Sundial\Access\Right;
use Sundial\Stock\Consent;

/** Whether whoever takes what is promised elsewhere was asked, and has the right: a box of the form that asked. */
final readonly class Consenting
{
    public const FIELD = 'all_the_same';

    public static function of(Request $request, int $siteId): Consent
    {
        $person = $request->user();

        return match (true) {
            ! $request->boolean(self::FIELD) => Consent::NotAsked,
            $person instanceof User && $person->may(Right::TakePromised, $siteId) => Consent::WithRight,
            default => Consent::WithoutRight,
        };
    }
}
