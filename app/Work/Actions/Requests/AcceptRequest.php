<?php

declare(strict_types=1);

namespace App\Work\Actions\Requests;

use App\Platform\Audit\Actor;
use App\Work\Actions\Raising\RaiseOrder;
use App\Work\Inputs\OrderInput;
use App\Work\Models\WorkOrder;
use App\Work\Models\WorkRequest;
use App\Work\Requests\RequestMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Request\RequestMove;

/** Accepts a request into an order of its own. */
final readonly class AcceptRequest
{
    public function __construct(private RequestMoves $moves, private RaiseOrder $raise, private JoinRequest $join)
    {
    }

    public function __invoke(Actor $by, WorkRequest $request, OrderInput $input): WorkOrder
    {
        return DB::transaction(function () use ($by, $request, $input): WorkOrder {
            $request = $this->moves->lock($request);
            if ($input->where->site_id !== $request->site_id) {
                throw InvalidInput::because('other_site', 'asset', 'Choose an asset or a place of this site.');
            }
            RequestMove::Accept->apply($request->state);
            $order = ($this->raise)($by, $input);
            ($this->join)($by, $request, $order);

            return $order;
        });
    }
}
