<?php

declare(strict_types=1);

namespace App\Work\Actions\Raising;

use App\Platform\Audit\Actor;
use App\Work\Actions\Moves\TakeVisitsAlong;
use App\Work\Actions\Requests\JoinRequest;
use App\Work\Inputs\OrderInput;
use App\Work\Models\WorkOrder;
use App\Work\Models\WorkRequest;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Raises an order and takes into it, in the same breath, requests and visits that wait at the same place. */
final readonly class RaiseWithWhatWaits
{
    public function __construct(
        private RaiseOrder $raise,
        private JoinRequest $join,
        private TakeVisitsAlong $takeAlong,
    ) {
    }

    /**
     * @param  list<int>  $requestIds
     * @param  list<int>  $scheduleIds  whose next visits are taken along
     */
    public function __invoke(Actor $by, OrderInput $input, array $requestIds, array $scheduleIds): WorkOrder
    {
        return DB::transaction(function () use ($by, $input, $requestIds, $scheduleIds): WorkOrder {
            $order = ($this->raise)($by, $input);
            $requests = WorkRequest::query()
                ->where('site_id', $order->site_id)
                ->where('asset_id', $order->asset_id)
                ->where('location_id', $order->location_id)
                ->whereIn('id', $requestIds)
                ->orderBy('id')
                ->get();
            if ($requests->count() !== count(array_unique($requestIds))) {
                throw InvalidInput::because(
                    'other_asset',
                    'requests',
                    'A request that was ticked tells of something else. Choose again from those shown.',
                );
            }
            foreach ($requests as $request) {
                ($this->join)($by, $request, $order);
            }

            return $scheduleIds === [] ? $order : ($this->takeAlong)($by, $order, $scheduleIds);
        });
    }
}
