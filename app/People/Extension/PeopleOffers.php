<?php

declare(strict_types=1);

namespace App\People\Extension;

use App\Platform\Extension\Command;
use App\Platform\Extension\Offer;
use App\Platform\Extension\RailPlace;
use App\Platform\Extension\SetupPage;
use Sundial\Access\Right;

/** What people and their lists offer in the frame. */
final class PeopleOffers
{
    /** @return list<Offer> */
    public static function all(): array
    {
        return [
            new RailPlace(
                'setup',
                'Setup',
                '/setup/people',
                'M4 7h10M18 7h2M4 17h2M10 17h10M14 5v4M8 15v4',
                Right::Administer,
                80,
                true,
            ),
            new RailPlace(
                'me',
                'Account',
                '/me',
                'M12 4a4 4 0 1 1 0 8a4 4 0 1 1 0-8M4 21a8 8 0 0 1 16 0',
                null,
                90,
                true,
            ),
            new Command('Suppliers', '/suppliers', 'g p', Right::SeePlant, 220),
            new Command('Setup', '/setup', 'g u', Right::Administer, 240),
            new Command('My account', '/me', 'g k', Right::SeeOwnLine, 250),
            SetupPage::ofSite('people', 'People', 'who works here, and what they may do', 10),
            SetupPage::ofSite('teams', 'Teams', 'people who share work', 20),
            SetupPage::ofPlant('trades', 'Trades and rates', 'what an hour costs', 30),
            SetupPage::ofSite('sites', 'Sites', 'zone, currency, days of rest', 40),
            SetupPage::ofSite('sign-ins', 'Sign-ins', 'who logged in, and what was tried', 50),
            SetupPage::ofPlant('cost-centres', 'Cost centres', 'where costs are booked', 90),
        ];
    }
}
