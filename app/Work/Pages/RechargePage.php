<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Work\Models\OrderRecharge;
use App\Work\Models\WorkOrder;
use App\Work\Queries\RechargeOf;
use Illuminate\Support\Facades\Gate;
use stdClass;
use Sundial\Support\Money;

/** The recharge of an order: its lines, and how the total comes about. */
final readonly class RechargePage
{
    public function __construct(private RechargeOf $recharge, private Wording $words, private CurrentSite $site)
    {
    }

    /** @return array<string, mixed> */
    public function __invoke(WorkOrder $order): array
    {
        $order->loadMissing(['asset', 'location']);
        $standing = $this->recharge->standing($order);
        $lines = $this->recharge->lines($order);
        [$percent, $place] = $this->recharge->tax($order);

        return [
            'order' => $order,
            'site' => $this->site->get(),
            'recharge' => $standing,
            'lines' => $lines,
            'unknown' => $lines->whereNull('cents')->count(),
            'sum' => (int) $lines->sum('cents'),
            'computed' => $this->recharge->computed($order, $standing ?? new OrderRecharge()),
            'tax' => $this->words->quantity((string) ($percent / 10000)).' %',
            'place' => $place,
            'references' => $this->recharge->references(),
            'mayEdit' => Gate::allows('assign', $order) && $standing?->invoice === null,
        ];
    }

    /** @return iterable<list<string|float|null>> the sheet as rows of a file */
    public function rows(WorkOrder $order): iterable
    {
        $page = $this($order);
        foreach ($page['lines'] as $line) {
            yield [$line->what, $line->day, round((float) $line->quantity, 3), self::plain($line)];
        }
        $computed = $page['computed'];
        yield ['discount', null, null, Money::plain(-(int) $page['recharge']?->discount_cents)];
        yield ["tax {$page['tax']}", null, null, Money::plain($computed->tax)];
        yield ['computed', null, null, Money::plain($computed->computed)];
        yield ['total', null, null, Money::plain($computed->total)];
    }

    private static function plain(stdClass $line): ?string
    {
        return $line->cents === null ? null : Money::plain((int) $line->cents);
    }
}
