<?php

declare(strict_types=1);

namespace App\Work\Actions\Requests;

use App\Platform\Audit\Actor;
use App\Work\Models\WorkRequest;
use App\Work\Requests\RequestMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Work\Request\RequestMove;

/** Declines a request with a reason that its reporter reads; or takes it back, as its reporter may. */
final readonly class EndRequest
{
    public function __construct(private RequestMoves $moves)
    {
    }

    public function __invoke(Actor $by, WorkRequest $request, RequestMove $move, string $words): WorkRequest
    {
        return DB::transaction(
            fn (): WorkRequest => $this->moves->make($by, $this->moves->lock($request), $move, $words, [
                'reason' => $words === '' ? null : $words,
            ]),
        );
    }
}
