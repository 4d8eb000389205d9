<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Platform\Extension\BenchPage;
use App\Platform\Extension\Command;
use App\Platform\Extension\NewOffer;
use App\Platform\Extension\Offer;
use App\Platform\Extension\RailPlace;
use Sundial\Access\Right;

/** What planning offers in the frame. */
final class PlanningOffers
{
    /** @return list<Offer> */
    public static function all(): array
    {
        $see = Right::SeePlant;

        return [
            new RailPlace('plan', 'Plan', '/schedules', 'M4 12a8 8 0 1 1 2 5M4 18v-5h5M12 8v4l3 2', $see, 30),
            new NewOffer('Method', '/methods/new', Right::WritePlans, 40),
            new Command('Schedules', '/schedules', 'g s', $see, 60),
            new Command('Outlook', '/outlook', 'g o', $see, 70),
            new Command('Methods', '/methods', 'g i', $see, 80),
            new Command('Rounds', '/rounds', 'g n', $see, 90),
            new Command('Calendar of visits and orders', '/calendar', 'g v', $see, 100),
            new Command('What if: another interval, more assets', '/outlook/what-if', 'g q', $see, 110),
            new Command('New method', '/methods/new', 'n i', Right::WritePlans, 160),
            new BenchPage('outlook, 8 weeks', '/outlook', 60),
            new BenchPage('outlook, 2 years', '/outlook?reach=2+years', 70),
            new BenchPage('schedules', '/schedules', 71),
            new BenchPage('method sheet', '/methods/2', 72),
        ];
    }
}
