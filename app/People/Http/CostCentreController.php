<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\SaveCostCentre;
use App\People\Models\CostCentre;
use App\People\Queries\PeopleLists;
use App\Platform\Frame\Page;
use App\Platform\Writing\FirstAnswer;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

final class CostCentreController
{
    public function __construct(private readonly PeopleLists $people)
    {
    }

    public function index(): Page
    {
        return Page::in('setup', 'Cost centres')
            ->index('frame.setup-index', ['current' => 'cost-centres'])
            ->sheet('people.coded', [
                'title' => 'Cost centres',
                'lead' => 'Where the books put the costs of an asset and its orders.',
                'base' => '/setup/cost-centres',
                'one' => 'cost centre',
                'code' => 'code',
                'most' => 20,
                'rows' => $this->people->costCentres(),
            ]);
    }

    public function save(
        Request $request,
        SaveCostCentre $save,
        FirstAnswer $once,
        ?CostCentre $centre = null,
    ): RedirectResponse {
        $given = $request->validate(
            [
                'code' => ['required', 'string', 'max:20', Rule::unique('cost_centres')->ignore($centre?->id)],
                'name' => ['required', 'string', 'max:80'],
            ],
            ['code.unique' => 'There is a cost centre of that code already.'],
        );
        $by = $request->user()->actor();
        $version = $centre === null ? null : $request->integer('version');

        return $once->redirect(static function () use ($save, $by, $centre, $given, $version): array {
            $save($by, $centre, $given['code'], $given['name'], $version);

            return ['/setup/cost-centres', "Cost centre {$given['code']} is saved."];
        });
    }
}
