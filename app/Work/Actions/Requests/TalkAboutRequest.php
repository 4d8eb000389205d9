<?php

declare(strict_types=1);

namespace App\Work\Actions\Requests;

use App\Platform\Audit\Actor;
use App\Work\Models\RequestWord;
use App\Work\Models\WorkRequest;
use App\Work\Requests\RequestMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Work\Request\RequestMove;

/** Asks whoever reported something back, or answers what was asked. */
final readonly class TalkAboutRequest
{
    public function __construct(private RequestMoves $moves)
    {
    }

    public function __invoke(Actor $by, WorkRequest $request, RequestMove $move, string $words): WorkRequest
    {
        return DB::transaction(function () use ($by, $request, $move, $words): WorkRequest {
            $request = $this->moves->make($by, $this->moves->lock($request), $move, $words);
            RequestWord::query()->create([
                'request_id' => $request->id,
                'user_id' => $by->id,
                'who' => $by->name,
                'words' => $words,
                'said_at' => $this->moves->now(),
            ]);

            return $request;
        });
    }
}
