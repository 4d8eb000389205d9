<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\Platform\Access\Rights;
use App\Platform\Audit\LogQuery;
use App\Platform\Clock\Clock;
use App\Platform\Documents\DocumentsOf;
use App\Platform\Sites\SiteDays;
use App\Stops\Models\Stop;
use App\Stops\Queries\StopFacts;
use App\Stops\Queries\StopReasons;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;

/** One stop: what stood, why, what it cost, what mends it, and the ways to put it right. */
final readonly class StopPage
{
    /** Of its forms: what may be refused. */
    private const FIELDS = [
        'why', 'cause', 'split_at', 'merge', 'to_tag', 'because', 'version', 'from_at', 'to_at', 'stop_reason',
        'strike_reason',
    ];

    public function __construct(
        private StopReasons $reasons,
        private StopFacts $facts,
        private DocumentsOf $documents,
        private SiteDays $days,
        private Clock $clock,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(Stop $stop): array
    {
        $stop->load(['asset', 'cause']);
        $minutes = $stop->span()->minutes($this->clock->now());
        $hour = Rights::has(Right::SeeCosts) ? $this->facts->hourCents($stop) : null;

        return [
            'stop' => $stop,
            'minutes' => $minutes,
            'cents' => $hour === null ? null : (int) round($minutes * $hour / 60),
            'reasons' => $this->reasons->offered($stop->asset_id),
            'shift' => $this->facts->shift($stop),
            'like' => $this->facts->like($stop),
            'about' => $this->about($stop, $minutes),
            'documents' => $this->documents->subject($stop->subject()),
            'mayHang' => $stop->struck_at === null && Gate::allows('update', $stop),
            'log' => (new LogQuery())->of($stop->subject(), $this->days->site($stop->site_id)->zone()),
            'fields' => self::FIELDS,
        ];
    }

    /** What is taken along into an order that is made of it. */
    private function about(Stop $stop, int $minutes): string
    {
        $like = $this->facts->like($stop);

        return "Stood for {$minutes} min: {$stop->reason}.".
            ($like['stops'] > 1 ? " In 90 days {$like['stops']} times, {$like['minutes']} min in all." : '').
            ($stop->note === null ? '' : "\n{$stop->note}");
    }
}
