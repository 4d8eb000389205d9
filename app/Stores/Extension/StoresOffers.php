<?php

declare(strict_types=1);

namespace App\Stores\Extension;

use App\Platform\Extension\BenchPage;
use App\Platform\Extension\Command;
use App\Platform\Extension\NewOffer;
use App\Platform\Extension\Offer;
use App\Platform\Extension\RailPlace;
use App\Platform\Extension\SetupPage;
use Sundial\Access\Right;

/** What stores offer in the frame. */
final class StoresOffers
{
    /** @return list<Offer> */
    public static function all(): array
    {
        $shelf = 'M4 4v16M20 4v16M4 9h16M4 15h16M7 9V6h4v3M13 15v-3h4v3M7 20v-2h3v2';

        return [
            new RailPlace('stores', 'Stores', '/parts', $shelf, Right::SeePlant, 50),
            new Command('Parts', '/parts', 'g y', Right::SeePlant, 135),
            new Command('What to buy', '/purchases', 'g g', Right::SeePlant, 136),
            new NewOffer('Part', '/parts/new', Right::WriteParts, 60),
            SetupPage::ofSite('stores', 'Stores', 'where parts lie, and what is agreed for them', 95),
            SetupPage::ofPlant('part-fields', 'Fields of parts', 'what the plant adds to its parts', 66),
            new BenchPage('stores, start and index', '/parts', 60),
            new BenchPage('part sheet', '/parts/{part}', 61),
            new BenchPage('what to buy', '/purchases', 62),
            new BenchPage('balance of a past day', '/stores/figures', 63),
        ];
    }
}
