<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Planning\Models\Schedule;
use App\Platform\Api\ApiSites;
use App\Work\Actions\Release\ReleaseDueVisits;
use App\Work\Actions\Release\ReleaseOneVisit;
use App\Work\Models\ReleaseBatch;
use App\Work\Models\WorkOrder;
use App\Work\Queries\ReleaseBatches;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The release, for programs. */
final class ApiReleaseController
{
    public function __construct(private readonly ReleaseBatches $batches)
    {
    }

    /** Makes the orders of a site whose lead has come. */
    public function release(Request $request, ReleaseDueVisits $release, ApiSites $sites): JsonResponse
    {
        $site = $sites->named($request->json('site'));

        return new JsonResponse($this->shape($release($request->user()->actor(), $site)), 201);
    }

    /** Makes the order of one schedule's next visit before its lead has come. */
    public function one(Request $request, Schedule $schedule, ReleaseOneVisit $release): JsonResponse
    {
        $order = $release($request->user()->actor(), $schedule);

        return new JsonResponse($this->shape($this->batches->one((int) $order->batch_id)), 201);
    }

    /** @return array<string, mixed> */
    private function shape(ReleaseBatch $batch): array
    {
        $orders = $this->batches->orders($batch, 1000);

        return [
            'id' => $batch->id,
            'on' => $batch->on_day,
            'made' => $batch->made,
            'orders' => $orders
                ->map(
                    static fn (WorkOrder $order): array => [
                        'id' => $order->id,
                        'number' => $order->label(),
                        'title' => $order->title,
                        'tag' => $order->worksite()->tag,
                        'due_on' => $order->due_on,
                        'state' => $order->state->value,
                    ],
                )
                ->all(),
            'left' => array_map(
                static fn (array $line): array => [
                    'schedule_id' => (int) $line['schedule'],
                    'schedule' => $line['name'],
                    'tag' => $line['tag'],
                    'because' => $line['because'],
                ],
                $batch->left_alone ?? [],
            ),
        ];
    }
}
