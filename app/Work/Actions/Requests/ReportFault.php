<?php

declare(strict_types=1);

namespace App\Work\Actions\Requests;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Documents\Attach;
use App\Platform\Hooks\Outbox;
use App\Platform\Subject;
use App\Register\Models\Asset;
use App\Work\Inputs\ReportInput;
use App\Work\Inputs\ReportPhoto;
use App\Work\Models\WorkRequest;
use App\Work\Orders\Numbers;
use App\Work\Requests\RequestTold;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Reports a fault or a wish. Whoever reports it follows it by a secret address; the secret itself is not kept. */
final readonly class ReportFault
{
    private const SECRET = 40;

    public function __construct(
        private Audit $audit,
        private Clock $clock,
        private Attach $attach,
        private Outbox $outbox,
    ) {
    }

    /** @return array{WorkRequest, string} the request, and the secret of the address that follows it */
    public function __invoke(Actor $by, ReportInput $report, ?ReportPhoto $photo = null): array
    {
        return DB::transaction(function () use ($by, $report, $photo): array {
            $secret = Str::random(self::SECRET);
            $request = WorkRequest::query()->create([
                'site_id' => $report->where->site_id,
                'number' => Numbers::take('requests'),
                'asset_id' => $report->where instanceof Asset ? $report->where->id : null,
                'location_id' => $report->where instanceof Asset ? null : $report->where->id,
                'symptom' => $report->symptom,
                'what' => $report->what,
                'how_soon' => $report->soon,
                'down' => $report->downSince !== null,
                'down_since' => $report->downSince?->format('Y-m-d H:i:s.u'),
                'reporter' => $report->reporter,
                'user_id' => $by->id,
                'origin' => $report->foundOn !== null ? 'order' : ($by->id === null ? 'label' : 'inside'),
                'from_order_id' => $report->foundOn?->order->id,
                'from_step' => $report->foundOn?->step,
                'secret_hash' => hash('sha256', $secret),
                'received_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            ]);
            if ($photo !== null) {
                $this->photo($by, $request->subject(), $photo);
            }
            $this->audit->record(
                $by,
                $request->subject(),
                "reported {$request->label()}: {$request->title()}",
                [],
                $request->what,
                [$request->about(), ...$report->foundOn === null ? [] : [$report->foundOn->order->subject()]],
            );

            $this->outbox->tell(
                $request->site_id,
                'request.received',
                static fn (): array => RequestTold::of($request, $by->name),
            );

            return [$request, $secret];
        });
    }

    private function photo(Actor $by, Subject $subject, ReportPhoto $photo): void
    {
        [$document] = ($this->attach)($by, $subject, $photo->path, $photo->name, 'photo');
        if ($photo->marks !== null && $photo->marks->marks !== []) {
            $document->fill(['marks' => $photo->marks->marks])->save();
        }
    }
}
