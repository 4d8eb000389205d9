<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Platform\Api\ApiSites;
use App\Platform\Clock\Clock;
use App\Stops\Actions\TakeSignals;
use App\Stops\Inputs\LineSignal;
use App\Stops\Queries\LineByTag;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Sundial\Stops\Signal;
use Sundial\Support\InvalidInput;

/** Signals of lines, from programs. */
final class SignalController
{
    private const MOST = 500;

    /** Clocks differ by so many seconds at the most. */
    private const GRACE = 120;

    public function __construct(
        private readonly ApiSites $sites,
        private readonly LineByTag $lines,
        private readonly Clock $clock,
    ) {
    }

    /** In any order, and again where an answer was lost: a signal of one instant counts once. */
    public function store(Request $request, TakeSignals $take): JsonResponse
    {
        $site = $this->sites->named($request->json('site'));
        $tag = $request->json('line');
        $line = is_string($tag) ? $this->lines->find($site->id, $tag) : null;
        if ($line === null) {
            throw InvalidInput::because('no_line', 'line', 'Name a line of this site by the tag of its asset.', $tag);
        }
        Gate::authorize('enter', $line);
        $signals = $request->json('signals');
        if (! is_array($signals) || ! array_is_list($signals) || $signals === [] || count($signals) > self::MOST) {
            throw InvalidInput::because('count', 'signals', 'Send a list of 1 to '.self::MOST.' signals.');
        }
        $products = $this->lines->products($site->id);
        $came = [];
        foreach ($signals as $i => $signal) {
            $came[] = $this->signal(is_array($signal) ? $signal : [], "signals.{$i}", $products);
        }
        $new = $take($line, ...$came);

        return new JsonResponse(['taken' => $new, 'known' => count($came) - $new], 201);
    }

    /**
     * @param  array<string, mixed>  $given
     * @param  array<string, int>  $products
     */
    private function signal(array $given, string $field, array $products): LineSignal
    {
        $at = is_string($given['at'] ?? null) ? strtotime($given['at']) : false;
        if ($at === false || preg_match('/(Z|[+-]\d\d:\d\d)$/', (string) $given['at']) !== 1 || $at < 0) {
            throw InvalidInput::because(
                'no_moment',
                "{$field}.at",
                'Write the time with its zone (RFC 3339), such as 2026-03-18T07:30:00+00:00.',
            );
        }
        if ($at > $this->clock->now()->getTimestamp() + self::GRACE) {
            throw InvalidInput::because('ahead', "{$field}.at", 'This time lies ahead. Set the clock of the sender.');
        }
        $number = static function (string $key) use ($given): ?int {
            $value = $given[$key] ?? null;

            return $value === null || is_int($value)
                ? $value
                : throw InvalidInput::because('not_a_number', $key, 'A counter shows a whole number.');
        };
        $product = $given['product'] ?? null;
        if ($product !== null && (! is_string($product) || ! isset($products[$product]))) {
            throw InvalidInput::because('no_product', "{$field}.product", 'Name a product of the site by its number.');
        }
        try {
            return new LineSignal(
                Signal::of(
                    $at,
                    is_string($given['state'] ?? null) ? $given['state'] : '',
                    $number('counter'),
                    $number('rejected'),
                ),
                $product === null ? null : $products[$product],
            );
        } catch (InvalidInput $e) {
            throw InvalidInput::because($e->cause(), "{$field}.{$e->field()}", $e->getMessage(), $e->value);
        }
    }
}
