<?php

declare(strict_types=1);

namespace App\Work\Actions\Requests;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Work\Models\WorkRequest;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Whoever reported a fault says whether it is mended, once the work on it is finished. */
final readonly class SayMended
{
    public function __construct(private Audit $audit, private Clock $clock)
    {
    }

    public function __invoke(Actor $by, WorkRequest $request, bool $isMended): WorkRequest
    {
        return DB::transaction(function () use ($by, $request, $isMended): WorkRequest {
            $request = WorkRequest::query()->lockForUpdate()->findOrFail($request->id);
            $order = $request->order;
            if ($order === null || $order->finished_at === null) {
                throw InvalidInput::because('not_done', 'form', 'The work on it is not finished yet.');
            }
            $request
                ->fill([
                    'mended' => $isMended ? 'yes' : 'no',
                    'mended_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
                    'version' => $request->version + 1,
                ])
                ->save();
            $this->audit->record(
                $by,
                $request->subject(),
                $isMended ? "said that {$request->label()} is mended" : "said that {$request->label()} is not mended",
                [],
                null,
                [$order->subject()],
            );

            return $request;
        });
    }
}
