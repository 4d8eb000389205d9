<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Clock\Clock;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Models\Asset;
use App\Register\Queries\AssetByLabel;
use App\Work\Actions\Shutdown\TakeWindow;
use App\Work\Pages\WindowPage;
use App\Work\Queries\OrdersNamed;
use DateTimeImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Costing\WorkedTime;
use Sundial\Support\InvalidInput;
use Sundial\Work\Shutdown\ShutdownWindow;

/** "This line stands from 13:40 for about two hours": the ready work that fits, taken in one press. */
final class WindowController
{
    private const USUAL = 120;

    public function __construct(
        private readonly CurrentSite $site,
        private readonly AssetByLabel $find,
        private readonly Clock $clock,
    ) {
    }

    public function show(Request $request, WindowPage $page): Page
    {
        $typed = Typed::word($request, 'asset');
        $asset = $typed === '' ? null : ($this->find)($this->site->id(), $typed);
        $free = $request->query('free');
        $people = is_array($free)
            ? array_map(
                static fn (mixed $one): int => max(0, min(99, (int) $one)),
                array_filter($free, is_numeric(...)),
            )
            : null;

        return Page::in('work', 'It stands for a while')->sheet('work.window.sheet', $page(
            $this->site->id(),
            $asset,
            Typed::word($request, 'from', $this->now()->format('H:i')),
            $this->minutes(Typed::word($request, 'for')),
            $people,
        ) + ['typed' => $typed])->withoutHorizon();
    }

    public function take(
        Request $request,
        Asset $asset,
        TakeWindow $take,
        OrdersNamed $named,
        FirstAnswer $once,
    ): RedirectResponse {
        $given = $request->validate([
            'from' => ['required', 'date_format:H:i'],
            'for' => ['required', 'string', 'max:20'],
            'orders' => ['required', 'array', 'max:100'],
            'orders.*' => ['integer'],
        ], ['orders.required' => 'Choose at least one order.'], ['for' => 'how long']);
        $orders = $named->byIds($asset->site_id, array_values(array_map(intval(...), $given['orders'])));
        $from = new DateTimeImmutable($this->now()->format('Y-m-d ').$given['from'], $this->site->get()->zone());
        $minutes = WorkedTime::minutes($given['for'], 'for');
        $window = ShutdownWindow::of($from, $from->modify("+{$minutes} minutes"));
        $by = $request->user()->actor();

        return $once->redirect(static fn (): array => [
            "/shutdowns/{$take($by, $asset, $window, ...$orders)->id}",
            'They are taken. Whoever does them starts them from here.',
        ]);
    }

    private function now(): DateTimeImmutable
    {
        return $this->clock->now()->setTimezone($this->site->get()->zone());
    }

    /** What cannot be read is the usual time. */
    private function minutes(string $typed): int
    {
        try {
            return $typed === '' ? self::USUAL : WorkedTime::minutes($typed, 'for');
        } catch (InvalidInput) {
            return self::USUAL;
        }
    }
}
