<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Sites\SiteDays;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Seen;
use App\Platform\Writing\Typed;
use App\Register\Models\Asset;
use App\Work\Actions\Isolation\IssueIsolation;
use App\Work\Actions\Isolation\MoveIsolation;
use App\Work\Actions\Isolation\SetIsolationPoints;
use App\Work\Actions\Isolation\ShareIsolation;
use App\Work\Models\OrderIsolation;
use App\Work\Models\WorkOrder;
use App\Work\Queries\PermitsOf;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Support\InvalidInput;
use Sundial\Support\TextLines;
use Sundial\Work\Isolation\IsolationMove;

/** Points to lock, and the isolations behind which orders are worked. */
final class IsolationController
{
    public function __construct(
        private readonly SiteDays $days,
        private readonly FirstAnswer $once,
        private readonly PermitsOf $permits,
    ) {
    }

    public function points(Request $request, Asset $asset, SetIsolationPoints $set): RedirectResponse
    {
        $request->validate(['points' => ['nullable', 'string', 'max:5000']]);
        $points = TextLines::of(Typed::word($request, 'points'));
        $set($request->user()->actor(), $asset, $points, Seen::in($request));

        return redirect("/assets/{$asset->id}#points-to-lock")->with('said', 'The points to lock are saved.');
    }

    public function issue(Request $request, WorkOrder $order, IssueIsolation $issue): RedirectResponse
    {
        $given = $request->validate(
            [
                'permit' => ['nullable', 'string', 'max:40'],
                'points' => ['required', 'string', 'max:5000'],
                'valid_until' => ['required', 'date_format:Y-m-d\TH:i'],
            ],
            ['points.required' => 'Say what is locked or demanded, a line each.'],
            ['valid_until' => 'valid until'],
        );
        $until = $this->instant($order->site_id, $given['valid_until']);
        $by = $request->user()->actor();
        $permit = isset($given['permit']) ? $this->permits->known($given['permit']) : null;
        $points = TextLines::of($given['points']);

        return $this->once->redirect(static fn (): array => [
            "/orders/{$order->id}#isolation",
            "{$issue($by, $order, $points, $until, $permit)->label()} is in force.",
        ]);
    }

    public function share(Request $request, WorkOrder $order, ShareIsolation $share): RedirectResponse
    {
        $share(
            $request->user()->actor(),
            $order,
            Typed::id($request, 'isolation_id') ?? throw InvalidInput::because(
                'no_isolation',
                'isolation',
                'Choose the isolation behind which it is worked.',
            ),
        );

        return redirect("/orders/{$order->id}#isolation")->with('said', 'It is worked behind the same locks.');
    }

    public function move(
        Request $request,
        WorkOrder $order,
        OrderIsolation $isolation,
        string $move,
        MoveIsolation $act,
    ): RedirectResponse {
        abort_unless($isolation->orders()->whereKey($order->id)->exists(), 404);
        $typed = Typed::word($request, 'valid_until');
        $until = $move === IsolationMove::Extend->value
            ? $this->instant($order->site_id, $typed)
            : null;
        $moved = $act($request->user()->actor(), $isolation, IsolationMove::from($move), $until);

        return redirect("/orders/{$order->id}#isolation")->with(
            'said',
            "{$moved->label()} is {$moved->state->value} now.",
        );
    }

    private function instant(int $siteId, string $local): DateTimeImmutable
    {
        $at = DateTimeImmutable::createFromFormat('!Y-m-d\TH:i', $local, $this->days->site($siteId)->zone());

        return $at === false
            ? throw InvalidInput::because(
                'unreadable',
                'valid_until',
                'Give the day and the time until which it holds.',
            )
            : $at->setTimezone(new DateTimeZone('UTC'));
    }
}
