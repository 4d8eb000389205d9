<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Queries\AssetByLabel;
use App\Work\Actions\Raising\ConfirmEmergency;
use App\Work\Actions\Raising\RaiseEmergency;
use App\Work\Models\WorkOrder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Sundial\Support\InvalidInput;

/** From "it broke" to a response under way, on one page. */
final class EmergencyController
{
    public function __construct(private readonly CurrentSite $site, private readonly AssetByLabel $find)
    {
    }

    public function create(Request $request): Page
    {
        $asset = ($this->find)($this->site->id(), Typed::word($request, 'asset'));

        return Page::in('work', 'Emergency')
            ->sheet('work.emergency', ['asset' => $asset])
            ->withoutHorizon();
    }

    public function store(Request $request, RaiseEmergency $raise, FirstAnswer $once): RedirectResponse
    {
        $given = $request->validate(
            ['asset' => ['required', 'string', 'max:200'], 'broke' => ['required', 'string', 'max:160']],
            ['asset.required' => 'Which asset is it? Give its tag.', 'broke.required' => 'Say what happened.'],
            ['broke' => 'what happened'],
        );
        $asset = ($this->find)($this->site->id(), $given['asset']) ?? throw InvalidInput::because(
            'no_asset',
            'asset',
            "No asset of this site has the tag or code “{$given['asset']}”.",
        );
        Gate::authorize('view', $asset);

        return $once->redirect(static fn (): array => [
            "/orders/{$raise($request->user(), $asset, $given['broke'])->id}",
            "The response is on its way, and the stop of {$asset->name} counts. Make it safe; tell the supervisor.",
        ]);
    }

    public function confirm(Request $request, WorkOrder $order, ConfirmEmergency $confirm): RedirectResponse
    {
        $confirm($request->user()->actor(), $order);

        return redirect("/orders/{$order->id}")->with('said', 'You were told of it; that is recorded.');
    }
}
