<?php

declare(strict_types=1);

namespace App\Platform\Jump;

use App\Platform\Extension\Command;
use App\Platform\Extension\Offers;

/** The commands that this person may give, with the keys that give them. */
final readonly class Commands
{
    public function __construct(private Offers $offers)
    {
    }

    /** @return list<array{label: string, href: string, keys: string}> */
    public function all(): array
    {
        return array_map(
            static fn (Command $command): array => [
                'label' => $command->label,
                'href' => $command->href,
                'keys' => $command->keys,
            ],
            $this->offers->mine(Command::class),
        );
    }

    /** @return list<array{label: string, href: string, keys: string}> those in which each typed word stands */
    public function matching(string $text): array
    {
        $words = array_filter(
            explode(' ', mb_strtolower(trim($text))),
            static fn (string $word): bool => $word !== '',
        );
        $found = array_filter(
            $this->all(),
            static fn (array $command): bool => array_filter(
                $words,
                static fn (string $word): bool => ! str_contains(mb_strtolower($command['label']), $word),
            ) === [],
        );

        return array_slice(array_values($found), 0, $words === [] ? 99 : 5);
    }
}
