<?php

declare(strict_types=1);

namespace App\Register\Imports;

use App\People\Models\CostCentre;
use App\People\Models\Supplier;
use App\People\Models\Team;
use App\Platform\Audit\Actor;
use App\Platform\Import\ImportKind;
use App\Platform\Import\Trace;
use App\Register\Actions\ImportRegister;
use App\Register\Actions\TakeRegisterBack;
use App\Register\Models\EquipmentClass;
use App\Register\Queries\RegisterStanding;
use Sundial\Access\Right;
use Sundial\Import\Plan;
use Sundial\Import\Sheet;
use Sundial\Register\RegisterFile;

/** Locations and assets in and out. */
final readonly class RegisterImport implements ImportKind
{
    public function __construct(
        private RegisterStanding $standing,
        private ImportRegister $load,
        private TakeRegisterBack $takeBack,
    ) {
    }

    public function key(): string
    {
        return 'register';
    }

    public function title(): string
    {
        return 'Locations and assets';
    }

    public function about(): string
    {
        return 'A row is a location or an asset, known again by its tag. Extra fields are columns like the others. '.
            'Rows may stand in any order; classes that are not known yet are made.'.self::CHANGES;
    }

    public function right(): Right
    {
        return Right::WriteRegister;
    }

    public function href(): string
    {
        return '/assets';
    }

    public function columns(int $siteId): array
    {
        return RegisterFile::columns(
            array_values(Team::query()->where('site_id', $siteId)->orderBy('name')->pluck('name')->all()),
            array_values(Supplier::query()->orderBy('name')->pluck('name')->all()),
            array_values(CostCentre::query()->orderBy('code')->pluck('code')->all()),
            $this->standing->rules(),
        );
    }

    public function examples(): array
    {
        return [
            ['kind' => 'location', 'tag' => 'HALL-1', 'name' => 'Hall 1'],
            [
                'kind' => 'asset',
                'tag' => 'FP-1',
                'name' => 'Feed pump 1',
                'class' => 'centrifugal pump',
                'place' => 'HALL-1',
                'make' => 'Brookside',
                'model' => 'BC-40',
                'serial' => '1187',
                'criticality' => 'B',
                'life_state' => 'in service',
                'in_service_on' => '2021-04-12',
                'purchase_price' => '5400.00',
            ],
            [
                'kind' => 'asset',
                'tag' => 'FP-1-M',
                'name' => 'Motor of feed pump 1',
                'class' => 'electric motor',
                'parent' => 'FP-1',
                'criticality' => 'C',
            ],
        ];
    }

    public function plan(int $siteId, Sheet $sheet): Plan
    {
        $fields = array_map(
            static fn ($field): array => ['class' => $field->class?->name, 'needed' => $field->required],
            $this->standing->fields(),
        );

        return RegisterFile::plan(
            $sheet,
            ($this->standing)($siteId),
            $fields,
            array_values(EquipmentClass::query()->pluck('name')->all()),
        );
    }

    public function isTried(): bool
    {
        return false;
    }

    public function load(Actor $by, int $siteId, Plan $plan, Trace $trace): void
    {
        ($this->load)($by, $siteId, $plan, $trace);
    }

    public function takeBack(Actor $by, int $siteId, array $did): void
    {
        ($this->takeBack)($by, $siteId, $did);
    }

    public function standing(int $siteId): iterable
    {
        foreach (($this->standing)($siteId) as $row) {
            yield ['kind' => $row['kind'], 'tag' => $row['tag']] + $row['cells'];
        }
    }
}
