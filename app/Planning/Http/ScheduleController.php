<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\Planning\Actions\ChangeFromDay;
use App\Planning\Actions\PutOnMany;
use App\Planning\Actions\SaveSchedule;
use App\Planning\Http\Requests\ScheduleRequest;
use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Schedule;
use App\Planning\Pages\PartsTaken;
use App\Planning\Pages\ScheduleFormPage;
use App\Planning\Pages\SchedulePage;
use App\Planning\Pages\SchedulePreview;
use App\Planning\Queries\KeptChange;
use App\Planning\Queries\PlanningLists;
use App\Planning\Queries\ScheduleDraft;
use App\Planning\Queries\ScheduleIndex;
use App\Planning\Wording\ScheduleWording;
use App\Platform\Audit\LogQuery;
use App\Platform\Extension\Extensions;
use App\Platform\Files\Table;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Models\Asset;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class ScheduleController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly ScheduleDraft $draft,
        private readonly ScheduleWording $words,
        private readonly ScheduleFormPage $forms,
        private readonly PlanningLists $planning,
    ) {
    }

    private function page(Request $request, string $title, ?int $current = null): Page
    {
        return Page::in('plan', $title)->index('planning.schedules.index', function () use (
            $request,
            $current,
        ): array {
            $filter = $this->filter($request);
            $page = max(1, (int) $request->query('page', '1'));

            return (new ScheduleIndex())(
                $this->site->id(),
                self::narrowed($filter),
                $page,
            ) + [
                'filter' => $filter,
                'page' => $page,
                'current' => $current,
                'words' => $this->words,
                'today' => $this->site->today(),
            ];
        });
    }

    /** @return array<string, string> */
    private function filter(Request $request): array
    {
        return array_filter(
            Typed::words($request, 'q', 'near', 'method'),
            static fn (mixed $value): bool => is_string($value) && $value !== '',
        );
    }

    /**
     * @param  array<string, string>  $filter
     * @return array{q: string|null, near: string|null, method: int|null}
     */
    private static function narrowed(array $filter): array
    {
        return [
            'q' => $filter['q'] ?? null,
            'near' => $filter['near'] ?? null,
            'method' => isset($filter['method']) ? (int) $filter['method'] : null,
        ];
    }

    public function index(Request $request): Page
    {
        return $this->page($request, 'Schedules')->sheet('planning.schedules.overview');
    }

    public function export(Request $request, string $format): StreamedResponse
    {
        $filter = $this->filter($request);
        $schedules = (new ScheduleIndex())->all(
            $this->site->id(),
            self::narrowed($filter),
        );

        return Table::stream(
            $format,
            'schedules',
            [
                'id',
                'asset',
                'asset name',
                'schedule',
                'method',
                'recurs',
                'first date',
                'rule (RFC 5545)',
                'nearness',
                'next visit',
                'order made',
                'in hand',
                'team',
                'held up since',
                'ended',
            ],
            $schedules->map(
                fn (Schedule $schedule): array => [
                    $schedule->id,
                    $schedule->asset->tag,
                    $schedule->asset->name,
                    $schedule->name,
                    $schedule->method->code,
                    $this->words->every($schedule),
                    $schedule->anchor_on,
                    $schedule->recurrence(),
                    $schedule->standing->nearness?->value,
                    $schedule->standing->next_due_on,
                    $schedule->standing->release_on,
                    $schedule->standing->in_hand,
                    $schedule->team?->name,
                    $schedule->held_from,
                    $schedule->ended ? 'yes' : 'no',
                ],
            ),
        );
    }

    public function show(Request $request, Schedule $schedule, SchedulePage $shown, PartsTaken $parts): Page
    {
        $site = $this->site->enter($schedule->site_id);
        $schedule->load(['asset', 'method.inForce', 'team', 'meter', 'gauge', 'round.stations']);
        $today = $this->site->today();
        $extensions = app(Extensions::class);

        return $this->page($request, $schedule->name, $schedule->id)
            ->sheet('planning.schedules.sheet', [
                'schedule' => $schedule,
                'words' => $this->words,
                'shown' => $shown($schedule, $today),
                'today' => $today,
                'change' => $this->kept($schedule),
                'parts' => $parts($schedule->method, $schedule->site_id),
                'sections' => $extensions->sections($schedule->subject()),
                'offers' => $extensions->actions($schedule->subject()),
                'log' => (new LogQuery())->of($schedule->subject(), $site->zone()),
            ])
            ->horizon(static fn (): Horizon => Horizon::of($schedule->subject(), $schedule->name, $today));
    }

    /** @return array{from: string, who: string, says: string}|null a change that takes effect on a day to come */
    private function kept(Schedule $schedule): ?array
    {
        $change = app(KeptChange::class)->of($schedule);
        if ($change === null) {
            return null;
        }
        $then = $this->draft
            ->fill(clone $schedule, ScheduleInput::fromJson($change->input))
            ->unsetRelations()
            ->load(['meter', 'gauge']);

        return ['from' => $change->from_on, 'who' => $change->who, 'says' => $this->words->sentence($then)];
    }

    public function dropChange(Request $request, Schedule $schedule, ChangeFromDay $change): RedirectResponse
    {
        $change($request->user()->actor(), $schedule, null);

        return redirect("/schedules/{$schedule->id}")->with(
            'said',
            "The change is taken back; {$schedule->name} goes on as it is.",
        );
    }

    public function create(Request $request, Asset $asset): Page
    {
        return $this->form(
            $request,
            $asset,
            new Schedule([
                'site_id' => $asset->site_id,
                'asset_id' => $asset->id,
                'method_id' => $request->integer('method') ?: null,
                'rule' => Schedule::INTERVAL,
                'every' => 30,
                'unit' => 'days',
                'non_working' => 'keep',
                'late_share' => 0,
                'early_share' => 0,
                'least_gap' => 0,
                'lead' => 5,
                'lead_unit' => 'days',
                'approve_at_once' => true,
                'anchor_on' => (string) $this->site->today()->plusDays(7),
                'round_id' => $this->planning->round($asset->site_id, $request->integer('round'))?->id,
            ]),
        );
    }

    public function edit(Request $request, Schedule $schedule): Page
    {
        return $this->form($request, $schedule->asset()->firstOrFail(), $schedule);
    }

    /** @param  array<string, mixed>|null  $typed what was typed, when a preview was asked for without JavaScript */
    private function form(Request $request, Asset $asset, Schedule $schedule, ?array $typed = null): Page
    {
        $this->site->enter($asset->site_id);

        return $this->page(
            $request,
            $schedule->exists ? $schedule->name : "New schedule on {$asset->tag}",
            $schedule->id,
        )->sheet('planning.schedules.form', ['form' => ($this->forms)($asset, $schedule, $typed)]);
    }

    public function preview(Request $request, Asset $asset, SchedulePreview $preview): Response|Page
    {
        $schedule = $request->filled('schedule_id')
            ? $this->planning->scheduleOn($asset->id, $request->integer('schedule_id'))
            : new Schedule(['site_id' => $asset->site_id, 'asset_id' => $asset->id]);
        if ($request->headers->has('HX-Request')) {
            return response(
                view('planning.schedules.preview', [
                    'preview' => $preview($asset, $schedule, $request->all()),
                ])->render(),
            )->header('Cache-Control', 'no-store');
        }

        return $this->form($request, $asset, $schedule, $request->except('_token'));
    }

    public function store(
        ScheduleRequest $request,
        Asset $asset,
        SaveSchedule $save,
        PutOnMany $putOnMany,
        FirstAnswer $once,
    ): RedirectResponse {
        $said = $request->said();
        $others = $request->others();
        $by = $request->user()->actor();
        if ($others !== []) {
            return $once->redirect(static fn (): array => [
                '/schedules?method='.$putOnMany($by, $asset, $said, $others, $request->stagger())[0]->method_id,
                app(Wording::class)->count(count($others) + 1, 'schedule').' are saved, each on an asset of its own.',
            ]);
        }

        return $once->redirect(function () use ($save, $by, $asset, $said): array {
            $id = $save($by, null, $asset, $said)->id;

            return ["/schedules/{$id}", $this->saved($id)];
        });
    }

    public function update(
        ScheduleRequest $request,
        Schedule $schedule,
        SaveSchedule $save,
        ChangeFromDay $later,
    ): RedirectResponse {
        $said = $request->said();
        $by = $request->user()->actor();
        $from = $request->from();
        if ($from !== null) {
            $later($by, $schedule, $said, $from, $request->integer('version'));

            return redirect("/schedules/{$schedule->id}")->with(
                'said',
                "{$schedule->name} changes on {$from->inWords()}. Until then its present rule holds.",
            );
        }
        $save($by, $schedule, $schedule->asset()->firstOrFail(), $said, $request->integer('version'));

        return redirect("/schedules/{$schedule->id}")->with('said', $this->saved($schedule->id));
    }

    private function saved(int $id): string
    {
        $schedule = $this->planning->schedule($id);
        $words = app(Wording::class);

        if ($schedule->standing->next_due_on === null) {
            return "{$schedule->name} is saved. {$this->words->noDate($schedule)}";
        }

        return "{$schedule->name} is saved. Next visit {$words->day($schedule->standing->next_due_on)}. ".
            $this->words->orderMade($schedule);
    }
}
