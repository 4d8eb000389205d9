<?php

declare(strict_types=1);

namespace Database\Demo;

use App\People\Actions\SaveCostCentre;
use App\People\Models\Team;
use App\People\Models\User;
use App\Planning\Actions\SaveSchedule;
use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Method;
use App\Platform\Audit\Actor;
use App\Platform\Clock\SetClock;
use App\Platform\Documents\Attach;
use App\Platform\Documents\ChangeDocument;
use App\Platform\Lists\KeepFilter;
use App\Platform\Subject;
use App\Platform\Writing\Seen;
use App\Register\Actions\SaveAsset;
use App\Register\Actions\SaveExpiry;
use App\Register\Actions\SaveField;
use App\Register\Actions\SaveMeter;
use App\Register\Actions\SaveUnit;
use App\Register\Actions\SetLifeStateMeanings;
use App\Register\Actions\TakeReading;
use App\Register\Actions\TieAssets;
use App\Register\Inputs\AssetFacts;
use App\Register\Inputs\ExpiryInput;
use App\Register\Inputs\FieldInput;
use App\Register\Inputs\MeterInput;
use App\Register\Models\Asset;
use App\Register\Models\Field;
use App\Stops\Actions\ReportDown;
use App\Stops\Actions\ReportRunning;
use App\Stops\Inputs\StopSaid;
use App\Stores\Actions\SetFit;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;

/**
 * Fills the register of Ollerfell Mill: who it came from, what it is worth, extra fields, parts, photos, documents,
 * what runs out, and the last stops.
 */
final readonly class DemoRegister
{
    public function __construct(
        private SaveCostCentre $saveCentre,
        private SaveUnit $saveUnit,
        private SetLifeStateMeanings $sayLife,
        private SaveField $saveField,
        private SaveAsset $saveAsset,
        private SetFit $listPart,
        private SaveExpiry $saveExpiry,
        private Attach $attach,
        private ChangeDocument $change,
        private DemoLines $lines,
        private ReportDown $down,
        private ReportRunning $running,
        private KeepFilter $keepFilter,
        private SaveMeter $saveMeter,
        private TakeReading $read,
        private SaveSchedule $saveSchedule,
        private TieAssets $stopTogether,
    ) {
    }

    public function fill(SetClock $clock, DateTimeImmutable $now): void
    {
        $given = json_decode((string) file_get_contents(__DIR__.'/facts.json'), true, 512, JSON_THROW_ON_ERROR);
        $planner = User::query()->where('login', 'planner')->sole()->actor();
        $clock->set($now->modify('-30 days')->format('Y-m-d').' 09:00:00');
        $this->lists($planner, $given);
        $this->assets($planner, $given, LocalDate::parse($now->format('Y-m-d')));
        $this->expiry($planner, $given, LocalDate::parse($now->format('Y-m-d')));
        $this->photos($planner, $given['photos']);
        $this->gauges($planner, $given['gauges'], $clock, $now);
        foreach ([['STN-01', 'RSE-01'], ['DV-01', 'DV-02']] as [$one, $other]) {
            ($this->stopTogether)(
                $planner,
                Asset::query()->where('tag', $one)->sole(),
                Asset::query()->where('tag', $other)->sole(),
            );
        }
        $this->stops($given, $clock, $now);
        ($this->keepFilter)(
            User::query()->where('login', 'planner')->sole()->id,
            DB::table('sites')->where('code', 'OM')->value('id'),
            'assets',
            'Critical looms',
            [
                'class' => (string) DB::table('equipment_classes')->where('name', 'loom')->value('id'),
                'criticality' => 'B',
            ],
            true,
        );
        $clock->set($now->format('Y-m-d H:i:s'));
    }

    /** @param  array<string, mixed>  $given */
    private function lists(Actor $by, array $given): void
    {
        foreach ($given['centres'] as $code => $name) {
            ($this->saveCentre)($by, null, $code, $name);
        }
        foreach ($given['units'] as $symbol => $name) {
            ($this->saveUnit)($by, null, $symbol, $name);
        }
        ($this->sayLife)($by, $given['life'], Seen::unasked());
        foreach ($given['fields'] as $field) {
            ($this->saveField)(
                $by,
                null,
                FieldInput::of($field + [
                    'class_id' => isset($field['class'])
                        ? (int) DB::table('equipment_classes')->where('name', $field['class'])->value('id')
                        : null,
                ]),
            );
        }
        DB::table('equipment_classes')
            ->whereIn('name', ['fire damper'])
            ->update(['level' => 8]);
    }

    /** @param  array<string, mixed>  $given */
    private function assets(Actor $by, array $given, LocalDate $today): void
    {
        $suppliers = DB::table('suppliers')->pluck('id', 'name');
        $centres = DB::table('cost_centres')->pluck('id', 'code');
        $fields = Field::query()->pluck('id', 'name');
        foreach (Asset::query()->with('class')->orderBy('id')->get() as $i => $asset) {
            $of = $given['classes'][$asset->class->name];
            $bought =
                $asset->in_service_on === null
                    ? null
                    : (string) LocalDate::parse($asset->in_service_on)->plusDays(-45);
            $extra = array_filter(
                [
                    $fields['Motor power'] => $of['power'] ?? '',
                    $fields['Lubricant'] => $of['lubricant'],
                    $fields['Guarding checked'] => $i % 3 === 0 ? (string) $today->plusDays(-20 - 7 * ($i % 30)) : '',
                    $fields['Remote stop fitted'] => $i % 4 === 0 ? 'yes' : ($i % 4 === 1 ? 'no' : ''),
                    $fields['Insured value'] => $asset->criticality === 'A' ? (string) intdiv($of['worth'], 100) : '',
                    $fields['Working pressure'] => $asset->class->name === 'steam boiler' ? '10.5' : '',
                    $fields['Works number'] => $asset->class->name === 'loom' ? sprintf('W/%03d', 200 + $i) : '',
                    $fields["Maker's page"] => $asset->class->name === 'loom' && $i % 2 === 0
                        ? 'https://corrielund.example/looms'
                        : '',
                ],
                static fn (string $value): bool => $value !== '',
            );
            ($this->saveAsset)(
                $by,
                $asset,
                $asset->site_id,
                AssetFacts::part([
                    'supplier_id' => $suppliers[$of['supplier']],
                    'cost_centre_id' => $centres[$of['centre']],
                    'replacement_cents' => $of['worth'],
                    'purchase_cents' => $of['price'] ?? null,
                    'purchased_on' => $bought,
                    'warranty_until' => $i % 19 === 4 ? (string) $today->plusDays(25 + 11 * $i) : null,
                    'extra' => $extra,
                ]),
            );
            foreach ($i % 2 === 0 ? $of['parts'] ?? [] : [] as [$number, $name, $quantity]) {
                ($this->listPart)($by, $asset, $number, $name, $quantity);
            }
        }
    }

    /** @param  array<string, mixed>  $given */
    private function expiry(Actor $by, array $given, LocalDate $today): void
    {
        foreach ($given['expiry'] as $one) {
            $subject = isset($one['tag'])
                ? Asset::query()->where('tag', $one['tag'])->sole()->subject()
                : Subject::of('person', User::query()->where('login', $one['person'])->sole()->id);
            ($this->saveExpiry)($by, $subject, null, ExpiryInput::of([
                'what' => $one['what'],
                'until' => (string) $today->plusDays($one['in']),
                'warn_days' => $one['warn'],
                'note' => $one['note'] ?? null,
            ]));
        }
        $one = $given['renewed'];
        $subject = Asset::query()->where('tag', $one['tag'])->sole()->subject();
        $old = ($this->saveExpiry)($by, $subject, null, ExpiryInput::of([
            'what' => $one['what'],
            'until' => (string) $today->plusDays($one['was']),
            'warn_days' => $one['warn'],
        ]));
        ($this->saveExpiry)($by, $subject, $old, ExpiryInput::of([
            'until' => (string) $today->plusDays($one['in']),
            'warn_days' => $one['warn'],
            'renew' => true,
        ]));
    }

    /** @param  list<string>  $tags */
    private function photos(Actor $by, array $tags): void
    {
        foreach ($tags as $tag) {
            $asset = Asset::query()->with('class')->where('tag', $tag)->orderBy('site_id')->first();
            if ($asset === null) {
                continue;
            }
            $file = DemoPicture::of($asset->class->name, $tag);
            [$photo] = ($this->attach)($by, $asset->subject(), $file, mb_strtolower($tag).'.jpg');
            unlink($file);
            if ($tag === 'PMP-01') {
                ($this->change)($by, $photo, [
                    'marks' => [
                        ['tool' => 'ring', 'points' => [[575, 420], [745, 700]], 'text' => ''],
                        ['tool' => 'arrow', 'points' => [[830, 250], [715, 440]], 'text' => ''],
                        ['tool' => 'text', 'points' => [[760, 220]], 'text' => 'seal weeps here'],
                    ],
                ]);
            }
        }
        $boiler = Asset::query()->where('tag', 'BLR-01')->sole();
        $paper = tempnam(sys_get_temp_dir(), 'sundial');
        file_put_contents(
            (string) $paper,
            "Steam boiler 1, Ollerfell Mill\n\nWiring of the burner control, sheet 1 of 1\n\nL1  -> Q1 -> K1 -> ".
                "burner motor\nL2  -> F2 -> low-water limiter -> K1\nL3  -> F3 -> gas valves Y1, Y2\n\nPE  to the ".
                "frame at X0.\n",
        );
        [$diagram] = ($this->attach)($by, $boiler->subject(), (string) $paper, 'burner-wiring.txt');
        unlink((string) $paper);
        ($this->saveAsset)(
            $by,
            $boiler,
            $boiler->site_id,
            AssetFacts::part([
                'extra' => [
                    (int) Field::query()->where('name', 'Wiring diagram')->value('id') => (string) $diagram->id,
                ],
            ]),
        );
    }

    /** @param  list<array<string, mixed>>  $gauges */
    private function gauges(Actor $by, array $gauges, SetClock $clock, DateTimeImmutable $now): void
    {
        mt_srand(7);
        foreach ($gauges as $given) {
            $asset = Asset::query()->where('tag', $given['tag'])->orderBy('site_id')->first();
            if ($asset === null) {
                continue;
            }
            $clock->set($now->modify('-75 days')->format('Y-m-d').' 06:00:00');
            $gauge = ($this->saveMeter)($by, null, $asset, MeterInput::of([
                'kind' => 'gauge',
                'name' => $given['name'],
                'unit' => $given['unit'],
                'decimals' => $given['decimals'],
                'low_limit' => $given['low'] ?? null,
                'high_limit' => $given['high'] ?? null,
                'hysteresis' => $given['hysteresis'],
            ]));
            foreach (DemoPlant::byGauge($given['tag'], $given['name']) as $planned) {
                [, $beyond, $limit, $readings, $inside] = $planned['gauge'];
                ($this->saveSchedule)(
                    $by,
                    null,
                    $asset,
                    ScheduleInput::of([
                        'gauge_id' => $gauge->id,
                        'condition_beyond' => $beyond,
                        'condition_limit' => $limit,
                        'condition_readings' => $readings,
                        'condition_hysteresis' => $inside,
                        'team_id' => Team::query()->where('name', $planned['team'])->sole()->id,
                    ] +
                        DemoPlant::fields(
                            $planned,
                            Method::query()->where('code', $planned['method'])->sole(),
                            LocalDate::parse($clock->now()->format('Y-m-d')),
                        )),
                );
            }
            for ($day = 72; $day >= 0; $day -= 4) {
                $at = min($now->modify("-{$day} days")->setTime(7, 20), $now);
                $clock->set($at->format('Y-m-d H:i:s'));
                $shown =
                    $given['last'][count($given['last']) - 1 - intdiv($day, 4)] ??
                    $given['around'] + mt_rand(-$given['spread'], $given['spread']);
                ($this->read)(
                    User::query()->where('login', 'smoor')->sole()->actor(),
                    $gauge,
                    Quantity::plain($shown),
                    $at,
                    source: 'round',
                );
            }
        }
    }

    /** @param  array<string, mixed>  $given */
    private function stops(array $given, SetClock $clock, DateTimeImmutable $now): void
    {
        $operator = User::query()->where('login', 'operator')->sole()->actor();
        $told = array_map(static function (array $one) use ($now): array {
            [$tag, $days, $minutes, $lasted, $reason] = $one;
            $from = $now->modify("-{$days} days -{$minutes} minutes");

            return [$tag, $from, $from->modify("+{$lasted} minutes"), $reason];
        }, $given['stops']);
        $free = array_filter(
            $this->lines->stood(LocalDate::parse($now->format('Y-m-d')), $now),
            static fn (array $one): bool => array_filter(
                $told,
                static fn (array $other): bool => $other[0] === $one[0] && $other[1] < $one[2] && $one[1] < $other[2],
            ) === [],
        );
        $all = [...$told, ...$free];
        usort($all, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
        $ended = [];
        foreach ($all as [$tag, $from, $to, $reason]) {
            // What stands already does not stop once more.
            if (($ended[$tag] ?? $from) > $from) {
                continue;
            }
            $ended[$tag] = $to;
            $asset = Asset::query()->where('tag', $tag)->sole();
            $clock->set($from->format('Y-m-d H:i:s'));
            ($this->down)($operator, $asset, $from, StopSaid::because($reason));
            $clock->set($to->format('Y-m-d H:i:s'));
            ($this->running)($operator, $asset, $to);
        }
        [$tag, $minutes, $reason] = $given['down'];
        $clock->set($now->modify("-{$minutes} minutes")->format('Y-m-d H:i:s'));
        ($this->down)($operator, Asset::query()->where('tag', $tag)->sole(), $clock->now(), StopSaid::because($reason));
    }
}
