<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Sites\SiteDays;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Seen;
use App\Platform\Writing\Typed;
use App\Register\Queries\AssetByLabel;
use App\Work\Actions\Shutdown\AddToShutdown;
use App\Work\Actions\Shutdown\ApproveShutdown;
use App\Work\Actions\Shutdown\IsolateShutdown;
use App\Work\Actions\Shutdown\SetTurns;
use App\Work\Actions\Shutdown\TakeOffShutdown;
use App\Work\Models\Shutdown;
use App\Work\Models\WorkOrder;
use App\Work\Queries\OrdersNamed;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Support\InvalidInput;
use Sundial\Support\TextLines;

/** The orders of a shutdown: which, in which sequence, approved and isolated together. */
final class ShutdownOrdersController
{
    public function __construct(private readonly FirstAnswer $once)
    {
    }

    public function add(
        Request $request,
        Shutdown $shutdown,
        OrdersNamed $named,
        AddToShutdown $add,
    ): RedirectResponse {
        $given = $request->validate([
            'orders' => ['nullable', 'array', 'max:200'],
            'orders.*' => ['integer'],
            'numbers' => ['nullable', 'string', 'max:4000'],
            'late_reason' => ['nullable', 'string', 'max:250'],
        ], [], ['late_reason' => 'reason']);
        $orders = [
            ...$named->byIds($shutdown->site_id, array_values(array_map(intval(...), $given['orders'] ?? []))),
            ...$named->byNumbers($shutdown->site_id, $given['numbers'] ?? '', 'numbers'),
        ];
        $many = $add($request->user()->actor(), $shutdown, $given['late_reason'] ?? null, ...$orders);

        return $this->back($shutdown, match ($many) {
            0 => 'They stand in it already.',
            1 => '1 order is in it.',
            default => "{$many} orders are in it.",
        });
    }

    public function take(
        Request $request,
        Shutdown $shutdown,
        WorkOrder $order,
        TakeOffShutdown $take,
    ): RedirectResponse {
        abort_unless($order->site_id === $shutdown->site_id, 404);
        $take($request->user()->actor(), $shutdown, $order);

        return $this->back($shutdown, "{$order->label()} is off it, and worked by itself.");
    }

    public function turns(Request $request, Shutdown $shutdown, SetTurns $set): RedirectResponse
    {
        $given = $request->validate([
            'turns' => ['nullable', 'array', 'max:1000'],
            'turns.*' => ['required', 'integer', 'between:1,999'],
        ], [], ['turns.*' => 'turn']);
        $linked = Typed::word($request, 'how') === 'links';
        $typed = array_map(intval(...), $given['turns'] ?? []);
        $set($request->user()->actor(), $shutdown, $linked ? null : $typed, Seen::in($request));

        return $this->back($shutdown, $linked ? 'The sequence is that of the links.' : 'The sequence is saved.');
    }

    public function approve(Request $request, Shutdown $shutdown, ApproveShutdown $approve): RedirectResponse
    {
        [$many, $refused] = $approve($request->user()->actor(), $shutdown);
        $said = $many === 1 ? '1 order is approved.' : "{$many} orders are approved.";
        foreach ($refused as $label => $why) {
            $said .= " {$label} is not: {$why}";
        }

        return $this->back($shutdown, $said);
    }

    public function isolate(
        Request $request,
        Shutdown $shutdown,
        IsolateShutdown $isolate,
        AssetByLabel $find,
        SiteDays $days,
    ): RedirectResponse {
        $given = $request->validate([
            'isolated' => ['required', 'string', 'max:60'],
            'points' => ['required', 'string', 'max:5000'],
            'valid_until' => ['required', 'date_format:Y-m-d\TH:i'],
        ], ['points.required' => 'Say what is locked, a line for each point.'], ['valid_until' => 'valid until']);
        $on = $find($shutdown->site_id, $given['isolated']) ?? throw InvalidInput::because(
            'no_asset',
            'isolated',
            'Choose one of the assets that stand.',
        );
        $until = (new DateTimeImmutable($given['valid_until'], $days->site($shutdown->site_id)->zone()))
            ->setTimezone(new DateTimeZone('UTC'));
        $by = $request->user()->actor();
        $points = TextLines::of($given['points']);

        return $this->once->redirect(static function () use ($isolate, $by, $shutdown, $on, $points, $until): array {
            [$isolation, $many] = $isolate($by, $shutdown, $on, $points, $until);

            return ["/shutdowns/{$shutdown->id}", "{$isolation->label()} is in force for {$many} orders."];
        });
    }

    private function back(Shutdown $shutdown, string $said): RedirectResponse
    {
        return redirect("/shutdowns/{$shutdown->id}#orders")->with('said', $said);
    }
}
