<?php

declare(strict_types=1);

use App\Work\Actions\Requests\ReportFault;
use App\Work\Inputs\ReportInput;
use App\Work\Models\CalendarFeed;
use App\Work\Models\WorkOrder;
use App\Work\Queries\FeedEvents;
use Sundial\Calendar\LocalDate;
use Sundial\Work\OrderState;
use Sundial\Work\Request\HowSoon;
use Tests\Feature\Plant;

const AT_HALL = [
    'title' => 'Unblock the floor drain',
    'asset' => 'HALL',
    'type' => 'corrective',
    'priority' => 'soon',
    'due_on' => '2026-03-20',
];

it('raises an order on a place alone, and shows it wherever orders are shown', function () {
    $plant = Plant::build();
    $this->as('planner')->post('/orders', AT_HALL)->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    expect([$order->asset_id, $order->worksite()->tag, $order->about()->kind])->toBe([null, 'HALL', 'location']);
    foreach (
        [
            '/orders' => 'HALL',
            "/orders/{$order->id}" => "/places/{$plant->hall->id}",
            "/places/{$plant->hall->id}" => 'Unblock the floor drain',
            '/orders?q=Hall' => $order->label(),
            "/orders?place={$plant->hall->id}" => $order->label(),
            '/calendar?month=2026-03' => "{$order->label()} HALL",
            '/jump?q=drain' => 'Unblock the floor drain',
            '/orders.csv' => 'HALL',
        ] as $page => $shown
    ) {
        $answer = $this->get($page)->assertOk();
        expect(str_ends_with($page, '.csv') ? $answer->streamedContent() : $answer->getContent())->toContain($shown);
    }
    $this->as('supervisor')->get('/today')->assertOk();
});

it('leads an order on a place to its close without asking which asset failed', function () {
    $plant = Plant::build();
    $this->as('planner')->post('/orders', AT_HALL + ['team_id' => $plant->teamId])->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    $at = "/orders/{$order->id}";
    foreach (['planner' => 'approve', 'technician' => 'start'] as $who => $move) {
        $this->as($who)->post("{$at}/{$move}")->assertSessionHasNoErrors();
    }
    $this->get($at)->assertOk()->assertDontSee('Say what failed');
    $this->post("{$at}/bookings", [
        'user_id' => $plant->person('technician')->id,
        'worked_on' => '2026-03-18',
        'time' => '1:00',
    ])->assertSessionHasNoErrors();
    $this->post("{$at}/found", ['found_what' => 'The grating is loose', 'found_soon' => 'can wait'])
        ->assertSessionHasNoErrors();
    $this->post("{$at}/finish", ['finished_at' => '2026-03-18T08:00'])->assertSessionHasNoErrors();
    $this->as('supervisor')->post("{$at}/close")->assertSessionHasNoErrors();
    expect($order->refresh()->state)->toBe(OrderState::Closed);
    $this->get("/places/{$plant->hall->id}")->assertSee('The grating is loose');
});

it('accepts a request at a place into an order on that place', function () {
    $plant = Plant::build();
    $person = $plant->person('operator');
    $request = app(ReportFault::class)(
        $person->actor(),
        ReportInput::of($plant->hall, null, 'A lamp is out', $person->name)->wanted(HowSoon::CanWait),
    )[0];
    $this->as('supervisor')
        ->post("/requests/{$request->id}/accept", [
            'title' => 'Change the lamp',
            'asset' => '',
            'type' => 'corrective',
            'priority' => 'routine',
        ])
        ->assertSessionHasNoErrors();
    expect(WorkOrder::query()->sole()->location_id)->toBe($plant->hall->id);
});

it('refuses a place of another site and a tag that nothing has', function (string $tag) {
    Plant::build();
    $this->as('planner')
        ->post('/orders', ['asset' => $tag] + AT_HALL)
        ->assertSessionHasErrors('asset');
    expect(WorkOrder::query()->count())->toBe(0);
})->with(['YARD', 'NOWHERE', '']);

it('tells programs, feeds and the horizon of work on a place, by its tag', function () {
    $plant = Plant::build();
    $this->as('planner')->post('/orders', AT_HALL)->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    expect(api('planner', 'GET', 'orders?tag=HALL')->json('data.0'))
        ->toMatchArray(['tag' => 'HALL', 'on' => 'location', 'title' => 'Unblock the floor drain'])
        ->and(api('planner', 'GET', 'orders?tag=PMP-01')->json('data'))
        ->toBe([]);
    $this->as('planner')
        ->withSession(['horizon.folded' => false])
        ->get("/places/{$plant->hall->id}?fold=0")
        ->assertSee("{$order->label()} Unblock the floor drain");
    $this->post('/me/calendars', ['what' => 'site'])->assertSessionHasNoErrors();
    $feed = app(FeedEvents::class)->of(CalendarFeed::query()->sole(), LocalDate::of(2026, 3, 18));
    expect(array_column($feed, 'summary'))->toContain('HALL Unblock the floor drain');
});

it('moves, holds and reopens an order on a place like any other', function () {
    Plant::build();
    $this->as('planner')->post('/orders', AT_HALL)->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    $at = "/orders/{$order->id}";
    $this->put("{$at}/planned-day", ['planned_on' => '2026-03-23', 'version' => $order->version])
        ->assertSessionHasNoErrors();
    foreach (['approve' => [], 'start' => [], 'hold' => ['hold_reason' => 'parts'], 'resume' => []] as $move => $sent) {
        $this->as('supervisor')->post("{$at}/{$move}", $sent)->assertSessionHasNoErrors();
    }
    $this->post("{$at}/finish", ['finished_at' => '2026-03-18T08:00'])->assertSessionHasNoErrors();
    $this->post("{$at}/reopen", ['reason' => 'It is blocked again'])->assertSessionHasNoErrors();
    expect($order->refresh()->only(['state', 'planned_on']))
        ->toBe(['state' => OrderState::UnderWay, 'planned_on' => '2026-03-23']);
});
