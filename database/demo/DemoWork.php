<?php

declare(strict_types=1);

namespace Database\Demo;

use App\People\Models\User;
use App\Planning\Actions\OfferOrderType;
use App\Platform\Clock\SetClock;
use App\Platform\Sites\Site;
use App\Platform\Writing\Seen;
use App\Register\Models\Asset;
use App\Register\Models\EquipmentClass;
use App\Register\Models\Location;
use App\Work\Actions\Isolation\IssueIsolation;
use App\Work\Actions\Isolation\SetIsolationPoints;
use App\Work\Actions\Moves\SetStage;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Actions\Raising\RaiseOrder;
use App\Work\Actions\Setup\OfferHoldReason;
use App\Work\Actions\Setup\OfferStage;
use App\Work\Actions\Setup\SetEmergencyDuties;
use App\Work\Actions\Setup\SetWorkRules;
use App\Work\Actions\Standing\SaveStandingOrder;
use App\Work\Inputs\OrderInput;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\PastedPlan;
use DateTimeImmutable;
use Sundial\Calendar\LocalDate;
use Sundial\Work\HoldReason;
use Sundial\Work\OrderMove;
use Sundial\Work\OrderState;
use Sundial\Work\OrderType;
use Sundial\Work\Priority;
use Sundial\Work\Rules\Asked;
use Sundial\Work\Rules\WorkRules;
use Sundial\Work\Stage;
use Sundial\Work\Waiting\AgreedStay;
use Sundial\Work\WorkKind;

/** How Ollerfell Mill works: its own types, stages and reasons, who approves what, what is locked, and two orders. */
final readonly class DemoWork
{
    /** What is locked before one works on a machine, by class. */
    private const POINTS = [
        'steam boiler' => ['Main switch of the burner, Q10', 'Gas valve V1', 'Feed water valve V4', 'Steam valve V7'],
        'stenter' => ['Main switch Q20', 'Gas valve of each burner field', 'Chain drive, locked by pin'],
        'centrifugal pump' => ['Motor isolator', 'Suction valve', 'Delivery valve'],
        'overhead crane' => ['Crane switch at the landing'],
    ];

    public function __construct(
        private OfferOrderType $offerType,
        private OfferStage $offerStage,
        private OfferHoldReason $offerReason,
        private SetWorkRules $setRules,
        private SetEmergencyDuties $setDuties,
        private SaveStandingOrder $saveStanding,
        private SetIsolationPoints $setPoints,
        private RaiseOrder $raise,
        private AddToPlan $plan,
        private PastedPlan $read,
        private OrderMoves $moves,
        private SetStage $setStage,
        private IssueIsolation $issue,
    ) {
    }

    public function setUp(): void
    {
        $by = User::query()->where('login', 'admin')->sole()->actor();
        ($this->offerType)($by, OrderType::of('energy saving', WorkKind::Planned));
        ($this->offerStage)($by, Stage::inside(OrderState::Planned, 'waiting for a quote'));
        ($this->offerStage)($by, Stage::inside(OrderState::Approved, 'tools set out'));
        ($this->offerReason)($by, HoldReason::of('production', 1));
        foreach (Site::query()->get() as $site) {
            $rules = WorkRules::approving(['planner' => 500000, 'supervisor' => null, 'administrator' => null], null);
            ($this->setRules)(
                $by,
                $site->id,
                $rules->closing(Asked::Yes, Asked::No),
                AgreedStay::of([]),
                Seen::unasked(),
            );
            ($this->saveStanding)($by, $site->id, 'Small jobs', null, OrderType::corrective());
            $all = ['Make the machine safe', 'Tell the shift supervisor'];
            ($this->setDuties)($by, $site->id, null, $all, Seen::unasked());
            $boilers = EquipmentClass::query()->where('name', 'steam boiler')->sole()->id;
            ($this->setDuties)($by, $site->id, $boilers, ['Close the steam valve and shut the gas'], Seen::unasked());
        }
        foreach (self::POINTS as $class => $points) {
            foreach (Asset::query()->whereRelation('class', 'name', $class)->orderBy('id')->get() as $asset) {
                ($this->setPoints)($by, $asset, $points, Seen::unasked());
            }
        }
    }

    /** A place to be mended that waits for a quote, and a machine behind its locks. */
    public function thisMorning(SetClock $clock, LocalDate $today): void
    {
        $planner = User::query()->where('login', 'planner')->sole()->actor();
        $clock->set("{$today} 07:40:00");
        $floor = Location::query()->where('tag', 'FIN-STN')->sole();
        $order = ($this->raise)(
            $planner,
            OrderInput::on($floor, 'Mend the floor drain', 'Water stands after every rinse.')->as(
                OrderType::corrective(),
                Priority::Soon,
                $today->plusDays(14),
            ),
        );
        ($this->plan)($planner, $order, ...($this->read)("Open the grating\nRelay the drain 3 h", 'GBP'));
        $order = $this->moves->make($planner, $order->refresh(), OrderMove::Plan, 'planned');
        ($this->setStage)($planner, $order, 'waiting for a quote');

        $behind = WorkOrder::query()
            ->where('state', OrderState::UnderWay)
            ->whereHas('asset.class', static fn ($class) => $class->whereIn('name', array_keys(self::POINTS)))
            ->with('asset.class')
            ->orderBy('number')
            ->first();
        if ($behind !== null) {
            $points = self::POINTS[(string) $behind->asset?->class->name];
            ($this->issue)($planner, $behind, $points, new DateTimeImmutable("{$today} 16:00:00"));
        }
    }
}
