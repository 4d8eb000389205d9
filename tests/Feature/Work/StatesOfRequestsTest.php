<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Work\Actions\Requests\AcceptRequest;
use App\Work\Actions\Requests\EndRequest;
use App\Work\Actions\Requests\JoinRequest;
use App\Work\Actions\Requests\MergeRequest;
use App\Work\Actions\Requests\SayMended;
use App\Work\Actions\Requests\SayMeToo;
use App\Work\Actions\Requests\TalkAboutRequest;
use App\Work\Inputs\OrderInput;
use App\Work\Models\WorkOrder;
use App\Work\Models\WorkRequest;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\MoveRefused;
use Sundial\Work\OrderType;
use Sundial\Work\Priority;
use Sundial\Work\Request\RequestMove;
use Tests\Feature\Plant;

/** What somebody reported, in each state; mended: its order was finished. */
function requestInState(Plant $plant, string $state): WorkRequest
{
    $by = $plant->actor('planner');
    $request = $plant->report('It squeals');
    $accept = static fn () => app(AcceptRequest::class)(
        $by,
        $request,
        OrderInput::on($plant->pump, 'Stop the squeal')->as(OrderType::corrective(), Priority::Soon, null),
    );
    match ($state) {
        'asked back' => app(TalkAboutRequest::class)($by, $request, RequestMove::AskBack, 'Which side?'),
        'accepted' => $accept(),
        'mended' => $plant->through($accept(), 'approve', 'start', 'finish'),
        'merged' => app(MergeRequest::class)($by, $request, $plant->report('It howls')),
        'declined' => app(EndRequest::class)($by, $request, RequestMove::Decline, 'It is meant to'),
        'withdrawn' => app(EndRequest::class)(Actor::guest('Bas, line A'), $request, RequestMove::Withdraw, ''),
        default => null,
    };

    return $request->refresh();
}

const STATES_OF_REQUESTS = ['received', 'asked back', 'accepted', 'mended', 'merged', 'declined', 'withdrawn'];

const WAITING = ['received', 'asked back'];

it('lets be done to a report what its state lets, and refuses it in every other', function (
    Closure $act,
    array $lets,
) {
    $plant = Plant::build();
    $plant->raised();
    $by = $plant->actor('planner');
    $passed = [];
    foreach (STATES_OF_REQUESTS as $state) {
        DB::beginTransaction();
        $request = requestInState($plant, $state);
        $other = $plant->report('It hums');
        $before = DB::table('audit_entries')->count();
        try {
            $act($request, $by, $other, $plant);
            $passed[] = $state;
        } catch (InvalidInput|MoveRefused) {
            expect(DB::table('audit_entries')->count())->toBe($before, "refused, and nothing written: {$state}");
        }
        DB::rollBack();
    }
    expect($passed)->toBe($lets);
})->with([
    'asked about' => [
        fn (WorkRequest $request, Actor $by) => app(TalkAboutRequest::class)(
            $by,
            $request,
            RequestMove::AskBack,
            'Since when?',
        ),
        WAITING,
    ],
    'answered' => [
        fn (WorkRequest $request) => app(TalkAboutRequest::class)(
            Actor::guest('Bas, line A'),
            $request,
            RequestMove::Answer,
            'The left one',
        ),
        ['asked back'],
    ],
    'made an order' => [
        fn (WorkRequest $request, Actor $by, WorkRequest $other, Plant $plant) => app(AcceptRequest::class)(
            $by,
            $request,
            OrderInput::on($plant->pump, 'Look at it')->as(OrderType::corrective(), Priority::Soon, null),
        ),
        WAITING,
    ],
    'joined to an order that is there' => [
        fn (WorkRequest $request, Actor $by) => app(JoinRequest::class)(
            $by,
            $request,
            WorkOrder::query()->orderBy('id')->firstOrFail(),
        ),
        WAITING,
    ],
    'merged into another' => [
        fn (WorkRequest $request, Actor $by, WorkRequest $other) => app(MergeRequest::class)($by, $request, $other),
        WAITING,
    ],
    'declined' => [
        fn (WorkRequest $request, Actor $by) => app(EndRequest::class)(
            $by,
            $request,
            RequestMove::Decline,
            'It is meant to',
        ),
        WAITING,
    ],
    'withdrawn' => [
        fn (WorkRequest $request) => app(EndRequest::class)(
            Actor::guest('Bas, line A'),
            $request,
            RequestMove::Withdraw,
            '',
        ),
        WAITING,
    ],
    'said to be mended' => [
        fn (WorkRequest $request) => app(SayMended::class)(Actor::guest('Bas, line A'), $request, true),
        ['mended'],
    ],
    'said by somebody else, too' => [
        fn (WorkRequest $request) => app(SayMeToo::class)(Actor::guest('Jo, line B'), $request),
        STATES_OF_REQUESTS,
    ],
]);

it('joins a report to no order of another site', function () {
    $plant = Plant::build();
    $request = $plant->report('It squeals');
    $order = $plant->raised();
    $order->site_id = $plant->site->id + 1;
    expect(fn () => app(JoinRequest::class)($plant->actor('planner'), $request, $order))
        ->toThrow(InvalidInput::class, 'of this site')
        ->and($request->refresh()->order_id)->toBeNull();
});
