<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Register\Models\EquipmentClass;
use App\Register\Queries\RegisterCheck;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Register\RegisterFile;

/** Loads a register file: all of it, or, when a single row is bad, nothing. */
final readonly class ImportRegister
{
    public function __construct(private Audit $audit, private RegisterCheck $check, private SaveLocation $saveLocation, private SaveAsset $saveAsset)
    {
    }

    /** @return int how many locations and assets were loaded */
    public function __invoke(Actor $by, int $siteId, string $content, string $fileName): int
    {
        return DB::transaction(function () use ($by, $siteId, $content, $fileName): int {
            DB::table('sites')->where('id', $siteId)->lockForUpdate()->first();
            $file = ($this->check)($siteId, $content);
            if ($file->problems !== []) {
                throw ValidationException::withMessages(['file' => 'Nothing was loaded: the file has '.count($file->problems).' problems. See them in the check.']);
            }
            foreach ($file->ofKind('location') as $row) {
                ($this->saveLocation)($by, null, $siteId, ['tag' => $row['tag'], 'name' => $row['name'], 'stands' => $row['parent']]);
            }
            $classes = $this->classes($file);
            foreach ($file->ofKind('asset') as $row) {
                ($this->saveAsset)($by, null, $siteId, [
                    'tag' => $row['tag'], 'name' => $row['name'], 'class_id' => $classes[mb_strtolower($row['class'])], 'stands' => $row['parent'] !== '' ? $row['parent'] : $row['place'],
                    'make' => $row['make'] ?: null, 'model' => $row['model'] ?: null, 'serial' => $row['serial'] ?: null,
                    'criticality' => $row['criticality'] ?: 'C', 'life_state' => $row['life_state'] ?: 'in service', 'in_service_on' => $row['in_service_on'] ?: null,
                ]);
            }
            $this->audit->record($by, Subject::of('site', $siteId, $siteId), 'loaded '.count($file->rows)." rows from {$fileName}");

            return count($file->rows);
        });
    }

    /** @return array<string, int> class ids by name in lower case; those not known yet are made */
    private function classes(RegisterFile $file): array
    {
        $classes = [];
        foreach (EquipmentClass::query()->get() as $class) {
            $classes[mb_strtolower($class->name)] = $class->id;
        }
        foreach ($file->ofKind('asset') as $row) {
            $classes[mb_strtolower($row['class'])] ??= EquipmentClass::query()->create(['name' => $row['class']])->id;
        }

        return $classes;
    }
}
