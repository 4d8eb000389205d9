<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use App\Platform\Writing\Typed;
use App\Work\Queries\OrderFilters;
use Illuminate\Http\Request;
use Sundial\Calendar\LocalDate;

/** Which orders of a site somebody wants to see, as it stands in an address. */
final readonly class OrderSlice
{
    /** What the list is filtered by, beside what it can be narrowed by. */
    public const PLAIN = ['q', 'state', 'mine', 'late', 'person', 'batch', 'asset', 'place'];

    /**
     * @param  array<string, string>  $typed  as it stands in the address
     * @param  array{q: string|null, state: string, mine: bool, late: string|null, person: int|null, batch: int|null,
     *     asset: int|null, place: int|null, more: array<string, string>, today: LocalDate}  $filter  as it is asked
     */
    private function __construct(public array $typed, public array $filter)
    {
    }

    public static function asked(Request $request, LocalDate $today): self
    {
        return self::of(Typed::words($request, ...self::PLAIN, ...OrderFilters::KEYS), $today);
    }

    /** From the query of an address that a form carried along. */
    public static function carried(string $query, LocalDate $today): self
    {
        parse_str(ltrim($query, '?'), $all);
        $words = array_filter($all, static fn (mixed $one): bool => is_string($one) && $one !== '');

        return self::of(array_intersect_key($words, array_flip([...self::PLAIN, ...OrderFilters::KEYS])), $today);
    }

    /** @param  array<string, string>  $typed */
    private static function of(array $typed, LocalDate $today): self
    {
        $id = static fn (string $key): ?int => isset($typed[$key]) ? (int) $typed[$key] : null;
        $wide = isset($typed['batch']) || isset($typed['edit']);

        return new self($typed, [
            'q' => $typed['q'] ?? null,
            'state' => $typed['state'] ?? ($wide ? 'all' : 'open'),
            'mine' => isset($typed['mine']),
            'late' => isset($typed['late']) ? (string) $today : null,
            'person' => $id('person'),
            'batch' => $id('batch'),
            'asset' => $id('asset'),
            'place' => $id('place'),
            'more' => array_intersect_key($typed, array_flip(OrderFilters::KEYS)),
            'today' => $today,
        ]);
    }
}
