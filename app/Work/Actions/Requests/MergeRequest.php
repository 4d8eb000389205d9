<?php

declare(strict_types=1);

namespace App\Work\Actions\Requests;

use App\Platform\Audit\Actor;
use App\Work\Models\RequestVoice;
use App\Work\Models\WorkRequest;
use App\Work\Requests\RequestMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Request\RequestMove;

/** Says that a request tells of the same as another one of its site: who reported it counts there as one more voice. */
final readonly class MergeRequest
{
    public function __construct(private RequestMoves $moves)
    {
    }

    public function __invoke(Actor $by, WorkRequest $request, WorkRequest $into): WorkRequest
    {
        return DB::transaction(function () use ($by, $request, $into): WorkRequest {
            $held = WorkRequest::query()
                ->whereIn('id', [$request->id, $into->id])
                ->where('site_id', $request->site_id)
                ->orderBy('id')
                ->lockForUpdate()
                ->get()
                ->keyBy('id');
            $other = $held->get($into->id);
            $same = $held->get($request->id);
            if ($same === null || $other === null || $other->is($same) || ! self::takes($other)) {
                throw InvalidInput::because(
                    'not_open',
                    'into_id',
                    'Choose another request of this site that waits, or one whose order is open.',
                );
            }
            $merged = $this->moves->make($by, $same, RequestMove::Merge, '', [
                'into_id' => $other->id,
                'order_id' => $other->order_id,
            ]);
            RequestVoice::query()->create([
                'request_id' => $other->id,
                'user_id' => $merged->user_id,
                'who' => $merged->reporter,
                'said_at' => $this->moves->now(),
            ]);

            return $merged;
        });
    }

    private static function takes(WorkRequest $into): bool
    {
        return $into->state->isOpen() || $into->order?->state->isOpen() === true;
    }
}
