<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Planning\Models\Schedule;
use App\Planning\Wording\ScheduleWording;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Platform\Writing\FirstAnswer;
use App\Register\Queries\RegisterLists;
use App\Work\Actions\Release\BeginRelease;
use App\Work\Actions\Release\ReleaseOneVisit;
use App\Work\Actions\Release\UndoRelease;
use App\Work\Models\ReleaseBatch;
use App\Work\Orders\ReleaseChoice;
use App\Work\Queries\ReleaseBatches;
use App\Work\Queries\ReleasePreview;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Calendar\LocalDate;

final class ReleaseController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly RegisterLists $register,
        private readonly ReleaseBatches $batches,
    ) {
    }

    private const SHOWN = 200;

    public function preview(Request $request, ReleasePreview $preview, ScheduleWording $words): Page
    {
        $choice = $this->choice($request);

        return Page::in('plan', 'Release')->sheet(
            'work.release.preview',
            $preview($this->site->get(), $choice) + [
                'choice' => $choice,
                'today' => $this->site->today(),
                'place' => $request->integer('place'),
                'places' => $this->register->locations($this->site->id()),
                'site' => $this->site->get(),
                'batches' => $this->batches->latest($this->site->id()),
                'scheduleWords' => $words,
            ],
        );
    }

    public function release(Request $request, BeginRelease $begin, FirstAnswer $first): RedirectResponse
    {
        $choice = $this->choice($request);
        $site = $this->site->get();
        $by = $request->user()->actor();

        return $first->redirect(static fn (): array => ["/release/{$begin($by, $site, $choice)->id}", null]);
    }

    /** What is chosen by day, place and schedule; everything whose lead has come where nothing is. */
    private function choice(Request $request): ReleaseChoice
    {
        $given = $request->validate([
            'until' => ['nullable', 'date_format:Y-m-d', 'before:2100-01-01'],
            'place' => ['nullable', 'integer'],
            'schedules' => ['nullable', 'array', 'max:2000'],
            'schedules.*' => [OnSite::record('schedules', $this->site->id(), 'schedule')],
        ]);
        $today = $this->site->today();
        $until = isset($given['until'])
            ? LocalDate::later($today, LocalDate::parse($given['until'], 'until'))
            : $today;
        $place = isset($given['place'])
            ? $this->register->location($this->site->id(), (int) $given['place']) ?? abort(404)
            : null;
        $only = array_map(intval(...), array_values($given['schedules'] ?? []));

        return $place === null && $only === [] && $until->is($today)
            ? ReleaseChoice::all($today)
            : ReleaseChoice::part($until, $place?->path, $only);
    }

    /** The next visit of one schedule, before its lead has come. */
    public function one(Request $request, Schedule $schedule, ReleaseOneVisit $release): RedirectResponse
    {
        $order = $release($request->user()->actor(), $schedule);

        return redirect("/orders/{$order->id}")
            ->with(
                'said',
                "{$order->label()} is made for visit {$schedule->standing->next_number} of {$schedule->name}.",
            )
            ->with('undo', ['href' => "/release/{$order->batch_id}", 'method' => 'delete', 'fields' => []]);
    }

    public function undo(Request $request, ReleaseBatch $batch, UndoRelease $undo): RedirectResponse
    {
        abort_unless($this->site->holds($batch->site_id), 404);
        $undo($request->user()->actor(), $batch);

        return redirect("/release/{$batch->id}")->with(
            'said',
            'The release is taken back. Its visits are made again by the next one, unless they are skipped or '.
                'their schedules paused.',
        );
    }

    public function show(ReleaseBatch $batch): Page
    {
        abort_unless($this->site->holds($batch->site_id), 404);
        $this->site->enter($batch->site_id);

        return Page::in('plan', 'What the release made')->sheet('work.release.batch', [
            'batch' => $batch,
            'made' => $this->batches->made($batch),
            'orders' => $this->batches->orders($batch, self::SHOWN),
        ]);
    }
}
