<?php

declare(strict_types=1);

namespace Database\Demo;

use App\People\Models\User;
use App\Platform\Clock\SetClock;
use App\Platform\Sites\Site;
use App\Platform\Writing\Seen;
use App\Register\Models\Asset;
use App\Work\Actions\Assets\LinkOrders;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Actions\Raising\RaiseOrder;
use App\Work\Actions\Shutdown\AddToShutdown;
use App\Work\Actions\Shutdown\SaveShutdown;
use App\Work\Actions\Shutdown\SetTurns;
use App\Work\Inputs\OrderInput;
use App\Work\Inputs\ShutdownInput;
use App\Work\Models\WorkOrder;
use App\Work\Orders\PastedPlan;
use DateTimeImmutable;
use DateTimeZone;
use Sundial\Calendar\LocalDate;
use Sundial\Work\LinkKind;
use Sundial\Work\OrderType;
use Sundial\Work\Priority;
use Sundial\Work\Shutdown\ShutdownWindow;
use Sundial\Work\WorkKind;

/** Boiler 1 stands for its examination: what is done on it and its pumps meanwhile, in which sequence. */
final readonly class DemoShutdown
{
    /** Tag, title, plan, and the places in this list of those that it follows. */
    private const JOBS = [
        ['BLR-01', 'Cool down, drain and open the boiler', "Shut the burner\nDrain and open 3 h\n2 fitter 4 h", []],
        ['BLR-01', 'Brush the smoke tubes', "Brush each tube 4 h\nTake the soot out 1 h\n2 fitter 5 h", [0]],
        ['BLR-01', 'Reface the blowdown valve', "Take it out\nReface the seat 2 h\n1 fitter 3 h", [0]],
        ['BLR-01', 'Renew the probes of the water level', "Change both probes 1 h\n1 electrician 2 h", [0]],
        ['PMP-01', 'New shaft seal in feed pump 1', "Take the pump out\nFit the seal 2 h\n1 fitter 3 h", [0]],
        ['PMP-02', 'Align feed pump 2', "Align by dial gauge 1.5 h\n1 fitter 2 h", [0]],
        ['BLR-01', 'Open for the examiner', "Stand by for the examiner 3 h\n1 fitter 3 h", [1, 2, 3]],
        ['BLR-01', 'Close, fill and heat up', "Close with new gaskets 2 h\nFill and heat 3 h\n2 fitter 5 h", [6, 4, 5]],
    ];

    public function __construct(
        private RaiseOrder $raise,
        private AddToPlan $plan,
        private PastedPlan $read,
        private LinkOrders $link,
        private SaveShutdown $save,
        private AddToShutdown $add,
        private SetTurns $turns,
    ) {
    }

    public function ahead(SetClock $clock, LocalDate $today): void
    {
        $planner = User::query()->where('login', 'planner')->sole()->actor();
        $clock->set("{$today} 07:45:00");
        $boiler = Asset::query()->where('tag', 'BLR-01')->sole();
        $day = static fn (int $days, string $time): DateTimeImmutable => (new DateTimeImmutable(
            "{$today->plusDays($days)} {$time}",
            Site::query()->findOrFail($boiler->site_id)->zone(),
        ))->setTimezone(new DateTimeZone('UTC'));
        $window = ShutdownWindow::of($day(17, '06:00'), $day(19, '18:00'));
        $input = ShutdownInput::of('Boiler 1 stands for its examination', $window, $boiler)
            ->with($today->plusDays(10), 'Boiler 2 carries the mill. The examiner comes on the second day at ten.');
        $shutdown = ($this->save)($planner, $boiler->site_id, $input);
        $orders = [];
        foreach (self::JOBS as [$tag, $title, $plan, $follows]) {
            $order = $this->order($tag, $title, $plan, $today->plusDays(19));
            foreach ($follows as $place) {
                ($this->link)($planner, $order, $orders[$place], LinkKind::Follows);
            }
            $orders[] = $order->refresh();
        }
        ($this->add)($planner, $shutdown, null, ...$orders);
        ($this->turns)($planner, $shutdown, null, Seen::unasked());
    }

    private function order(string $tag, string $title, string $plan, LocalDate $due): WorkOrder
    {
        $planner = User::query()->where('login', 'planner')->sole()->actor();
        $asset = Asset::query()->where('tag', $tag)->sole();
        $order = ($this->raise)($planner, OrderInput::on($asset, $title, null)->as(
            OrderType::of('improvement', WorkKind::Planned),
            Priority::Soon,
            $due,
        ));
        ($this->plan)($planner, $order, ...($this->read)($plan, 'GBP'));

        return $order->refresh();
    }
}
