<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\Platform\Extension\BenchPage;
use App\Platform\Extension\Command;
use App\Platform\Extension\NewOffer;
use App\Platform\Extension\Offer;
use App\Platform\Extension\RailPlace;
use App\Platform\Extension\SetupPage;
use Sundial\Access\Right;

/** What the register offers in the frame. */
final class RegisterOffers
{
    /** @return list<Offer> */
    public static function all(): array
    {
        return [...self::places(), ...self::commands(), ...self::pages()];
    }

    /** @return list<Offer> */
    private static function places(): array
    {
        return [
            new RailPlace('assets', 'Assets', '/assets', 'M4 20V9l5 3V9l5 3V6l6 4v10z', Right::SeeOwnLine, 20),
            new NewOffer('Asset', '/assets/new', Right::WriteRegister, 10),
            new NewOffer('Location', '/places/new', Right::WriteRegister, 20),
            new NewOffer('Register from a file', '/import/register', Right::WriteRegister, 30),
        ];
    }

    /** @return list<Offer> */
    private static function commands(): array
    {
        return [
            new Command('Assets', '/assets', 'g a', Right::SeeOwnLine, 20),
            new Command('Places: the tree', '/places', 'g l', Right::SeePlant, 30),
            new Command('Assets as a table', '/assets/table', 'g x', Right::SeePlant, 40),
            new Command('Meters', '/meters', 'g m', Right::SeePlant, 50),
            new Command('New asset', '/assets/new', 'n a', Right::WriteRegister, 140),
            new Command('New location', '/places/new', 'n l', Right::WriteRegister, 150),
            new Command('Register from a file', '/import/register', 'n f', Right::WriteRegister, 170),
            new Command('Scan a label', '/scan', 'g c', Right::SeeOwnLine, 190),
            new Command('Labels to print', '/labels', 'g b', Right::SeePlant, 200),
            new Command('Expiry dates', '/expiry', 'g e', Right::SeePlant, 230),
        ];
    }

    /** @return list<Offer> */
    private static function pages(): array
    {
        return [
            SetupPage::ofPlant('classes', 'Equipment classes', 'kinds of assets, and their level', 60),
            SetupPage::ofPlant('fields', 'Extra fields', 'what else the register keeps', 70),
            SetupPage::ofPlant('units', 'Units', 'of counters and numbers', 80),
            SetupPage::ofPlant('life-states', 'Life states', 'what each means', 100),
            new BenchPage('asset index', '/assets', 20),
            new BenchPage('asset sheet', '/assets/{asset}', 30),
            new BenchPage('tree', '/places', 90),
            new BenchPage('tree, one level', '/tree?of=L1', 100),
            new BenchPage('table of assets', '/assets/table', 110),
        ];
    }
}
