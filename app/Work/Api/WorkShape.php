<?php

declare(strict_types=1);

namespace App\Work\Api;

use App\Platform\Access\Rights;
use App\Work\Models\Booking;
use App\Work\Models\OrderAsset;
use App\Work\Models\OrderLabour;
use App\Work\Models\OrderPart;
use App\Work\Models\OrderService;
use App\Work\Models\OrderStep;
use App\Work\Models\PartUse;
use App\Work\Models\WorkOrder;
use App\Work\Models\WorkRequest;
use App\Work\Queries\OrderCosts;
use DateTimeImmutable;
use DateTimeZone;
use Sundial\Access\Right;

/** Orders and requests as programs read them; costs for those alone who may see them. */
final readonly class WorkShape
{
    public function __construct(private OrderCosts $costs)
    {
    }

    /** @return array<string, mixed> */
    public function order(WorkOrder $order): array
    {
        return [
            'id' => $order->id,
            'number' => $order->label(),
            'title' => $order->title,
            'tag' => $order->worksite()->tag,
            'on' => $order->about()->kind,
            'type' => $order->type->name,
            'priority' => $order->priority->value,
            'state' => $order->state->value,
            'stage' => $order->stage,
            'hold_reason' => $order->hold_reason,
            'look_again_on' => $order->look_again_on,
            'due_on' => $order->due_on,
            'planned_on' => $order->planned_on,
            'planned_minutes' => $order->planned_minutes,
            'started_at' => self::instant($order->started_at),
            'finished_at' => self::instant($order->finished_at),
            'closed_at' => self::instant($order->closed_at),
            'version' => $order->version,
        ];
    }

    /** @return array<string, mixed> with its plan, what was booked, and what failed */
    public function whole(WorkOrder $order): array
    {
        $order->load(['asset', 'location', 'steps', 'labour.trade', 'parts.part', 'services', 'bookings.strike']);
        $order->load([
            'bookings.person',
            'uses',
            'serviceBookings',
            'formerCost',
            'failure',
            'rows.asset',
            'rows.location',
        ]);

        return $this->order($order) + [
            'about' => $order->about,
            'assets' => $order->rows
                ->map(static fn (OrderAsset $row): array => [
                    'tag' => $row->label(),
                    'state' => $row->state->value,
                    'done_on' => $row->done_on,
                    'reason' => $row->reason,
                ])
                ->values(),
            'steps' => $order->steps
                ->map(static fn (OrderStep $step): array => [
                    'position' => $step->position,
                    'text' => $step->text,
                    'minutes' => $step->minutes,
                    'value' => $step->value,
                    'ticked_at' => self::instant($step->ticked_at),
                ])
                ->values(),
            'labour' => $order->labour
                ->map(static fn (OrderLabour $line): array => [
                    'trade' => $line->trade->name,
                    'people' => $line->people,
                    'minutes' => $line->minutes,
                ])
                ->values(),
            'parts' => $order->parts
                ->map(static fn (OrderPart $line): array => [
                    'number' => $line->part?->number,
                    'name' => $line->name,
                    'quantity' => $line->quantity,
                    'unit' => $line->unit,
                    'from' => $line->source->value,
                ])
                ->values(),
            'services' => $order->services
                ->map(static fn (OrderService $line): array => [
                    'what' => $line->what,
                    'agreed_on' => $line->agreed_on,
                ])
                ->values(),
            'bookings' => $order->bookings
                ->whereNull('strike')
                ->map(static fn (Booking $one): array => [
                    'person' => $one->person->login,
                    'worked_on' => $one->worked_on,
                    'normal' => $one->normal_minutes,
                    'time_and_a_half' => $one->half_minutes,
                    'double' => $one->double_minutes,
                ])
                ->values(),
            'parts_used' => $order->uses
                ->map(static fn (PartUse $one): array => [
                    'name' => $one->name,
                    'quantity' => $one->quantity,
                    'unit' => $one->unit,
                    'used_on' => $one->used_on,
                ])
                ->values(),
            'failure' => $order->failure?->only([
                'symptom',
                'mode',
                'mechanism',
                'cause',
                'action',
                'found',
                'effect',
                'none_because',
            ]),
            'cost' => Rights::has(Right::SeeCosts) ? $this->cost($order) : null,
        ];
    }

    /** @return array<string, int> booked, in cents of the site's currency; lines of unknown cost are counted */
    private function cost(WorkOrder $order): array
    {
        $booked = $this->costs->booked($order);

        return [
            'labour_cents' => $booked->labour->cents,
            'parts_cents' => $booked->parts->cents,
            'services_cents' => $booked->services->cents,
            'total_cents' => $booked->total()->cents,
            'unknown_lines' => $booked->total()->unknown,
        ];
    }

    /** @return array<string, mixed> */
    public function request(WorkRequest $request): array
    {
        return [
            'id' => $request->id,
            'number' => $request->label(),
            'tag' => $request->asset->tag ?? $request->location?->tag,
            'symptom' => $request->symptom,
            'what' => $request->what,
            'how_soon' => $request->how_soon->value,
            'down_since' => self::instant($request->down_since),
            'reporter' => $request->reporter,
            'state' => $request->state->value,
            'order' => $request->order?->label(),
            'received_at' => self::instant($request->received_at),
        ];
    }

    private static function instant(?string $utc): ?string
    {
        return $utc === null
            ? null
            : (new DateTimeImmutable($utc, new DateTimeZone('UTC')))->format(DATE_RFC3339);
    }
}
