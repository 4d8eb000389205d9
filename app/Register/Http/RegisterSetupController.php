<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Frame\Page;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Seen;
use App\Register\Actions\SaveUnit;
use App\Register\Actions\SetLifeStateMeanings;
use App\Register\Models\Unit;
use App\Register\Queries\RegisterLists;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Register\LifeState;

final class RegisterSetupController
{
    public function __construct(private readonly RegisterLists $register)
    {
    }

    public function units(): Page
    {
        return Page::in('setup', 'Units')
            ->index('frame.setup-index', ['current' => 'units'])
            ->sheet('people.coded', [
                'title' => 'Units',
                'lead' => 'Offered wherever a meter or a field takes a unit. Others can still be typed.',
                'base' => '/setup/units',
                'one' => 'unit',
                'code' => 'symbol',
                'most' => 12,
                'rows' => $this->register->units()->map(static fn (Unit $one): object => (object) [
                    'id' => $one->id,
                    'code' => $one->symbol,
                    'name' => $one->name,
                    'version' => $one->version,
                ]),
            ]);
    }

    public function saveUnit(Request $request, SaveUnit $save, FirstAnswer $once, ?Unit $unit = null): RedirectResponse
    {
        $given = $request->validate(
            [
                'code' => ['required', 'string', 'max:12', Rule::unique('units', 'symbol')->ignore($unit?->id)],
                'name' => ['required', 'string', 'max:60'],
            ],
            ['code.unique' => 'There is a unit of that symbol already.'],
            ['code' => 'symbol'],
        );
        $by = $request->user()->actor();
        $version = $unit === null ? null : $request->integer('version');

        return $once->redirect(static function () use ($save, $by, $unit, $given, $version): array {
            $save($by, $unit, $given['code'], $given['name'], $version);

            return ['/setup/units', "Unit {$given['code']} is saved."];
        });
    }

    public function lifeStates(): Page
    {
        $meanings = $this->register->meanings();

        return Page::in('setup', 'Life states')
            ->index('frame.setup-index', ['current' => 'life-states'])
            ->sheet('register.life-states', [
                'states' => LifeState::cases(),
                'meanings' => $meanings,
                'seen' => Seen::mark($meanings),
            ]);
    }

    public function saveLifeStates(Request $request, SetLifeStateMeanings $say): RedirectResponse
    {
        $given = $request->validate(['meaning' => ['array'], 'meaning.*' => ['nullable', 'string', 'max:250']]);
        $say($request->user()->actor(), $given['meaning'] ?? [], Seen::in($request));

        return redirect('/setup/life-states')->with('said', 'The meanings are saved.');
    }
}
