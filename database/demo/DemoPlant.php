<?php

declare(strict_types=1);

namespace Database\Demo;

use App\People\Actions\SavePerson;
use App\People\Actions\SaveSite;
use App\People\Actions\SaveSupplier;
use App\People\Actions\SaveTeam;
use App\People\Actions\SaveTrade;
use App\People\Actions\SetRate;
use App\People\Actions\SetRestDay;
use App\People\Inputs\PersonInput;
use App\People\Inputs\SiteInput;
use App\People\Inputs\SupplierInput;
use App\People\Models\Team;
use App\People\Models\Trade;
use App\People\Models\User;
use App\Planning\Actions\SaveMethod;
use App\Planning\Actions\SaveRound;
use App\Planning\Actions\SaveSchedule;
use App\Planning\Actions\SetStations;
use App\Planning\Inputs\MethodInput;
use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Method;
use App\Planning\Models\Round;
use App\Platform\Audit\Actor;
use App\Platform\Clock\SetClock;
use App\Platform\Import\ImportFile;
use App\Platform\Import\LoadImport;
use App\Platform\Sites\Site;
use App\Register\Actions\SaveMeter;
use App\Register\Actions\TakeReading;
use App\Register\Inputs\MeterInput;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Register\Models\Meter;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\HourlyRate;

/**
 * Builds Ollerfell Mill as it stood eighteen months ago: sites, people, register, methods and schedules, all through
 * the application's own actions.
 */
final readonly class DemoPlant
{
    /** Days of history: eighteen months. */
    private const DAYS = 548;

    /** Days since the first day from which most schedules count. */
    private const COUNTED = 365;

    /** Days that hold a whole number of most intervals in weeks. */
    private const HALF_YEAR = 168;

    public const PASSWORD = 'sundial';

    public function __construct(
        private SaveSite $saveSite,
        private SetRestDay $setRestDay,
        private SaveTrade $saveTrade,
        private SetRate $setRate,
        private SaveTeam $saveTeam,
        private SavePerson $savePerson,
        private SaveSupplier $saveSupplier,
        private ImportFile $keepFile,
        private LoadImport $loadFile,
        private SaveMethod $saveMethod,
        private SaveSchedule $saveSchedule,
        private SaveMeter $saveMeter,
        private TakeReading $read,
        private SaveRound $saveRound,
        private SetStations $setStations,
    ) {
    }

    /** @return LocalDate the first day of its history */
    public function build(SetClock $clock, DateTimeImmutable $now): LocalDate
    {
        $today = LocalDate::parse($now->format('Y-m-d'));
        $start = $today->plusDays(-self::DAYS);
        $clock->set("{$start} 06:00:00");
        $sites = $this->sites($start);
        $this->people($sites);
        foreach (['OM', 'LW'] as $code) {
            $planner = User::query()->where('login', 'planner')->sole()->actor();
            ($this->loadFile)(
                $planner,
                ($this->keepFile)(
                    $planner,
                    'register',
                    $sites[$code]->id,
                    $this->read("register-{$code}.csv"),
                    "register-{$code}.csv",
                )->id,
            );
        }
        $this->parts($planner, $sites['OM']->id);
        foreach ($this->json('people.json')['people'] as $person) {
            foreach ($person['places'] ?? [] as $tag) {
                DB::table('location_operators')->insert([
                    'location_id' => Location::query()->where('tag', $tag)->sole()->id,
                    'user_id' => User::query()->where('login', $person['login'])->sole()->id,
                ]);
            }
        }
        $planner = User::query()->where('login', 'planner')->sole()->actor();
        $this->methods($planner);
        $this->meters($planner, $sites, $clock);
        $this->rounds($planner, $sites);
        $this->schedules($planner, $sites, $today->plusDays(-self::COUNTED));

        return $start;
    }

    /** @return array<string, Site> */
    private function sites(LocalDate $start): array
    {
        $sites = [];
        foreach (['OM' => 'Ollerfell Mill', 'LW' => 'Low Weir Dyehouse'] as $code => $name) {
            $sites[$code] = ($this->saveSite)(Actor::sundial(), null, SiteInput::of([
                'code' => $code,
                'name' => $name,
                'timezone' => 'Europe/London',
                'currency' => 'GBP',
                'rest_weekdays' => '6,7',
                'release_hour' => 4,
            ]));
            foreach ([$start->year, $start->year + 1, $start->year + 2] as $year) {
                foreach (
                    ['01-01' => 'New Year', '12-25' => 'Christmas', '12-26' => 'Christmas'] as $day => $holiday
                ) {
                    ($this->setRestDay)(
                        Actor::sundial(),
                        $sites[$code],
                        LocalDate::parse("{$year}-{$day}"),
                        $holiday,
                    );
                }
            }
        }

        return $sites;
    }

    /** @param  array<string, Site>  $sites */
    private function people(array $sites): void
    {
        $given = $this->json('people.json');
        $trades = [];
        foreach ($given['trades'] as $name => $cents) {
            $trades[$name] = ($this->saveTrade)(Actor::sundial(), null, $name);
            ($this->setRate)(Actor::sundial(), $trades[$name], LocalDate::of(2020, 1, 1), HourlyRate::ofCents($cents));
        }
        $teams = [];
        foreach ($given['teams'] as $name => $site) {
            $teams[$name] = ($this->saveTeam)(Actor::sundial(), null, $sites[$site]->id, $name)->id;
        }
        foreach ($given['people'] as $person) {
            $user = ($this->savePerson)(Actor::sundial(), null, PersonInput::of([
                'login' => $person['login'],
                'name' => $person['name'],
                'password' => self::PASSWORD,
                'roles' => array_fill_keys(
                    array_map(static fn (string $code): int => $sites[$code]->id, $person['sites']),
                    $person['roles'],
                ),
                'plant_admin' => $person['login'] === 'admin',
                'week_minutes' => $person['week'] ?? 2250,
                'trade_id' => isset($person['trade']) ? $trades[$person['trade']]->id : null,
                'teams' => array_map(static fn (string $name): int => $teams[$name], $person['teams'] ?? []),
            ]));
            if (isset($person['rate'])) {
                $hourly = HourlyRate::ofCents($person['rate']);
                ($this->setRate)(Actor::sundial(), $user, LocalDate::of(2020, 1, 1), $hourly);
            }
        }
    }

    private function methods(Actor $planner): void
    {
        $classes = DB::table('equipment_classes')->pluck('id', 'name');
        foreach ($this->json('methods.json') as $method) {
            $saved = null;
            foreach ([...$method['before'] ?? [], []] as $revision) {
                $saved = ($this->saveMethod)(
                    $planner,
                    $saved?->refresh(),
                    MethodInput::of(self::method($revision + $method, (int) $classes[$method['cls']])),
                    $saved?->version,
                );
            }
        }
    }

    /** @param  array<string, mixed>  $given
     * @return array<string, mixed> the fields of the form of a method */
    public static function method(array $given, int $classId): array
    {
        return [
            'code' => $given['code'],
            'name' => $given['name'],
            'class_id' => $classId,
            'order_type' => $given['type'] ?? 'preventive',
            'priority' => $given['priority'] ?? 'routine',
            'ladder' => $given['ladder'] ?? null,
            'why' => $given['why'] ?? null,
            'steps' => $given['steps'],
            'tools' => implode("\n", $given['tools'] ?? []),
            'precautions' => implode("\n", $given['precautions'] ?? []),
            'parts' => implode("\n", $given['parts'] ?? []),
            'services' => implode("\n", $given['services'] ?? []),
            'labour' => array_map(
                static fn (array $line): array => [
                    'trade_id' => Trade::query()->where('name', $line[0])->sole()->id,
                    'people' => $line[1],
                    'minutes' => $line[2],
                    'level' => $line[3] ?? 1,
                ],
                $given['labour'],
            ),
        ];
    }

    /** @param  array<string, Site>  $sites */
    private function rounds(Actor $planner, array $sites): void
    {
        foreach ($this->json('rounds.json') as $given) {
            $site = $sites[$given['site']];
            $round = ($this->saveRound)($planner, null, $site->id, $given['name']);
            ($this->setStations)(
                $planner,
                $round,
                static fn (): array => array_map(
                    static fn (array $station): array => [
                        'asset_id' => Asset::query()->where('site_id', $site->id)->where('tag', $station[0])->sole()
                            ->id,
                        'every' => $station[1],
                    ],
                    $given['stations'],
                ),
            );
        }
    }

    /** @param  array<string, Site>  $sites */
    private function meters(Actor $planner, array $sites, SetClock $clock): void
    {
        foreach ($this->json('meters.json') as $given) {
            $asset = Asset::query()
                ->where('site_id', $sites[$given['site']]->id)
                ->where('tag', $given['tag'])
                ->sole();
            $meter = ($this->saveMeter)($planner, null, $asset, MeterInput::of([
                'name' => $given['name'],
                'unit' => $given['unit'],
                'decimals' => $given['decimals'] ?? 0,
                'expected_per_year' => (string) $given['year'],
                'rolls_over_at' => isset($given['rolls']) ? (string) $given['rolls'] : null,
            ]));
            ($this->read)($planner, $meter, (string) $given['first'], $clock->now());
        }
    }

    /** @param  array<string, Site>  $sites */
    private function schedules(Actor $planner, array $sites, LocalDate $start): void
    {
        foreach ($this->json('schedules.json') as $given) {
            // Those by a gauge are made when it is.
            if (isset($given['gauge'])) {
                continue;
            }
            $round = isset($given['round'])
                ? Round::query()
                    ->where('site_id', $sites[$given['site']]->id)
                    ->where('name', $given['round'])
                    ->sole()
                : null;
            $asset =
                $round !== null
                    ? Asset::query()->findOrFail($round->stations()->firstOrFail()->asset_id)
                    : Asset::query()
                        ->where('site_id', $sites[$given['site']]->id)
                        ->where('tag', $given['tag'])
                        ->sole();
            $method = Method::query()->where('code', $given['method'])->sole();
            ($this->saveSchedule)(
                $planner,
                null,
                $asset,
                ScheduleInput::of(self::fields($given, $method, $start->plusDays(-self::earlier($given))) +
                    self::usage($given, $asset) + [
                        'round_id' => $round?->id,
                        'team_id' => Team::query()->where('name', $given['team'])->sole()->id,
                    ]),
            );
        }
    }

    /** @param  array<string, mixed>  $given
     * @return array<string, mixed> the fields of the schedule form */
    public static function fields(array $given, Method $method, LocalDate $start): array
    {
        return [
            'name' => $given['name'] ?? ($given['round'] ?? $method->name),
            'months' => $given['months'] ?? [],
            'method_id' => $method->id,
            'rule' => $given['rule'],
            'every' => $given['every'],
            'unit' => $given['unit'],
            'weekdays' => $given['weekdays'] ?? [],
            'nth' => $given['nth'] ?? null,
            'nth_weekday' => $given['weekdays'] ?? [],
            'non_working' => $given['move'] ?? 'keep',
            'late_share' => $given['late'],
            'early_share' => $given['early'],
            'lead' => $given['lead'],
            'lead_unit' => 'days',
            'approve_at_once' => $given['approve'] ?? true,
            'anchor_on' => (string) $start->plusDays($given['first']),
        ];
    }

    /**
     * What comes back seldom was begun half a year before the rest, by whole intervals.
     *
     * @param  array<string, mixed>  $given
     */
    private static function earlier(array $given): int
    {
        return $given['rule'] === 'interval' && $given['unit'] === 'weeks' && $given['every'] >= 6 &&
            self::HALF_YEAR % (7 * $given['every']) === 0 && ! isset($given['usage'])
            ? self::HALF_YEAR
            : 0;
    }

    /** @param  array<string, mixed>  $given
     * @return array<string, string|int> the part of a usage trigger; how much had been used since the work was
     *     last done
     */
    private static function usage(array $given, Asset $asset): array
    {
        if (! isset($given['usage'])) {
            return [];
        }
        [$name, $every, $since] = $given['usage'];
        $meter = Meter::query()->where('asset_id', $asset->id)->where('name', $name)->sole();

        return ['meter_id' => $meter->id, 'usage_every' => (string) $every] +
            ($since === null ? [] : ['usage_last' => (string) max(0, (int) $meter->last_shown - $since)]);
    }

    /** @return list<array<string, mixed>> the schedules that a gauge of an asset makes due */
    public static function byGauge(string $tag, string $gauge): array
    {
        $all = json_decode((string) file_get_contents(__DIR__.'/schedules.json'), true, 16, JSON_THROW_ON_ERROR);

        return array_values(
            array_filter(
                $all,
                static fn (array $given): bool => $given['tag'] === $tag && ($given['gauge'][0] ?? '') === $gauge,
            ),
        );
    }

    /** The catalogue of parts, and those from whom they come. */
    private function parts(Actor $planner, int $siteId): void
    {
        foreach ($this->json('facts.json')['suppliers'] as $supplier) {
            ($this->saveSupplier)($planner, null, SupplierInput::of($supplier));
        }
        ($this->loadFile)(
            $planner,
            ($this->keepFile)($planner, 'catalogue', $siteId, $this->read('parts.csv'), 'parts.csv')->id,
        );
    }

    /** @return array<mixed> */
    public static function meterPlans(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/meters.json'), true, 16, JSON_THROW_ON_ERROR);
    }

    /** @return array<mixed> */
    private function json(string $file): array
    {
        return json_decode($this->read($file), true, 32, JSON_THROW_ON_ERROR);
    }

    private function read(string $file): string
    {
        return (string) file_get_contents(__DIR__."/{$file}");
    }
}
