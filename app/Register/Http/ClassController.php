<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Frame\Page;
use App\Platform\Writing\FirstAnswer;
use App\Register\Actions\SaveClass;
use App\Register\Models\EquipmentClass;
use App\Register\Queries\RegisterLists;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

final class ClassController
{
    public function __construct(private readonly RegisterLists $register)
    {
    }

    public function index(): Page
    {
        return Page::in('setup', 'Equipment classes')
            ->index('frame.setup-index', ['current' => 'classes'])
            ->sheet('register.classes', [
                'levels' => EquipmentClass::LEVELS,
                'classes' => $this->register->classes(),
                'counts' => $this->register->assetsByClass(),
            ]);
    }

    public function save(
        Request $request,
        SaveClass $save,
        FirstAnswer $once,
        ?EquipmentClass $class = null,
    ): RedirectResponse {
        $given = $request->validate(
            [
                'level' => ['nullable', 'integer', Rule::in(array_keys(EquipmentClass::LEVELS))],
                'name' => ['required', 'string', 'max:60', Rule::unique('equipment_classes')->ignore($class?->id)],
            ],
            ['name.unique' => 'There is a class of that name already.'],
        );
        $by = $request->user()->actor();
        $level = (int) ($given['level'] ?? ($class->level ?? 6));
        $version = $class === null ? null : $request->integer('version');

        return $once->redirect(static function () use ($save, $by, $class, $given, $level, $version): array {
            $save($by, $class, $given['name'], $level, $version);

            return ['/setup/classes', "Class {$given['name']} is saved."];
        });
    }
}
