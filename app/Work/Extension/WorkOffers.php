<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Extension\BenchPage;
use App\Platform\Extension\Command;
use App\Platform\Extension\NewOffer;
use App\Platform\Extension\Offer;
use App\Platform\Extension\RailPlace;
use App\Platform\Extension\SetupPage;
use Sundial\Access\Right;

/** What work offers in the frame. */
final class WorkOffers
{
    /** @return list<Offer> */
    public static function all(): array
    {
        $wrench = 'M14 6a4 4 0 0 0-5 5L3 17l3 3 6-6a4 4 0 0 0 5-5l-3 2-2-2z';

        return [
            new RailPlace('work', 'Work', '/orders', $wrench, Right::SeePlant, 40),
            new Command('Work', '/orders', 'g w', Right::SeePlant, 120),
            new Command('Review: what is done and waits', '/orders/review', 'g z', Right::ReopenOrders, 122),
            new Command('Costs of the work', '/costs', 'g 2', Right::SeeCosts, 124),
            new Command('Orders as a table', '/orders/table', 'g 4', Right::SeePlant, 121),
            new Command('Orders on a board', '/orders/board', 'g 5', Right::SeePlant, 121),
            new Command('It stands for a while: what fits', '/window', 'g 6', Right::PlanOrders, 126),
            new Command('Shutdowns', '/shutdowns', 'g 3', Right::SeePlant, 126),
            new Command('Requests', '/requests', 'g j', Right::SeeOwnLine, 125),
            new Command('Report a fault', '/report', 'n r', Right::ReportStops, 145),
            new Command('Raise an order', '/orders/new', 'n o', Right::PlanOrders, 146),
            new Command('Emergency', '/emergency', 'n e', Right::RaiseEmergencies, 142),
            new Command('My clock', '/timer', 'g 1', Right::WorkOnOwnOrders, 148),
            new Command('Finished already', '/orders/finished', 'n d', Right::WorkOnOwnOrders, 147),
            new Command('Warranty claims', '/claims', 'g 7', Right::SeePlant, 127),
            new Command('Small job', '/small-job', 'n j', Right::WorkOnOwnOrders, 149),
            new NewOffer('Small job', '/small-job', Right::WorkOnOwnOrders, 6),
            new NewOffer('Work finished already', '/orders/finished', Right::WorkOnOwnOrders, 5),
            new NewOffer('Emergency', '/emergency', Right::RaiseEmergencies, 1),
            new NewOffer('Report a fault', '/report', Right::ReportStops, 2),
            new NewOffer('Order', '/orders/new', Right::PlanOrders, 4),
            new Command('Release: what would be made', '/release', 'g r', Right::Release, 130),
            new Command('Calendar addresses', '/me/calendars', 'g d', Right::SeePlant, 260),
            SetupPage::ofSite('work-rules', 'Rules of work', 'who approves, who closes', 62),
            SetupPage::ofSite('emergency', 'In an emergency', 'what else must happen', 63),
            SetupPage::ofSite('standing-orders', 'Standing orders', 'on which small jobs are booked', 63),
            SetupPage::ofSite('recharge', 'Recharge', 'the tax on what others pay', 63),
            SetupPage::ofPlant('priorities', 'Priorities', 'what is proposed, and within how many days', 64),
            SetupPage::ofPlant('work-lists', 'Types, stages, reasons', 'from which orders choose', 65),
            SetupPage::ofPlant('order-fields', 'Fields of orders', 'what the plant adds to its orders', 65),
            SetupPage::ofPlant('failure-words', 'Words for failures', 'by which faults are reported and told', 66),
            new BenchPage('order index', '/orders', 40),
            new BenchPage('table of orders', '/orders/table', 42),
            new BenchPage('board of orders', '/orders/board', 43),
            new BenchPage('costs', '/costs?by=class', 45),
            new BenchPage('costs by place', '/costs', 46),
            new BenchPage('orders behind a cost', '/costs/orders', 47),
            new BenchPage('a word in all orders', '/orders?state=all&q=pump', 48),
            new BenchPage('order sheet', '/orders/{order}', 50),
        ];
    }
}
