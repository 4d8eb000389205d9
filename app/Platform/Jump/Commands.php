<?php

declare(strict_types=1);

namespace App\Platform\Jump;

use App\Platform\Access\Rights;
use Sundial\Access\Right;

/** The commands that this person may give, with the keys that give them. */
final class Commands
{
    /** @return list<array{label: string, href: string, keys: string}> */
    public function all(): array
    {
        $commands = [
            ['Today', '/today', 'g t', Right::SeeOwnLine],
            ['Assets', '/assets', 'g a', Right::SeeOwnLine],
            ['Places: the tree', '/places', 'g l', Right::SeePlant],
            ['Assets as a table', '/assets/table', 'g x', Right::SeePlant],
            ['Meters', '/meters', 'g m', Right::SeePlant],
            ['Schedules', '/schedules', 'g s', Right::SeePlant],
            ['Outlook', '/outlook', 'g o', Right::SeePlant],
            ['Methods', '/methods', 'g i', Right::SeePlant],
            ['Rounds', '/rounds', 'g n', Right::SeePlant],
            ['Calendar of visits and orders', '/calendar', 'g v', Right::SeePlant],
            ['What if: another interval, more assets', '/outlook/what-if', 'g q', Right::SeePlant],
            ['Work', '/orders', 'g w', Right::SeePlant],
            ['Release: what would be made', '/release', 'g r', Right::Release],
            ['New asset', '/assets/new', 'n a', Right::WriteRegister],
            ['New location', '/places/new', 'n l', Right::WriteRegister],
            ['New method', '/methods/new', 'n i', Right::WritePlans],
            ['Register from a file', '/import/register', 'n f', Right::WriteRegister],
            ['Files in and out', '/import', 'g f', Right::WriteRegister],
            ['Scan a label', '/scan', 'g c', Right::SeeOwnLine],
            ['Labels to print', '/labels', 'g b', Right::SeePlant],
            ['Log of the plant', '/log', 'g h', Right::SeePlant],
            ['Suppliers', '/suppliers', 'g p', Right::SeePlant],
            ['Expiry dates', '/expiry', 'g e', Right::SeePlant],
            ['Setup', '/setup', 'g u', Right::Administer],
            ['My account', '/me', 'g k', Right::SeeOwnLine],
            ['Calendar addresses', '/me/calendars', 'g d', Right::SeePlant],
        ];
        $given = array_filter($commands, static fn (array $command): bool => Rights::has($command[3]));

        return array_values(
            array_map(
                static fn (array $command): array => [
                    'label' => $command[0],
                    'href' => $command[1],
                    'keys' => $command[2],
                ],
                $given,
            ),
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
