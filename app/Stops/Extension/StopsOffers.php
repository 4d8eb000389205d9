<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Platform\Extension\BenchPage;
use App\Platform\Extension\Command;
use App\Platform\Extension\NewOffer;
use App\Platform\Extension\Offer;
use App\Platform\Extension\RailPlace;
use App\Platform\Extension\SetupPage;
use Sundial\Access\Right;

/** What stops offer in the frame. */
final class StopsOffers
{
    /** @return list<Offer> */
    public static function all(): array
    {
        $band = 'M3 19h18M5 19v-9M9 19v-12M13 19v-4M17 19v-10M20 5v14';

        return [
            new RailPlace('stops', 'Stops', '/stops', $band, Right::SeePlant, 55),
            SetupPage::ofPlant('stop-reasons', 'Stop reasons', 'why machines stand, and what counts as a failure', 67),
            SetupPage::ofPlant('reject-reasons', 'Reject reasons', 'why pieces are rejected on the lines', 68),
            new NewOffer('Line', '/lines/new', Right::WriteRegister, 60),
            new Command('Lines and stops', '/stops', 's l', Right::SeePlant, 60),
            new Command('Effectiveness', '/stops/oee', 's e', Right::SeePlant, 61),
            new Command('Hand the shift over', '/handovers', 's h', Right::SeePlant, 62),
            new BenchPage('effectiveness of a month', '/stops/oee?days=30', 66),
            new BenchPage('what cost most in a year', '/stops?days=365', 67),
            new BenchPage('the lit band of a day', '/shifts/1?band=day', 68),
            new BenchPage('stops, what cost most', '/stops', 64),
            new BenchPage('reliability by class', '/stops/reliability', 65),
            new BenchPage('stops one by one', '/stops/list', 69),
            new BenchPage('what cost most by shift', '/stops?by=shift&days=365', 69),
            new BenchPage('reliability by shift', '/stops/reliability?by=shift', 69),
        ];
    }
}
