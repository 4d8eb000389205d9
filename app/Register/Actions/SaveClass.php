<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use App\Register\Models\EquipmentClass;
use Illuminate\Support\Facades\DB;

/** Adds an equipment class, or changes its name or level. */
final readonly class SaveClass
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(
        Actor $by,
        ?EquipmentClass $class,
        string $name,
        int $level = 6,
        ?int $version = null,
    ): EquipmentClass {
        return DB::transaction(function () use ($by, $class, $name, $level, $version): EquipmentClass {
            $isNew = $class === null;
            $class = $isNew ? new EquipmentClass() : Versioned::lock($class, $version);
            $before = $isNew ? [] : $class->only(['name', 'level']);
            $class->fill(['name' => $name, 'level' => $level]);
            if (! Versioned::save($class)) {
                return $class;
            }
            $this->audit->record(
                $by,
                Subject::of('class', $class->id),
                $isNew ? "added class {$name}" : "changed class {$name}",
                $isNew ? [] : Audit::difference($before, $class->only(['name', 'level'])),
            );

            return $class;
        });
    }
}
