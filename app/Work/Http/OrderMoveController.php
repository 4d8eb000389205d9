<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\People\Models\User;
use App\Planning\Models\Schedule;
use App\Planning\Wording\ScheduleWording;
use App\Platform\Audit\Actor;
use App\Platform\Drafts\TakenForms;
use App\Platform\Frame\Wording;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\FirstAnswer;
use App\Work\Actions\Moves\ApproveWorkOrder;
use App\Work\Actions\Moves\CancelWorkOrder;
use App\Work\Actions\Moves\CloseWorkOrder;
use App\Work\Actions\Moves\CorrectFinish;
use App\Work\Actions\Moves\FinishWithSheet;
use App\Work\Actions\Moves\HandBack;
use App\Work\Actions\Moves\HoldWorkOrder;
use App\Work\Actions\Moves\ReopenWorkOrder;
use App\Work\Actions\Moves\ResumeWorkOrder;
use App\Work\Actions\Moves\SetStage;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Actions\Moves\StopShort;
use App\Work\Http\Requests\FinishRequest;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\SheetForms;
use App\Work\Queries\WaitingWords;
use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Sundial\Calendar\LocalDate;
use Sundial\Work\CancelledVisit;
use Sundial\Work\FinishAnswer;

final class OrderMoveController
{
    public function __construct(
        private readonly Wording $words,
        private readonly FirstAnswer $once,
        private readonly OrderMoves $moves,
        private readonly SiteDays $days,
    ) {
    }

    /**
     * Makes a move from the window in which it was decided: once, however often the button is pressed, and not at all
     * where the order was changed since that window was opened.
     *
     * @param  Closure(Actor): string  $move  makes it, and says what was done
     */
    private function make(Request $request, WorkOrder $order, Closure $move): RedirectResponse
    {
        $request->validate(['version' => ['nullable', 'integer']]);
        $version = $request->filled('version') ? $request->integer('version') : null;
        /** @var User $person */
        $person = $request->user();

        return $this->once->redirect(function () use ($person, $order, $version, $move): array {
            $this->moves->lock($order, $version);

            return ["/orders/{$order->id}", "{$order->label()} {$move($person->actor())}"];
        });
    }

    public function approve(Request $request, WorkOrder $order, ApproveWorkOrder $approve): RedirectResponse
    {
        return $this->make($request, $order, static function (Actor $by) use ($order, $approve): string {
            $approve($by, $order);

            return 'is approved.';
        });
    }

    public function start(Request $request, WorkOrder $order, StartWorkOrder $start): RedirectResponse
    {
        $confirmed = array_map(intval(...), array_values((array) $request->input('confirmed', [])));

        return $this->make($request, $order, static function (Actor $by) use ($order, $start, $confirmed): string {
            $start($by, $order, $confirmed);

            return 'is under way.';
        });
    }

    public function hold(
        Request $request,
        WorkOrder $order,
        HoldWorkOrder $hold,
        WaitingWords $waiting,
    ): RedirectResponse {
        $given = $request->validate(
            [
                'hold_reason' => ['required', 'string', 'max:40'],
                'note' => ['nullable', 'string', 'max:500'],
                'look_again_on' => ['nullable', 'date_format:Y-m-d'],
            ],
            ['hold_reason.required' => 'Choose why the work stands still.'],
            ['hold_reason' => 'reason', 'look_again_on' => 'day to look again'],
        );
        $reason = $waiting->reason($given['hold_reason']);
        $look = isset($given['look_again_on']) ? LocalDate::parse($given['look_again_on'], 'look_again_on') : null;

        return $this->make($request, $order, function (Actor $by) use ($order, $hold, $given, $reason, $look): string {
            $held = $hold($by, $order, $reason, $given['note'] ?? null, $look);

            return "is on hold: {$reason->name}. It is looked at again {$this->words->day($held->look_again_on)}.";
        });
    }

    /** Operations take the machine back; whoever runs it may not see the order, and goes back to Today. */
    public function handBack(Request $request, WorkOrder $order, HandBack $handBack): RedirectResponse
    {
        $made = $this->make($request, $order, static function (Actor $by) use ($order, $handBack): string {
            $handBack($by, $order);

            return 'is handed back. It can be closed now.';
        });

        return Gate::allows('view', $order) ? $made : redirect('/today')->with('said', 'The machine is yours again.');
    }

    /** Where it stands inside its state, in the plant's own words. */
    public function stage(Request $request, WorkOrder $order, SetStage $set): RedirectResponse
    {
        $given = $request->validate(['stage' => ['nullable', 'string', 'max:40']]);
        $stage = $given['stage'] ?? null;

        return $this->make($request, $order, static function (Actor $by) use ($order, $set, $stage): string {
            $set($by, $order, $stage);

            return $stage === null ? 'stands in no stage now.' : "stands at: {$stage}.";
        });
    }

    public function resume(Request $request, WorkOrder $order, ResumeWorkOrder $resume): RedirectResponse
    {
        return $this->make($request, $order, static function (Actor $by) use ($order, $resume): string {
            $resume($by, $order);

            return 'is under way again.';
        });
    }

    /** Takes with it what was typed on the sheet and not kept yet. */
    public function finish(
        FinishRequest $request,
        WorkOrder $order,
        FinishWithSheet $finish,
        TakenForms $taken,
    ): RedirectResponse {
        $input = $request->finish($this->days->site($order->site_id));
        $beside = $request->beside();
        $taken->names = SheetForms::taken($beside);
        /** @var User $me */
        $me = $request->user();

        return $this->make($request, $order, function () use ($me, $order, $finish, $input, $beside): string {
            [$schedules, $kept] = $finish($me, $order, $input, $beside);

            return trim('is done. '.implode(' ', [...$kept, $this->nextVisits($schedules)]));
        });
    }

    public function correct(Request $request, WorkOrder $order, CorrectFinish $correct): RedirectResponse
    {
        $given = $request->validate(
            ['finished_at' => ['required', 'date_format:Y-m-d\TH:i']],
            [],
            ['finished_at' => 'finish'],
        );
        $at = $this->instant($order, $given['finished_at']);
        $answer = $request->boolean('it_is_right') ? FinishAnswer::ItIsRight : FinishAnswer::NotAsked;

        return $this->make($request, $order, function (Actor $by) use ($order, $correct, $at, $answer): string {
            $correct($by, $order, $at, $answer);
            $schedules = $order
                ->visits()
                ->with('visit.schedule')
                ->get()
                ->map(static fn ($covered): Schedule => $covered->visit->schedule)
                ->all();

            return 'has its finish corrected. '.$this->nextVisits(array_values($schedules));
        });
    }

    public function close(Request $request, WorkOrder $order, CloseWorkOrder $close): RedirectResponse
    {
        $given = $request->validate(['review' => ['nullable', 'string', 'max:5000']]);

        return $this->make($request, $order, static function (Actor $by) use ($order, $close, $given): string {
            $close($by, $order, $given['review'] ?? null);

            return 'is reviewed and closed. It is locked now.';
        });
    }

    public function reopen(Request $request, WorkOrder $order, ReopenWorkOrder $reopen): RedirectResponse
    {
        $given = $request->validate(
            ['reason' => ['required', 'string', 'max:500']],
            ['reason.required' => 'Say why the order is reopened.'],
        );

        return $this->make($request, $order, static function (Actor $by) use ($order, $reopen, $given): string {
            [, $back] = $reopen($by, $order, $given['reason']);

            return 'is under way again. '.
                ($back > 0
                    ? 'Its schedule stands as before the finish.'
                    : 'Its schedule keeps its next date, because the next visit has an order already.');
        });
    }

    public function cancel(Request $request, WorkOrder $order, CancelWorkOrder $cancel): RedirectResponse
    {
        $given = $request->validate(
            [
                'reason' => ['required', 'string', 'max:500'],
                'visits' => [
                    $order->visits()->exists() ? 'required' : 'nullable',
                    Rule::enum(CancelledVisit::class),
                ],
            ],
            [
                'reason.required' => 'Say why the order is cancelled.',
                'visits.required' => 'Choose what becomes of its visit.',
            ],
        );

        return $this->make($request, $order, function (Actor $by) use ($order, $cancel, $given): string {
            $schedules = $cancel(
                $by,
                $order,
                $given['reason'],
                CancelledVisit::from($given['visits'] ?? CancelledVisit::GiveBack->value),
            );

            return trim('is cancelled. '.match ($given['visits'] ?? '') {
                CancelledVisit::Skip->value => $this->nextVisits($schedules),
                CancelledVisit::GiveBack->value => 'Its visit can be released again.',
                default => '',
            });
        });
    }

    /** Stops it short, and leads to the order for the rest. */
    public function stopShort(Request $request, WorkOrder $order, StopShort $stop): RedirectResponse
    {
        $given = $request->validate(
            ['reason' => ['required', 'string', 'max:500']],
            ['reason.required' => 'Say why it is stopped short.'],
        );
        $rest = null;
        $made = $this->make($request, $order, static function (Actor $by) use ($order, $stop, $given, &$rest): string {
            $rest = $stop($by, $order, $given['reason']);

            return "is stopped short. What is left of it is in {$rest->label()}.";
        });

        return $rest instanceof WorkOrder ? $made->setTargetUrl(url("/orders/{$rest->id}")) : $made;
    }

    private function instant(WorkOrder $order, string $local): DateTimeImmutable
    {
        return (new DateTimeImmutable($local, $this->days->site($order->site_id)->zone()))->setTimezone(
            new DateTimeZone('UTC'),
        );
    }

    /** @param  list<Schedule>  $schedules */
    private function nextVisits(array $schedules): string
    {
        $words = app(ScheduleWording::class);
        $said = array_map(function (Schedule $schedule) use ($words, $schedules): string {
            $name = count($schedules) > 1 ? "{$schedule->name}: next visit" : 'Next visit';

            return $schedule->standing->next_due_on === null
                ? (count($schedules) > 1 ? "{$schedule->name}: " : '').$words->noDate($schedule)
                : "{$name} {$this->words->day($schedule->standing->next_due_on)}".
                    ($schedule->standing->expected ? ' (expected). ' : '. ').
                    $words->orderMade($schedule);
        }, $schedules);

        return implode(' ', $said);
    }
}
