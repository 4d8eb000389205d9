<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;

/**
 * By which a form that is sent again is known: each form carries a token beside that against forgery. It is of one
 * person, one address and what was typed: sent again with something else, the form is another one.
 */
final class FormToken
{
    /** The field of the form. */
    public const FIELD = 'once';

    private const SENT = 'form_token_sent';

    private const SHOWN = 'form_token_shown';

    /** The hidden fields of a form that writes; those of one page share a token, as their addresses differ. */
    public static function fields(): string
    {
        $page = request()->attributes;
        if (! $page->has(self::SHOWN)) {
            $page->set(self::SHOWN, (string) Str::uuid());
        }

        return csrf_field().sprintf(
            '<input type="hidden" name="%s" value="%s" autocomplete="off">',
            self::FIELD,
            $page->get(self::SHOWN),
        );
    }

    /** Of the form that was sent, as it was sent: whoever asks first does so before anything in it is cleaned. */
    public static function of(Request $request): ?string
    {
        if (! $request->attributes->has(self::SENT)) {
            $request->attributes->set(self::SENT, self::read($request));
        }

        return $request->attributes->get(self::SENT);
    }

    private static function read(Request $request): ?string
    {
        $token = $request->input(self::FIELD);
        if (! is_string($token) || preg_match('/^[0-9a-f-]{36}$/D', $token) !== 1) {
            return null;
        }
        $files = array_map(
            static fn (mixed $file): mixed => $file instanceof UploadedFile
                ? [$file->getClientOriginalName(), $file->getSize()]
                : null,
            $request->allFiles(),
        );
        $typed = $request->except(['_token', self::FIELD, ...array_keys($files)]);

        return hash('sha256', serialize([Auth::id(), $token, $request->path(), $typed, $files]));
    }
}
