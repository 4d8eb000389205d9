<?php

declare(strict_types=1);

namespace App\Work\Actions\Requests;

use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Work\Models\RequestVoice;
use App\Work\Models\WorkRequest;
use Illuminate\Support\Facades\DB;

/** Counts one more who saw the same fault; the same name counts once. */
final readonly class SayMeToo
{
    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(Actor $by, WorkRequest $request): void
    {
        DB::transaction(function () use ($by, $request): void {
            $request = WorkRequest::query()->lockForUpdate()->findOrFail($request->id);
            $said = RequestVoice::query()->where('request_id', $request->id)->where('who', $by->name)->exists();
            if ($said || $request->reporter === $by->name) {
                return;
            }
            RequestVoice::query()->create([
                'request_id' => $request->id,
                'user_id' => $by->id,
                'who' => $by->name,
                'said_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            ]);
        });
    }
}
