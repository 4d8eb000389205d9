<?php

declare(strict_types=1);

namespace App\Work\Actions\Requests;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Register\Models\Asset;
use App\Stops\Actions\ReportDown;
use App\Stops\Inputs\StopSaid;
use App\Stops\Models\Stop;
use App\Work\Models\Restriction;
use App\Work\Models\WorkRequest;
use App\Work\Requests\KeepRestriction;
use App\Work\Requests\RequestMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\Request\MayRun;

/**
 * Says whether a machine that was found faulty may run on until it is mended: yes; restricted, which is then seen
 * wherever the machine is seen; or no, which opens a stop.
 */
final readonly class SayMayRun
{
    public function __construct(
        private RequestMoves $moves,
        private Audit $audit,
        private Clock $clock,
        private ReportDown $down,
        private KeepRestriction $keep,
    ) {
    }

    public function __invoke(
        Actor $by,
        WorkRequest $request,
        MayRun $may,
        string $what = '',
        ?LocalDate $until = null,
    ): void {
        DB::transaction(function () use ($by, $request, $may, $what, $until): void {
            $request = $this->moves->lock($request);
            $asset = $request->asset ?? throw InvalidInput::because(
                'no_asset',
                'may_run',
                'This request is about a place. Only a machine runs.',
            );
            if ($may === MayRun::Restricted) {
                $this->restrict($by, $request, $what, $until);
            }
            if ($may === MayRun::No) {
                $this->stop($by, $asset, $request);
            }
            $request->fill(['may_run' => $may, 'version' => $request->version + 1])->save();
            $this->audit->record(
                $by,
                $request->subject(),
                match ($may) {
                    MayRun::Yes => "said that {$asset->name} may run on",
                    MayRun::Restricted => "restricted {$asset->name}: {$what}",
                    MayRun::No => "said that {$asset->name} may not run",
                },
                $until === null ? [] : ['until' => [null, (string) $until]],
                null,
                [$asset->subject()],
            );
        });
    }

    private function restrict(Actor $by, WorkRequest $request, string $what, ?LocalDate $until): void
    {
        if (trim($what) === '') {
            throw InvalidInput::because('missing', 'restriction', 'Say how it may run: what is allowed, and what not.');
        }
        Restriction::query()->create([
            'site_id' => $request->site_id,
            'asset_id' => $request->asset_id,
            'request_id' => $request->id,
            'what' => $what,
            'until_on' => $until === null ? null : (string) $until,
            'user_id' => $by->id,
            'who' => $by->name,
            'set_at' => $this->moves->now(),
        ]);
        ($this->keep)((int) $request->asset_id);
    }

    /** One that stands already keeps standing. */
    private function stop(Actor $by, Asset $asset, WorkRequest $request): void
    {
        try {
            ($this->down)(
                $by,
                $asset,
                Stop::instant($request->down_since) ?? $this->clock->now(),
                StopSaid::because(mb_substr($request->title(), 0, 120))->noting($request->label()),
            );
        } catch (InvalidInput $e) {
            if ($e->cause() !== 'down') {
                throw $e;
            }
        }
    }
}
