<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Stores\Inputs\Consenting;
use App\Stores\Inputs\LotsTyped;
use App\Stores\Models\Part;
use App\Stores\Queries\AlternativesOf;
use App\Work\Inputs\PartUsed;
use App\Work\Models\OrderPart;
use App\Work\Models\WorkOrder;
use App\Work\Queries\OrderByLabel;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Support\InvalidInput;
use Sundial\Work\Plan\PartSource;

/** The form with which a part is handed over to an order, or taken back from it. */
final class IssueRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(CurrentSite $site): array
    {
        return [
            'order' => ['required', 'string', 'max:20'],
            'quantity' => ['required', 'string', 'max:20'],
            'in' => ['nullable', 'string', 'max:12'],
            'lots' => ['nullable', 'string', 'max:4000'],
            'store_id' => ['nullable', OnSite::record('stores', $site->id(), 'store')],
            'note' => ['nullable', 'string', 'max:250'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['store_id' => 'store'];
    }

    /** @throws InvalidInput no_order */
    public function order(int $siteId): WorkOrder
    {
        $typed = (string) $this->validated()['order'];

        return app(OrderByLabel::class)($siteId, $typed) ?? throw InvalidInput::because(
            'no_order',
            'order',
            "There is no order “{$typed}” at this site. Write it as it stands on its sheet: W-1042.",
        );
    }

    /** By the line of its plan that wants the part, where there is one. */
    public function used(Part $part, WorkOrder $order, string $currency): PartUsed
    {
        $given = $this->validated();
        $many = $part->typed((string) $given['quantity'], $given['in'] ?? null, 'quantity');
        $many = $this->boolean('given_back') ? -abs($many) : $many;
        $note = $given['note'] ?? null;
        $line = $this->line($part, $order);
        $used = match (true) {
            $line === null => PartUsed::ofPart($part, $many, $currency, $note),
            $line->part_id === $part->id => PartUsed::ofLine($line, $many, $note),
            default => PartUsed::ofLine($line, $many, $note)->replacedBy($part, $currency),
        };
        $store = $given['store_id'] ?? null;

        return $used
            ->consenting(Consenting::of($this, $order->site_id))
            ->from($store === null ? null : (int) $store)
            ->lots(LotsTyped::of($given['lots'] ?? null))
            ->typedIn('quantity');
    }

    /** The line that plans it, else one that plans a part instead of which it may be taken. */
    private function line(Part $part, WorkOrder $order): ?OrderPart
    {
        $lines = OrderPart::query()
            ->where('order_id', $order->id)
            ->where('source', PartSource::FromStore)
            ->whereIn('part_id', [$part->id, ...app(AlternativesOf::class)->replacedBy($part->id)])
            ->orderBy('id')
            ->get();

        return $lines->firstWhere('part_id', $part->id) ?? $lines->first();
    }
}
