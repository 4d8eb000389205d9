<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Platform\Writing\FirstAnswer;
use App\Work\Actions\Warranty\ClaimWarranty;
use App\Work\Actions\Warranty\DecideClaim;
use App\Work\Models\WarrantyClaim;
use App\Work\Models\WorkOrder;
use App\Work\Queries\Claims;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Support\Money;
use Sundial\Work\Warranty\ClaimState;

/** Claims on warranties: what was claimed for which order, and what became of it. */
final class WarrantyController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    public function index(Claims $claims): Page
    {
        return Page::in('work', 'Warranty claims')->sheet('work.warranty.index', [
            'claims' => $claims->ofSite($this->site->id()),
        ]);
    }

    public function claim(Request $request, WorkOrder $order, ClaimWarranty $claim, FirstAnswer $once): RedirectResponse
    {
        $given = $request->validate([
            'claim_asset' => ['required', OnSite::record('assets', $order->site_id, 'asset')],
            'claim_what' => ['required', 'string', 'max:500'],
            'claim_kept' => ['nullable', 'string', 'max:250'],
            'claim_reference' => ['nullable', 'string', 'max:60'],
        ], ['claim_what.required' => 'Say what failed and what is asked for.'], ['claim_asset' => 'asset']);
        $by = $request->user()->actor();

        return $once->redirect(static fn (): array => [
            "/orders/{$order->id}#warranty",
            "{$claim(
                $by,
                $order,
                (int) $given['claim_asset'],
                $given['claim_what'],
                $given['claim_kept'] ?? null,
                $given['claim_reference'] ?? null,
            )->label()} is claimed.",
        ]);
    }

    public function decide(
        Request $request,
        WorkOrder $order,
        WarrantyClaim $claim,
        DecideClaim $decide,
    ): RedirectResponse {
        abort_unless($claim->order_id === $order->id, 404);
        $given = $request->validate([
            'claim_state' => ['required', Rule::enum(ClaimState::class)->except([ClaimState::Claimed])],
            'credit' => ['nullable', 'string', 'max:20'],
            'claim_reason' => ['nullable', 'string', 'max:250'],
        ], [], ['claim_state' => 'decision', 'claim_reason' => 'reason']);
        $credit = trim((string) ($given['credit'] ?? ''));
        $claim = $decide(
            $request->user()->actor(),
            $claim,
            ClaimState::from($given['claim_state']),
            $credit === '' ? null : Money::parse($credit, 'credit'),
            $given['claim_reason'] ?? null,
        );

        return redirect("/orders/{$order->id}#warranty")->with(
            'said',
            "{$claim->label()} is {$claim->state->value}.".
                ($claim->state === ClaimState::Granted ? ' The credit is booked against the order.' : ''),
        );
    }
}
