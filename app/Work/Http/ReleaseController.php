<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Planning\Models\Schedule;
use App\Planning\Queries\ScheduleWords;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Work\Actions\ReleaseDueVisits;
use App\Work\Actions\ReleaseOneVisit;
use App\Work\Actions\UndoRelease;
use App\Work\Models\ReleaseBatch;
use App\Work\Models\WorkOrder;
use App\Work\Queries\ReleasePreview;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class ReleaseController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    public function preview(ReleasePreview $preview, ScheduleWords $words): Page
    {
        $batches = ReleaseBatch::query()->where('site_id', $this->site->id())->orderByDesc('id')->limit(12)->get();

        return Page::in('plan', 'Release')->sheet('work.release.preview', $preview($this->site->get(), $this->site->today()) + ['site' => $this->site->get(), 'batches' => $batches, 'scheduleWords' => $words]);
    }

    public function release(Request $request, ReleaseDueVisits $release): RedirectResponse
    {
        $batch = $release($request->user()->actor(), $this->site->get());

        return redirect("/release/{$batch->id}");
    }

    /** The next visit of one schedule, before its lead has come. */
    public function one(Request $request, Schedule $schedule, ReleaseOneVisit $release): RedirectResponse
    {
        $order = $release($request->user()->actor(), $schedule);

        return redirect("/orders/{$order->id}")->with('said', "{$order->label()} is made for visit {$schedule->next_number} of {$schedule->name}.")->with('undo', ['href' => "/release/{$order->batch_id}", 'method' => 'delete', 'fields' => []]);
    }

    public function undo(Request $request, ReleaseBatch $batch, UndoRelease $undo): RedirectResponse
    {
        abort_unless($this->site->holds($batch->site_id), 404);
        $undo($request->user()->actor(), $batch);

        return redirect("/release/{$batch->id}")->with('said', 'The release is taken back. Its visits are made again by the next one, unless they are skipped or their schedules paused.');
    }

    public function show(ReleaseBatch $batch): Page
    {
        abort_unless($this->site->holds($batch->site_id), 404);
        $this->site->enter($batch->site_id);

        return Page::in('plan', 'What the release made')->sheet('work.release.batch', ['batch' => $batch, 'orders' => WorkOrder::query()->where('batch_id', $batch->id)->with('asset')->orderBy('number')->limit(200)->get()]);
    }
}
