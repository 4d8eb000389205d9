<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Illuminate\Http\Request;
use Illuminate\Support\ViewErrorBag;

/**
 * Says what was refused where the page has no field of that name to say it at: nothing is refused in silence. With the
 * reason stands what was typed.
 */
final readonly class Unsaid
{
    private const PLACE = '<div id="said" aria-live="assertive">';

    /** Never repeated, whatever they hold. */
    public const SECRET = ['password', 'current_password', 'password_confirmation'];

    public static function in(string $html, Request $request): string
    {
        $errors = $request->hasSession() ? $request->session()->get('errors') : null;
        if (! $errors instanceof ViewErrorBag || ! $errors->any()) {
            return $html;
        }
        $lines = [];
        foreach ($errors->getBag('default')->getMessages() as $field => $messages) {
            foreach ($messages as $message) {
                if (! str_contains($html, e($message))) {
                    $lines[] = '<p class="said said-bad" role="alert">'.e($message.self::typed($field)).'</p>';
                }
            }
        }
        if ($lines === []) {
            return $html;
        }
        $said = implode('', array_unique($lines));

        return str_contains($html, self::PLACE)
            ? str_replace(self::PLACE, self::PLACE.$said, $html)
            : $html.'<div id="said" aria-live="assertive" hx-swap-oob="true">'.$said.'</div>';
    }

    private static function typed(string $field): string
    {
        $typed = in_array($field, self::SECRET, true) ? null : old($field);

        return is_string($typed) && $typed !== '' ? ' (You typed “'.mb_strimwidth($typed, 0, 80, '…').'”.)' : '';
    }
}
