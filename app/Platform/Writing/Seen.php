<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use Illuminate\Http\Request;
use Sundial\Support\InvalidInput;

/**
 * What stood in a table of settings when somebody opened it: where something else stands by the time they save, they
 * are told what, and neither overwrites the other unseen. For what is one record there is Versioned.
 */
final readonly class Seen
{
    /** The hidden field of the form. */
    public const FIELD = 'seen';

    /** Differences that are named; the rest is on the page. */
    private const NAMED = 5;

    private function __construct(private ?string $mark)
    {
    }

    public static function in(Request $request): self
    {
        return new self(Typed::word($request, self::FIELD) ?: null);
    }

    /** By whoever did not look first, such as a program. */
    public static function unasked(): self
    {
        return new self(null);
    }

    /**
     * Tells what stands now from what stood before.
     *
     * @param  array<int|string, mixed>  $standing
     */
    public static function mark(array $standing): string
    {
        return substr(hash('sha256', json_encode($standing, JSON_THROW_ON_ERROR)), 0, 16);
    }

    /**
     * Lets pass what was seen as it stands. Asked where it is held, before it is written.
     *
     * @param  array<int|string, mixed>  $standing  words by what they are of
     * @param  array<int|string, mixed>  $wanted  the same as it is to be
     *
     * @throws InvalidInput changed
     */
    public function check(array $standing, array $wanted): void
    {
        if ($this->mark === null || $this->mark === self::mark($standing)) {
            return;
        }
        $other = array_filter(
            $standing,
            static fn (mixed $is, int|string $of): bool => ($wanted[$of] ?? null) !== $is,
            ARRAY_FILTER_USE_BOTH,
        );
        $said = array_map(
            // Of a list what stands, of a table also where.
            static fn (int|string $of, mixed $is): string => (is_int($of) ? '' : "{$of} ").
                (in_array($is, [null, ''], true) ? 'nothing' : "“{$is}”"),
            array_keys($other),
            array_slice($other, 0),
        );
        $more = count($said) > self::NAMED ? ', and more' : '';
        $stands = $said === [] ? '' : ' Other than what you typed stand now: '.
            implode(', ', array_slice($said, 0, self::NAMED)).$more.'.';
        throw InvalidInput::because(
            'changed',
            'form',
            "Somebody saved this in the meantime.{$stands} What you typed is still here: look it over, and save again.",
        );
    }
}
