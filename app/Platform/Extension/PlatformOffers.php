<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use Sundial\Access\Right;

/** What the frame itself offers. */
final class PlatformOffers
{
    /** @return list<Offer> */
    public static function all(): array
    {
        return [
            new RailPlace(
                'today',
                'Today',
                '/today',
                'M3 18h18M6 18a6 6 0 0 1 12 0M12 5v3M4.5 9.5l2 1.5M19.5 9.5l-2 1.5',
                Right::SeeOwnLine,
                10,
            ),
            new Command('Today', '/today', 'g t', Right::SeeOwnLine, 10),
            new Command('Files in and out', '/import', 'g f', Right::WriteRegister, 180),
            new Command('Log of the plant', '/log', 'g h', Right::SeePlant, 210),
            SetupPage::ofSite('webhooks', 'Webhooks', 'who is told when an order moves', 90),
            new BenchPage('Today', '/today', 10),
            new BenchPage('jump', '/jump?q=pump+12', 80),
        ];
    }
}
