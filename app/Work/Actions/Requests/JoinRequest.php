<?php

declare(strict_types=1);

namespace App\Work\Actions\Requests;

use App\Platform\Audit\Actor;
use App\Platform\Documents\Document;
use App\Work\Models\WorkOrder;
use App\Work\Models\WorkRequest;
use App\Work\Requests\RequestMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Request\RequestMove;

/** Accepts a request into an order that stands: all that was reported is carried over, photos too. */
final readonly class JoinRequest
{
    public function __construct(private RequestMoves $moves)
    {
    }

    public function __invoke(Actor $by, WorkRequest $request, WorkOrder $order): WorkRequest
    {
        return DB::transaction(function () use ($by, $request, $order): WorkRequest {
            $request = $this->moves->lock($request);
            if ($order->site_id !== $request->site_id) {
                throw InvalidInput::because('other_site', 'asset', 'Choose an asset or a place of this site.');
            }
            $this->moves->make($by, $request, RequestMove::Accept, '', ['order_id' => $order->id]);
            foreach (Document::ofSubject($request->subject())->get() as $photo) {
                $copy = $photo->replicate(['main']);
                $copy->setRelation('file', $photo->file);
                $copy->fill(['kind' => 'order', 'subject_id' => $order->id, 'main' => false])->save();
            }

            return $request;
        });
    }
}
