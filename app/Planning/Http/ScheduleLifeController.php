<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\Planning\Actions\CountFromHere;
use App\Planning\Actions\EndSchedule;
use App\Planning\Actions\MoveVisit;
use App\Planning\Actions\PauseSchedule;
use App\Planning\Actions\ResumeSchedule;
use App\Planning\Actions\SkipVisit;
use App\Planning\Actions\TakeSkipBack;
use App\Planning\Models\Schedule;
use App\Planning\Queries\LoadOfWeek;
use App\Planning\Wording\ScheduleWording;
use App\Platform\Frame\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Calendar\LocalDate;

/** What becomes of a schedule between its making and its end. */
final class ScheduleLifeController
{
    public function __construct(private readonly Wording $words)
    {
    }

    public function pause(Request $request, Schedule $schedule, PauseSchedule $pause): RedirectResponse
    {
        $given = $request->validate(
            [
                'from' => ['required', 'date_format:Y-m-d'],
                'until' => ['nullable', 'date_format:Y-m-d'],
                'pause_reason' => ['required', 'string', 'max:250'],
            ],
            ['pause_reason.required' => 'Say why it rests.'],
            ['from' => 'first day', 'until' => 'last day'],
        );
        $until = isset($given['until']) ? LocalDate::parse($given['until'], 'until') : null;
        $pause(
            $request->user()->actor(),
            $schedule,
            LocalDate::parse($given['from'], 'from'),
            $until,
            $given['pause_reason'],
            $request->integer('version'),
        );

        return redirect("/schedules/{$schedule->id}")->with(
            'said',
            'It makes no orders from '.
                $this->words->day($given['from']).
                ' on'.
                ($until === null
                    ? ', until somebody lets it go on.'
                    : '; it goes on by itself on '.$this->words->day((string) $until->plusDays(1)).'.'),
        );
    }

    public function goOn(Request $request, Schedule $schedule, ResumeSchedule $resume): RedirectResponse
    {
        return $this->back(
            $resume($request->user()->actor(), $schedule, null, $request->integer('version')),
            'The schedule goes on.',
        );
    }

    public function skip(Request $request, Schedule $schedule, SkipVisit $skip): RedirectResponse
    {
        $given = $request->validate(
            ['skip_reason' => ['required', 'string', 'max:250']],
            ['skip_reason.required' => 'Say why the visit is skipped.'],
        );

        return $this->back(
            $skip($request->user()->actor(), $schedule, $given['skip_reason'], $request->integer('version')),
            'The visit is skipped.',
        )->with('undo', ['href' => "/schedules/{$schedule->id}/skip", 'method' => 'delete', 'fields' => []]);
    }

    /** Another day for the next visit alone; from its sheet or from the calendar. */
    public function move(Request $request, Schedule $schedule, MoveVisit $move, LoadOfWeek $load): RedirectResponse
    {
        $given = $request->validate(
            ['moved_to' => ['required', 'date_format:Y-m-d'], 'version' => ['nullable', 'integer']],
            [],
            ['moved_to' => 'day'],
        );
        $to = LocalDate::parse($given['moved_to'], 'moved_to');
        $before = $move(
            $request->user()->actor(),
            $schedule,
            $to,
            isset($given['version']) ? (int) $given['version'] : null,
        );
        $words = app(Wording::class);

        return redirect()
            ->back(fallback: "/schedules/{$schedule->id}")
            ->with(
                'said',
                "{$schedule->name} is planned for {$words->weekday($to)}; the visits after it stay where they are. ".
                "{$load->sentence($schedule->site_id, LocalDate::parse($before), $to)}",
            )
            ->with('undo', [
                'href' => "/schedules/{$schedule->id}/move",
                'method' => 'put',
                'fields' => ['moved_to' => $before],
            ]);
    }

    public function takeSkipBack(Request $request, Schedule $schedule, TakeSkipBack $takeBack): RedirectResponse
    {
        return $this->back($takeBack($request->user()->actor(), $schedule), 'The visit is planned as before.');
    }

    public function countFrom(Request $request, Schedule $schedule, CountFromHere $count): RedirectResponse
    {
        $given = $request->validate(
            [
                'on' => ['required', 'date_format:Y-m-d'],
                'reading' => ['nullable', 'string', 'max:16'],
                'count_reason' => ['required', 'string', 'max:250'],
            ],
            ['count_reason.required' => 'Say why it counts afresh.'],
            ['on' => 'day'],
        );

        return $this->back(
            $count(
                $request->user()->actor(),
                $schedule,
                LocalDate::parse($given['on'], 'on'),
                $given['reading'] ?? null,
                $given['count_reason'],
                $request->integer('version'),
            ),
            'It counts from there.',
        );
    }

    public function end(Request $request, Schedule $schedule, EndSchedule $end): RedirectResponse
    {
        $given = $request->validate(
            ['reason' => ['required', 'string', 'max:500']],
            ['reason.required' => 'Say why the schedule ends.'],
        );
        $end($request->user()->actor(), $schedule, $given['reason'], $request->integer('version'));

        return redirect("/schedules/{$schedule->id}")->with('said', 'The schedule has ended. Its history stays.');
    }

    private function back(Schedule $schedule, string $said): RedirectResponse
    {
        $next = match (true) {
            $schedule->held_from !== null => ' Its asset is not in use, so it is held up all the same.',
            $schedule->standing->next_due_on === null => ' '.app(ScheduleWording::class)->noDate($schedule),
            default => " Next visit {$this->words->day($schedule->standing->next_due_on)}. ".
                app(ScheduleWording::class)->orderMade($schedule),
        };

        return redirect("/schedules/{$schedule->id}")->with('said', $said.$next);
    }
}
