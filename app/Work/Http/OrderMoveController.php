<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Planning\Models\Schedule;
use App\Planning\Queries\ScheduleWords;
use App\Platform\Frame\Wording;
use App\Platform\Sites\Site;
use App\Work\Actions\ApproveWorkOrder;
use App\Work\Actions\CancelWorkOrder;
use App\Work\Actions\CloseWorkOrder;
use App\Work\Actions\CorrectFinish;
use App\Work\Actions\FinishWorkOrder;
use App\Work\Actions\HoldWorkOrder;
use App\Work\Actions\ReopenWorkOrder;
use App\Work\Actions\ResumeWorkOrder;
use App\Work\Actions\StartWorkOrder;
use App\Work\Models\WorkOrder;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Work\CancelledVisit;
use Sundial\Work\HoldReason;

final class OrderMoveController
{
    public function __construct(private readonly Wording $words)
    {
    }

    private function back(WorkOrder $order, string $said): RedirectResponse
    {
        return redirect("/orders/{$order->id}")->with('said', "{$order->label()} {$said}");
    }

    public function approve(Request $request, WorkOrder $order, ApproveWorkOrder $approve): RedirectResponse
    {
        $approve($request->user()->actor(), $order);

        return $this->back($order, 'is approved.');
    }

    public function start(Request $request, WorkOrder $order, StartWorkOrder $start): RedirectResponse
    {
        $start($request->user()->actor(), $order, array_map(intval(...), array_values((array) $request->input('confirmed', []))));

        return $this->back($order, 'is under way.');
    }

    public function hold(Request $request, WorkOrder $order, HoldWorkOrder $hold): RedirectResponse
    {
        $given = $request->validate(['hold_reason' => ['required', Rule::enum(HoldReason::class)], 'note' => ['nullable', 'string', 'max:500']], ['hold_reason.required' => 'Choose why the work stands still.'], ['hold_reason' => 'reason']);
        $hold($request->user()->actor(), $order, HoldReason::from($given['hold_reason']), $given['note'] ?? null);

        return $this->back($order, "is on hold: {$given['hold_reason']}.");
    }

    public function resume(Request $request, WorkOrder $order, ResumeWorkOrder $resume): RedirectResponse
    {
        $resume($request->user()->actor(), $order);

        return $this->back($order, 'is under way again.');
    }

    public function finish(Request $request, WorkOrder $order, FinishWorkOrder $finish): RedirectResponse
    {
        $given = $request->validate(['finished_at' => ['required', 'date_format:Y-m-d\TH:i'], 'finding' => ['nullable', 'string', 'max:5000'], 'readings' => ['nullable', 'array'], 'readings.*' => ['nullable', 'string', 'max:20'], 'turn' => ['nullable', 'array'], 'turn.*' => ['nullable', 'in:confirmed,rolled over,replaced'], 'old_final' => ['nullable', 'array'], 'old_final.*' => ['nullable', 'string', 'max:20']], ['finished_at.date_format' => 'Give the day and the time of the finish.'], ['finished_at' => 'finish']);
        $readings = [];
        foreach (array_filter($given['readings'] ?? [], static fn (?string $shown): bool => trim((string) $shown) !== '') as $id => $shown) {
            $readings[(int) $id] = ['shown' => $shown, 'turn' => (string) ($given['turn'][$id] ?? ''), 'old_final' => $given['old_final'][$id] ?? null];
        }
        [, $schedules] = $finish($request->user()->actor(), $order, $this->instant($order, $given['finished_at']), $given['finding'] ?? null, $readings);

        return $this->back($order, 'is done. '.$this->nextVisits($schedules));
    }

    public function correct(Request $request, WorkOrder $order, CorrectFinish $correct): RedirectResponse
    {
        $given = $request->validate(['finished_at' => ['required', 'date_format:Y-m-d\TH:i']], [], ['finished_at' => 'finish']);
        $correct($request->user()->actor(), $order, $this->instant($order, $given['finished_at']));
        $schedules = $order->visits()->with('visit.schedule')->get()->map(static fn ($covered): Schedule => $covered->visit->schedule)->values()->all();

        return $this->back($order, 'has its finish corrected. '.$this->nextVisits($schedules));
    }

    public function close(Request $request, WorkOrder $order, CloseWorkOrder $close): RedirectResponse
    {
        $given = $request->validate(['review' => ['nullable', 'string', 'max:5000']]);
        $close($request->user()->actor(), $order, $given['review'] ?? null);

        return $this->back($order, 'is reviewed and closed. It is locked now.');
    }

    public function reopen(Request $request, WorkOrder $order, ReopenWorkOrder $reopen): RedirectResponse
    {
        $given = $request->validate(['reason' => ['required', 'string', 'max:500']], ['reason.required' => 'Say why the order is reopened.']);
        [, $back] = $reopen($request->user()->actor(), $order, $given['reason']);

        return $this->back($order, 'is under way again. '.($back > 0 ? 'Its schedule stands as before the finish.' : 'Its schedule keeps its next date, because the next visit has an order already.'));
    }

    public function cancel(Request $request, WorkOrder $order, CancelWorkOrder $cancel): RedirectResponse
    {
        $given = $request->validate(['reason' => ['required', 'string', 'max:500'], 'visits' => ['required', Rule::enum(CancelledVisit::class)]], ['reason.required' => 'Say why the order is cancelled.', 'visits.required' => 'Choose what becomes of its visit.']);
        $schedules = $cancel($request->user()->actor(), $order, $given['reason'], CancelledVisit::from($given['visits']));

        return $this->back($order, 'is cancelled. '.($given['visits'] === CancelledVisit::Skip->value ? $this->nextVisits($schedules) : 'Its visit can be released again.'));
    }

    private function instant(WorkOrder $order, string $local): DateTimeImmutable
    {
        return (new DateTimeImmutable($local, Site::query()->findOrFail($order->site_id)->zone()))->setTimezone(new DateTimeZone('UTC'));
    }

    /** @param  list<Schedule>  $schedules */
    private function nextVisits(array $schedules): string
    {
        return implode(' ', array_map(fn (Schedule $schedule): string => $schedule->next_due_on === null ? app(ScheduleWords::class)->noDate($schedule) : "Next visit {$this->words->day($schedule->next_due_on)}".($schedule->expected ? ' (expected)' : '').", order made on {$this->words->day($schedule->release_on)}.", $schedules));
    }
}
