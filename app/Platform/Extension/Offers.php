<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use App\Platform\Access\Rights;

/** What the capabilities offer in the frame: places of the rail, "+ New", commands, pages of Setup and of the bench. */
final class Offers
{
    /** @var array<class-string<Offer>, list<Offer>> */
    private array $all = [];

    /** @var list<string> first words of addresses of records */
    private array $records = [];

    public function add(Offer ...$offers): void
    {
        foreach ($offers as $offer) {
            $this->all[$offer::class][] = $offer;
        }
    }

    /** Records under these words are remembered when they are opened, for whoever wants to jump back to one. */
    public function remember(string ...$words): void
    {
        $this->records = [...$this->records, ...array_values($words)];
    }

    public function isRecord(string $path): bool
    {
        return preg_match('#^/([a-z-]+)/\d+$#D', $path, $found) === 1 && in_array($found[1], $this->records, true);
    }

    /**
     * @template T of Offer
     *
     * @param  class-string<T>  $kind
     * @return list<T> all of one kind, in their order
     */
    public function all(string $kind): array
    {
        /** @var list<T> $all */
        $all = $this->all[$kind] ?? [];
        usort($all, static fn (Offer $a, Offer $b): int => $a->position() <=> $b->position());

        return $all;
    }

    /**
     * @template T of Offer
     *
     * @param  class-string<T>  $kind
     * @return list<T> those of this person, in their order
     */
    public function mine(string $kind): array
    {
        $may = Rights::asker();

        return array_values(
            array_filter(
                $this->all($kind),
                static fn (Offer $offer): bool => $offer->right() === null || $may($offer->right()),
            ),
        );
    }
}
