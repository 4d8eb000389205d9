<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Planning\Queries\ScheduleWords;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Work\Actions\ReleaseDueVisits;
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

    public function show(ReleaseBatch $batch): Page
    {
        abort_unless($this->site->holds($batch->site_id), 404);
        $this->site->enter($batch->site_id);

        return Page::in('plan', 'What the release made')->sheet('work.release.batch', ['batch' => $batch, 'orders' => WorkOrder::query()->where('batch_id', $batch->id)->with('asset')->orderBy('number')->limit(200)->get()]);
    }
}
