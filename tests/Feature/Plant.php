<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Actions\SavePerson;
use App\People\Actions\SaveSite;
use App\People\Actions\SaveTeam;
use App\People\Actions\SaveTrade;
use App\People\Actions\SetRate;
use App\People\Inputs\PersonInput;
use App\People\Inputs\SiteInput;
use App\People\Models\User;
use App\Planning\Actions\SaveMethod;
use App\Planning\Actions\SaveSchedule;
use App\Planning\Inputs\MethodInput;
use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Method;
use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Register\Actions\SaveAsset;
use App\Register\Actions\SaveLocation;
use App\Register\Actions\SaveMeter;
use App\Register\Actions\TakeReading;
use App\Register\Inputs\AssetFacts;
use App\Register\Inputs\LocationInput;
use App\Register\Inputs\MeterInput;
use App\Register\Models\Asset;
use App\Register\Models\EquipmentClass;
use App\Register\Models\Location;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use App\Stores\Actions\SavePart;
use App\Stores\Inputs\PartInput;
use App\Stores\Models\Part;
use App\Work\Actions\Moves\ApproveWorkOrder;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Actions\Release\ReleaseDueVisits;
use App\Work\Actions\Requests\ReportFault;
use App\Work\Inputs\ReportInput;
use App\Work\Models\Shutdown;
use App\Work\Models\WorkOrder;
use App\Work\Models\WorkRequest;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Role;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\HourlyRate;
use Sundial\Work\Request\HowSoon;

/** A small plant for tests: one site, a person for each role, a trade, a team, a few assets and a method. */
final class Plant
{
    public Site $site;

    public Site $otherSite;

    public Location $hall;

    public Asset $pump;

    public Asset $motor;

    public Asset $foreign;

    public Method $method;

    public int $teamId;

    public static function build(): self
    {
        return Kept::once('plant', self::made(...));
    }

    private static function made(): self
    {
        $plant = new self();
        $by = Actor::sundial();
        $plant->site = app(SaveSite::class)($by, null, SiteInput::of([
            'code' => 'T',
            'name' => 'Test works',
            'timezone' => 'Europe/London',
            'currency' => 'EUR',
            'rest_weekdays' => '6,7',
            'release_hour' => 4,
        ]));
        $plant->otherSite = app(SaveSite::class)($by, null, SiteInput::of([
            'code' => 'U',
            'name' => 'Other works',
            'timezone' => 'Pacific/Auckland',
            'currency' => 'NZD',
            'rest_weekdays' => '7',
            'release_hour' => 4,
        ]));
        $trade = app(SaveTrade::class)($by, null, 'fitter');
        app(SetRate::class)($by, $trade, LocalDate::of(2020, 1, 1), HourlyRate::ofCents(3000));
        app(SetRate::class)($by, $trade, LocalDate::of(2026, 3, 1), HourlyRate::ofCents(3600));
        $plant->teamId = app(SaveTeam::class)($by, null, $plant->site->id, 'Fitters')->id;
        foreach (Role::cases() as $role) {
            app(SavePerson::class)($by, null, PersonInput::of([
                'login' => $role->value,
                'name' => ucfirst($role->value).' One',
                'password' => 'password',
                'roles' => [$plant->site->id => [$role->value]],
                'plant_admin' => $role === Role::Administrator,
                'trade_id' => $role === Role::Technician ? $trade->id : null,
                'teams' => $role === Role::Technician ? [$plant->teamId] : [],
            ]));
        }
        app(SavePerson::class)($by, null, PersonInput::of([
            'login' => 'stranger',
            'name' => 'Stranger',
            'password' => 'password',
            'roles' => [$plant->otherSite->id => array_column(Role::cases(), 'value')],
        ]));
        $pumps = EquipmentClass::query()->create(['name' => 'centrifugal pump']);
        $plant->hall = app(SaveLocation::class)(
            $by,
            null,
            $plant->site->id,
            LocationInput::of(['tag' => 'HALL', 'name' => 'Hall']),
        );
        $yard = app(SaveLocation::class)(
            $by,
            null,
            $plant->otherSite->id,
            LocationInput::of(['tag' => 'YARD', 'name' => 'Yard']),
        );
        $plant->pump = $plant->asset('PMP-01', 'Feed pump 1', 'HALL');
        $plant->motor = $plant->asset('PMP-01-M', 'Motor of feed pump 1', 'PMP-01');
        $plant->foreign = app(SaveAsset::class)($by, null, $plant->otherSite->id, AssetFacts::of([
            'tag' => 'X-1',
            'name' => 'Elsewhere',
            'class_id' => $pumps->id,
            'stands' => $yard->tag,
        ]));
        $plant->method = app(SaveMethod::class)($by, null, MethodInput::of([
            'code' => 'M-1',
            'name' => 'Seal check',
            'order_type' => 'preventive',
            'priority' => 'routine',
            'steps' => [
                ['text' => 'Look', 'minutes' => 10],
                ['text' => 'Grease', 'minutes' => 20, 'safety' => 'Lock off'],
            ],
            'labour' => [['trade_id' => $trade->id, 'people' => 1, 'minutes' => 45]],
        ]));

        return $plant;
    }

    public function asset(string $tag, string $name, string $stands): Asset
    {
        return app(SaveAsset::class)(Actor::sundial(), null, $this->site->id, AssetFacts::of([
            'tag' => $tag,
            'name' => $name,
            'class_id' => EquipmentClass::query()->firstOrFail()->id,
            'stands' => $stands,
        ]));
    }

    /** @param  array<string, mixed>  $with */
    public function fields(array $with = []): array
    {
        return $with + [
            'name' => 'Seal check',
            'method_id' => $this->method->id,
            'team_id' => $this->teamId,
            'rule' => 'interval',
            'every' => 30,
            'unit' => 'days',
            'non_working' => 'keep',
            'late_share' => 50,
            'early_share' => 0,
            'lead' => 5,
            'lead_unit' => 'days',
            'approve_at_once' => true,
            'anchor_on' => '2026-03-20',
        ];
    }

    /** @param  array<string, mixed>  $with */
    public function schedule(array $with = [], ?Asset $asset = null): Schedule
    {
        return app(SaveSchedule::class)(
            Actor::sundial(),
            null,
            $asset ?? $this->pump,
            ScheduleInput::of($this->fields($with)),
        );
    }

    /** So many more that stand exactly as one does. */
    public function more(Schedule $one, int $many): void
    {
        $agreed = array_diff_key($one->refresh()->getAttributes(), ['id' => 0]);
        $stands = $one->standing->getAttributes();
        DB::table('schedules')->insert(array_fill(0, $many, $agreed));
        $new = DB::table('schedules')->where('id', '>', $one->id)->orderBy('id')->pluck('id');
        DB::table('schedule_standings')->insert(
            $new->map(static fn (int $id): array => ['schedule_id' => $id] + $stands)->all(),
        );
    }

    /** An hour meter on the pump with weekly readings up to a day, rising by so many hours a week. */
    public function meter(int $weeks = 6, int $hours = 84, string $last = '2026-03-17', array $with = []): Meter
    {
        $meter = app(SaveMeter::class)(
            Actor::sundial(),
            null,
            $this->pump,
            MeterInput::of($with + ['name' => 'Running hours', 'unit' => 'h', 'expected_per_year' => '4383']),
        );
        for ($week = 0; $week < $weeks; $week++) {
            $this->read(
                $meter,
                1000 + $hours * $week,
                (string) LocalDate::parse($last)->plusDays(-7 * ($weeks - 1 - $week)),
            );
        }

        return $meter->refresh();
    }

    public function read(
        Meter $meter,
        int|string $shown,
        string $day,
        string $turn = '',
        ?string $oldFinal = null,
    ): Reading {
        return app(TakeReading::class)(
            Actor::sundial(),
            $meter,
            (string) $shown,
            new DateTimeImmutable("{$day} 06:00:00", new DateTimeZone('UTC')),
            $turn,
            $oldFinal,
        )[0];
    }

    /** Releases what is due and returns the newest order. */
    public function release(): ?WorkOrder
    {
        app(ReleaseDueVisits::class)(Actor::sundial(), $this->site);

        return WorkOrder::query()->orderByDesc('number')->first();
    }

    public function started(): WorkOrder
    {
        $this->schedule();

        return app(StartWorkOrder::class)($this->person('technician')->actor(), $this->release());
    }

    /** An order that was raised by hand on the pump, planned from a title alone. */
    public function raised(array $with = []): WorkOrder
    {
        test()
            ->as('planner')
            ->post('/orders', $with + [
                'asset' => 'PMP-01',
                'title' => 'Change the shaft seal',
                'type' => 'corrective',
                'priority' => 'urgent',
                'due_on' => '2026-03-20',
            ])
            ->assertSessionHasNoErrors();

        return WorkOrder::query()->orderByDesc('id')->firstOrFail();
    }

    /** A seal at 48.20 in the money of the site. */
    public static function seal(): Part
    {
        return app(SavePart::class)(
            Actor::sundial(),
            null,
            PartInput::of(['number' => 'SEAL-35', 'name' => 'Seal kit', 'price' => '48.20', 'currency' => 'EUR']),
        );
    }

    public function actor(string $login): Actor
    {
        return $this->person($login)->actor();
    }

    public function person(string $login): User
    {
        return User::query()->where('login', $login)->firstOrFail();
    }

    /** A report of a fault on the pump, by somebody without an account. */
    public function report(string $what, HowSoon $soon = HowSoon::ThisShift): WorkRequest
    {
        $input = ReportInput::of($this->pump, null, $what, 'Bas, line A')->wanted($soon);

        return app(ReportFault::class)(Actor::guest('Bas, line A'), $input)[0];
    }

    /** The hall's pump stands from 20 to 22 March. */
    public function shutdown(array $with = []): Shutdown
    {
        test()
            ->as('planner')
            ->post('/shutdowns', $with + [
                'title' => 'Spring stop',
                'standing' => 'PMP-01',
                'from_at' => '2026-03-20T06:00',
                'to_at' => '2026-03-22T18:00',
            ])
            ->assertSessionHasNoErrors();

        return Shutdown::query()->orderByDesc('id')->firstOrFail();
    }

    /** Takes an order through some of its moves: approve, start, finish. */
    public function through(WorkOrder $order, string ...$moves): WorkOrder
    {
        $by = $this->person('supervisor')->actor();
        foreach ($moves as $move) {
            match ($move) {
                'approve' => app(ApproveWorkOrder::class)($by, $order),
                'start' => app(StartWorkOrder::class)($by, $order),
                default => app(FinishWorkOrder::class)($by, $order, app(Clock::class)->now()),
            };
        }

        return $order->refresh();
    }
}
