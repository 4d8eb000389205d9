<?php

declare(strict_types=1);

namespace App\Work\Requests;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Hooks\Outbox;
use App\Work\Models\WorkRequest;
use Sundial\Work\Request\RequestMove;

/** What every decision on a request has in common: the locked row, the rule of the core, when it was first answered. */
final readonly class RequestMoves
{
    public function __construct(private Audit $audit, private Clock $clock, private Outbox $outbox)
    {
    }

    /** The request as it stands now, held; a move that its state does not allow any more is refused by the core. */
    public function lock(WorkRequest $request): WorkRequest
    {
        return WorkRequest::query()->lockForUpdate()->findOrFail($request->id);
    }

    /** @param  array<string, mixed>  $fill */
    public function make(
        Actor $by,
        WorkRequest $request,
        RequestMove $move,
        string $words = '',
        array $fill = [],
    ): WorkRequest {
        $from = $request->state;
        $request->state = $move->apply($from, $words);
        if (! $move->isReporters() && $request->answered_at === null) {
            $request->answered_at = $this->now();
            $request->answered_who = $by->name;
        }
        $request->fill($fill);
        $request->version++;
        $request->save();
        $this->audit->record(
            $by,
            $request->subject(),
            self::did($move)." {$request->label()}",
            ['state' => [$from->value, $request->state->value]],
            $words === '' ? null : $words,
            [$request->about()],
        );
        $this->outbox->tell(
            $request->site_id,
            "request.{$request->state->value}",
            static fn (): array => RequestTold::of($request, $by->name),
        );

        return $request;
    }

    public function now(): string
    {
        return $this->clock->now()->format('Y-m-d H:i:s.u');
    }

    private static function did(RequestMove $move): string
    {
        return match ($move) {
            RequestMove::AskBack => 'asked back about',
            RequestMove::Answer => 'answered about',
            RequestMove::Accept => 'accepted',
            RequestMove::Merge => 'merged',
            RequestMove::Decline => 'declined',
            RequestMove::Withdraw => 'withdrew',
        };
    }
}
