<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\Seen;
use App\Platform\Writing\Typed;
use App\Stores\Actions\SaveStore;
use App\Stores\Actions\SetStoreRules;
use App\Stores\Models\Store;
use App\Stores\Queries\StoreRulesOf;
use App\Stores\Queries\StoresOfSite;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Stock\Separation;
use Sundial\Stock\StartShort;
use Sundial\Stock\StoreRules;
use Sundial\Support\Money;

/** The stores of a site, and what it agreed on for them. */
final class StoreController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    public function index(StoresOfSite $stores, StoreRulesOf $rules): Page
    {
        $agreed = $rules->ofSite($this->site->id());

        return Page::in('setup', 'Stores')
            ->index('frame.setup-index', ['current' => 'stores'])
            ->sheet('stores.setup.stores', [
                'stores' => $stores($this->site->id()),
                'rules' => $agreed,
                'seen' => Seen::mark(StoreRulesOf::words($agreed)),
                'separate' => $agreed->separation === Separation::On,
                'startsShort' => $agreed->startShort === StartShort::Allowed,
                'site' => $this->site->get(),
            ]);
    }

    public function store(Request $request, SaveStore $save): RedirectResponse
    {
        $given = $this->given($request);
        $save($request->user()->actor(), $this->site->id(), null, $given['code'], $given['name']);

        return redirect('/setup/stores')->with('said', "{$given['name']} is open.");
    }

    public function update(Request $request, Store $store, SaveStore $save): RedirectResponse
    {
        $given = $this->given($request);
        $save(
            $request->user()->actor(),
            $store->site_id,
            $store,
            $given['code'],
            $given['name'],
            $request->boolean('active'),
            Typed::id($request, 'version'),
        );

        return redirect('/setup/stores')->with('said', "{$given['name']} is saved.");
    }

    public function rules(Request $request, SetStoreRules $set): RedirectResponse
    {
        $given = $request->validate([
            'big' => ['required', 'string', 'max:20'],
            'approve' => ['required', 'string', 'max:20'],
            'review_days' => ['required', 'integer', 'between:1,365'],
        ], [], ['big' => 'big difference', 'approve' => 'amount', 'review_days' => 'days']);
        $rules = StoreRules::of(
            Money::parse($given['big'], 'big'),
            Money::parse($given['approve'], 'approve'),
            $request->boolean('separate') ? Separation::On : Separation::Off,
            (int) $given['review_days'],
        );
        $set(
            $request->user()->actor(),
            $this->site->id(),
            $rules->startingShort($request->boolean('start_short') ? StartShort::Allowed : StartShort::Refused),
            Seen::in($request),
        );

        return redirect('/setup/stores')->with('said', 'The rules of the stores are saved.');
    }

    /** @return array{code: string, name: string} */
    private function given(Request $request): array
    {
        $given = $request->validate([
            'code' => ['required', 'string', 'max:20', 'regex:/^\S+$/'],
            'name' => ['required', 'string', 'max:80'],
        ]);

        return ['code' => (string) $given['code'], 'name' => (string) $given['name']];
    }
}
