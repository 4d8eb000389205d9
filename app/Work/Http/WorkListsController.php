<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Planning\Actions\OfferOrderType;
use App\Planning\Actions\RetireOrderType;
use App\Planning\Queries\OrderTypes;
use App\Platform\Audit\Actor;
use App\Platform\Frame\Page;
use App\Platform\Writing\Seen;
use App\Work\Actions\Money\SetAccounts;
use App\Work\Actions\Setup\OfferHoldReason;
use App\Work\Actions\Setup\OfferPermit;
use App\Work\Actions\Setup\OfferStage;
use App\Work\Actions\Setup\RetireHoldReason;
use App\Work\Actions\Setup\RetirePermit;
use App\Work\Actions\Setup\RetireStage;
use App\Work\Queries\CostNames;
use App\Work\Queries\PermitsOf;
use App\Work\Queries\WaitingWords;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Costing\CostKind;
use Sundial\Work\HoldReason;
use Sundial\Work\OrderState;
use Sundial\Work\OrderType;
use Sundial\Work\Stage;
use Sundial\Work\WorkKind;

/** The lists of the plant that orders choose from: types, stages inside a state, reasons to hold, permits. */
final class WorkListsController
{
    public function __construct(
        private readonly OrderTypes $types,
        private readonly WaitingWords $words,
        private readonly PermitsOf $permits,
    ) {
    }

    public function index(CostNames $names): Page
    {
        return Page::in('setup', 'Types, stages, reasons')
            ->index('frame.setup-index', ['current' => 'work-lists'])
            ->sheet('work.setup.lists', [
                'types' => $this->types->offered(),
                'kinds' => WorkKind::cases(),
                'stages' => $this->words->stages(),
                'states' => Stage::states(),
                'reasons' => $this->words->reasons(),
                'permits' => $this->permits->offered(),
                'costKinds' => CostKind::cases(),
                'accounts' => $names->accounts(),
                'accountsSeen' => Seen::mark(CostNames::words($names->accounts())),
            ]);
    }

    public function setAccounts(Request $request, SetAccounts $set): RedirectResponse
    {
        $given = $request->validate([
            'accounts' => ['nullable', 'array', 'max:200'],
            'accounts.*' => ['array', 'max:3'],
            'accounts.*.*' => ['nullable', 'string', 'max:40'],
        ]);
        $set($this->by($request), $given['accounts'] ?? [], Seen::in($request));

        return $this->back('The accounts are saved.');
    }

    public function addType(Request $request, OfferOrderType $offer): RedirectResponse
    {
        $given = $this->given($request, ['kind' => ['required', Rule::enum(WorkKind::class)]]);
        $offer($this->by($request), OrderType::of($given['name'], WorkKind::from($given['kind'])));

        return $this->back("“{$given['name']}” is offered as a type of orders from now on.");
    }

    public function retireType(Request $request, RetireOrderType $retire): RedirectResponse
    {
        $name = $this->given($request)['name'];
        $retire($this->by($request), $this->types->named($name));

        return $this->back("“{$name}” is offered no more; orders and methods of that type keep it.");
    }

    public function addStage(Request $request, OfferStage $offer): RedirectResponse
    {
        $given = $this->given($request, ['state' => ['required', Rule::enum(OrderState::class)]]);
        $offer($this->by($request), Stage::inside(OrderState::from($given['state']), $given['name']));

        return $this->back("“{$given['name']}” is a stage of orders that are {$given['state']}.");
    }

    public function retireStage(Request $request, RetireStage $retire): RedirectResponse
    {
        $given = $this->given($request, ['state' => ['required', Rule::enum(OrderState::class)]]);
        $retire($this->by($request), Stage::inside(OrderState::from($given['state']), $given['name']));

        return $this->back("“{$given['name']}” is offered no more; orders in it keep it until they move on.");
    }

    public function addReason(Request $request, OfferHoldReason $offer): RedirectResponse
    {
        $given = $this->given($request, ['days' => ['required', 'integer', 'between:0,365']]);
        $offer($this->by($request), HoldReason::of($given['name'], (int) $given['days']));

        return $this->back("“{$given['name']}” is offered as a reason to hold from now on.");
    }

    public function retireReason(Request $request, RetireHoldReason $retire): RedirectResponse
    {
        $name = $this->given($request)['name'];
        $retire($this->by($request), $this->words->reason($name));

        return $this->back("“{$name}” is offered no more; orders that were held for it keep it.");
    }

    public function addPermit(Request $request, OfferPermit $offer): RedirectResponse
    {
        $name = $this->given($request)['name'];
        $offer($this->by($request), $name);

        return $this->back("“{$name}” is offered as a permit from now on.");
    }

    public function retirePermit(Request $request, RetirePermit $retire): RedirectResponse
    {
        $name = $this->permits->known($this->given($request)['name']);
        $retire($this->by($request), $name);

        return $this->back("“{$name}” is offered no more; orders that need it keep it.");
    }

    /**
     * @param  array<string, list<mixed>>  $rules
     * @return array<string, string>
     */
    private function given(Request $request, array $rules = []): array
    {
        $given = $request->validate(
            ['name' => ['required', 'string', 'max:40'], ...$rules],
            ['name.required' => 'Write the word.'],
            ['name' => 'word', 'kind' => 'planned or unplanned', 'days' => 'days to look again'],
        );

        return array_map(static fn (mixed $word): string => trim((string) $word), $given);
    }

    private function by(Request $request): Actor
    {
        return $request->user()->actor();
    }

    private function back(string $said): RedirectResponse
    {
        return redirect('/setup/work-lists')->with('said', $said);
    }
}
