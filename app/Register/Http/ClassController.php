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
        $once->run($class === null ? $request->input('once') : null, function () use (
            $save,
            $request,
            $class,
            $given,
        ): string {
            $save(
                $request->user()->actor(),
                $class,
                $given['name'],
                (int) ($given['level'] ?? ($class->level ?? 6)),
                $class === null ? null : $request->integer('version'),
            );

            return '/setup/classes';
        });

        return redirect('/setup/classes')->with('said', "Class {$given['name']} is saved.");
    }
}
