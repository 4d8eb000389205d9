<?php

declare(strict_types=1);

namespace App\Platform\Http;

use App\Platform\Access\Rights;
use App\Platform\Frame\Page;
use App\Platform\Hooks\Delivery;
use App\Platform\Hooks\HooksShown;
use App\Platform\Hooks\ListedHosts;
use App\Platform\Hooks\Outbox;
use App\Platform\Hooks\SaveWebhook;
use App\Platform\Hooks\Webhook;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\Typed;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Access\Right;
use Sundial\Support\TextLines;

/** Addresses that are told when the state of an order changes, and what became of each message. */
final class WebhookController
{
    public function __construct(private readonly CurrentSite $site, private readonly SaveWebhook $save)
    {
    }

    public function index(HooksShown $hooks, ListedHosts $listed): Page
    {
        return Page::in('setup', 'Webhooks')
            ->index('frame.setup-index', ['current' => 'webhooks'])
            ->sheet('frame.webhooks', [
                'hooks' => $hooks->of($this->site->id()),
                'deliveries' => $hooks->last($this->site->id()),
                'events' => HooksShown::EVENTS,
                'hosts' => $listed->all(),
                'mayList' => Rights::has(Right::AdministerPlant),
            ]);
    }

    public function add(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'url' => ['required', 'string', 'max:500'],
            'events' => ['nullable', 'array'],
            'events.*' => ['string', Rule::in(HooksShown::EVENTS)],
        ], [], ['url' => 'address']);
        $hook = $this->save->add(
            $request->user()->actor(),
            $this->site->id(),
            trim($given['url']),
            array_values($given['events'] ?? []),
        );

        return redirect('/setup/webhooks')
            ->with('said', 'It is told from now on. Its secret is shown once, here: give it to the receiver.')
            ->with('secret', $hook->secret);
    }

    public function end(Request $request, Webhook $webhook): RedirectResponse
    {
        abort_unless($webhook->site_id === $this->site->id(), 404);
        $this->save->end($request->user()->actor(), $webhook);

        return redirect('/setup/webhooks')->with('said', 'It is told no more.');
    }

    public function test(Webhook $webhook, Outbox $outbox): RedirectResponse
    {
        abort_unless($webhook->site_id === $this->site->id() && $webhook->active, 404);
        $outbox->put('trial', ['site' => $this->site->get()->code], $webhook);

        return redirect('/setup/webhooks')->with('said', 'A trial is on its way. Look below what became of it.');
    }

    public function again(Delivery $delivery): RedirectResponse
    {
        $hook = $delivery->webhook()->first();
        abort_unless($hook?->site_id === $this->site->id() && $hook->active, 404);
        $this->save->again($delivery);

        return redirect('/setup/webhooks')->with('said', 'It is sent once more.');
    }

    public function hosts(Request $request): RedirectResponse
    {
        $request->validate(['hosts' => ['nullable', 'string', 'max:2000']]);
        $this->save->allow(
            $request->user()->actor(),
            $this->site->id(),
            TextLines::words(Typed::word($request, 'hosts')),
        );

        return redirect('/setup/webhooks')->with('said', 'The list is saved.');
    }
}
