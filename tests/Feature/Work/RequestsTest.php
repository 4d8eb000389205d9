<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Platform\Sites\SiteDays;
use App\Register\Actions\MergeAssets;
use App\Register\Models\Asset;
use App\Stops\Models\Stop;
use App\Work\Models\WorkOrder;
use App\Work\Models\WorkRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Sundial\Register\ShortCode;
use Sundial\Work\OrderState;
use Sundial\Work\Request\HowSoon;
use Sundial\Work\Request\MayRun;
use Sundial\Work\Request\RequestState;
use Tests\Feature\Plant;

/** The address at which a fault of the pump is reported, at a site whose code is told. */
function reportAt(Plant $plant, ?string $code = 'MILL'): string
{
    $plant->site->forceFill(['report_code' => $code])->save();
    DB::table('location_operators')->insert([
        'location_id' => $plant->hall->id,
        'user_id' => $plant->person('operator')->id,
    ]);

    return '/report/'.ShortCode::of($plant->pump->id)->code;
}

it('takes a report without an account from whoever knows the code of the site, and from nobody else', function () {
    $plant = Plant::build();
    $to = reportAt($plant);
    $report = ['what' => 'It squeals', 'how_soon' => 'this shift', 'reporter' => 'Bas, line A'];
    $this->post($to, $report)->assertForbidden();
    $this->get($to)->assertSee('the code of the site')->assertDontSee($plant->pump->name);
    $this->from($to)->post("{$to}/code", ['site_code' => 'WRONG'])->assertSessionHasErrors('site_code');
    $told = $this->post("{$to}/code", ['site_code' => 'mill'])->assertRedirect($to);
    $told->assertCookie("report_{$plant->site->id}");
    $device = $this->withCookie("report_{$plant->site->id}", hash('sha256', "{$plant->site->id} MILL"));
    $device->get($to)->assertSee("What is wrong with {$plant->pump->name}?");
    $follow = $device->post($to, $report)->assertRedirect()->headers->get('Location');
    $request = WorkRequest::query()->sole();
    expect([$request->label(), $request->reporter, $request->origin, $request->state])
        ->toBe(['R-101', 'Bas, line A', 'label', RequestState::Received])
        ->and(Stop::query()->count())
        ->toBe(0);
    $this->get((string) $follow)->assertSee('It waits for somebody to look at it');
    $this->get('/follow/guessed')->assertNotFound();
    $plant->site->forceFill(['report_code' => 'NEW'])->save();
    app(SiteDays::class)->forget($plant->site->id);
    $device->post($to, $report)->assertForbidden();
});

it('tells strangers no more than kind, day and state of what was reported before', function () {
    $plant = Plant::build();
    $to = reportAt($plant);
    $plant->report('The secret recipe leaks');
    $device = $this->withCookie("report_{$plant->site->id}", hash('sha256', "{$plant->site->id} MILL"));
    $device->get($to)->assertSee('reported today')->assertDontSee('secret recipe')->assertDontSee('Bas');
    $id = WorkRequest::query()->sole()->id;
    $device->from($to)->post("{$to}/me-too/{$id}")->assertSessionHasErrors('reporter');
    $device->post("{$to}/me-too/{$id}", ['reporter' => 'Ann']);
    $device->post("{$to}/me-too/{$id}", ['reporter' => 'Ann']);
    expect(DB::table('request_voices')->pluck('who')->all())->toBe(['Ann']);
});

it('keeps the photo of a report with the spot that was marked', function () {
    $plant = Plant::build();
    $to = reportAt($plant);
    $this->as('operator')->post($to, [
        'symptom' => 'leaks',
        'how_soon' => 'at once',
        'down' => '1',
        'photo' => UploadedFile::fake()->image('pump.jpg', 400, 300),
        'spot' => '500 250',
    ]);
    $document = DB::table('documents')->where('kind', 'request')->sole();
    expect(json_decode($document->marks, true)[0])
        ->toMatchArray(['tool' => 'ring', 'points' => [[440, 190], [560, 310]]])
        ->and(WorkRequest::query()->sole()->down)
        ->toBeTrue();
});

it('says which field is missing, and keeps what was typed', function () {
    $plant = Plant::build();
    $to = reportAt($plant);
    $this->as('planner')->from($to)->post($to, ['how_soon' => 'this shift'])->assertSessionHasErrors('what');
    $this->from($to)
        ->post($to, ['what' => 'It squeals', 'how_soon' => 'tomorrow'])
        ->assertSessionHasErrors('how_soon')
        ->assertSessionHasInput('what', 'It squeals');
    expect(WorkRequest::query()->count())->toBe(0);
});

it('becomes an order, is done, and whoever reported it is asked whether it is mended', function () {
    $plant = Plant::build();
    $to = reportAt($plant);
    $follow = (string) $this->as('operator')
        ->post($to, ['what' => 'It squeals when it starts', 'how_soon' => 'this shift'])
        ->headers->get('Location');
    $request = WorkRequest::query()->sole();
    $this->as('planner')->get("/requests/{$request->id}")->assertSee('Accept it into an order');
    $this->post("/requests/{$request->id}/accept", [
        'title' => 'Look at the bearing',
        'type' => 'corrective',
        'priority' => 'urgent',
        'due_on' => '2026-03-19',
        'about' => $request->what,
    ])->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    expect([$order->state, $order->asset_id, $order->due_on, $request->refresh()->state])
        ->toBe([OrderState::Draft, $plant->pump->id, '2026-03-19', RequestState::Accepted])
        ->and($request->answered_who)
        ->toBe($plant->person('planner')->name);
    $this->fresh()->get($follow)->assertSee($order->label())->assertDontSee('Is it mended?');
    $plant->through($order, 'approve', 'start', 'finish');
    $this->fresh()->get($follow)->assertSee('Is it mended?');
    $this->post("{$follow}/mended", ['mended' => 'no']);
    $this->as('supervisor')->get("/orders/{$order->id}")->assertSee('not mended yet');
});

it('asks back, is answered, and is declined with a reason that its reporter reads', function () {
    $plant = Plant::build();
    $to = reportAt($plant);
    $follow = (string) $this->as('operator')
        ->post($to, ['what' => 'It squeals', 'how_soon' => 'can wait'])
        ->headers->get('Location');
    $request = WorkRequest::query()->sole();
    $page = "/requests/{$request->id}";
    $this->as('supervisor')->from($page)->post("{$page}/ask", ['words' => ' '])->assertSessionHasErrors('words');
    $this->get($page)->assertSeeInOrder(['first answer', 'none yet']);
    $this->clock->set('2026-03-18 09:10:00');
    $this->post("{$page}/ask", ['words' => 'Cold or warm?']);
    $this->clock->set('2026-03-18 11:00:00');
    $this->get($page)->assertSeeInOrder(['first answer', 'after 1 h 10 min']);
    $this->get($follow)->assertSee('Cold or warm?');
    $this->post("{$follow}/answer", ['words' => 'Only cold']);
    $this->get($page)->assertSee('Only cold');
    // What is wrong with one form does not open the other.
    $this->from($page)->post("{$page}/decline", ['reason' => ' '])
        ->assertSessionHasErrors('reason')
        ->assertSessionDoesntHaveErrors('words');
    $this->post("{$page}/decline", ['reason' => 'It always does, cold']);
    $this->get($follow)->assertSee('It always does, cold');
    $this->from($page)->post("{$page}/decline", ['reason' => 'Again'])->assertSessionHasErrors('form');
});

it('is taken back by whoever reported it, as long as nobody has decided', function () {
    $plant = Plant::build();
    $to = reportAt($plant);
    $report = fn (): string => (string) $this->fresh()->as('operator')
        ->post($to, ['what' => 'It squeals', 'how_soon' => 'can wait'])
        ->headers->get('Location');
    [$first, $second] = [$report(), $report()];
    [$one, $two] = WorkRequest::query()->orderBy('id')->get()->all();
    $this->fresh()->post("{$first}/withdraw");
    expect($one->refresh()->state)->toBe(RequestState::Withdrawn);
    $this->as('supervisor')->post("/requests/{$two->id}/decline", ['reason' => 'It always does']);
    $this->fresh()->from($second)->post("{$second}/withdraw")->assertSessionHasErrors('form');
    $this->get($second)->assertSee('declined');
    expect($two->refresh()->state)->toBe(RequestState::Declined);
});

it('is reported at a place, and becomes an order on an asset of the same site that is named', function () {
    $plant = Plant::build();
    $to = "/places/{$plant->hall->id}/report";
    $this->as('supervisor')
        ->post($to, ['what' => 'The floor is wet', 'how_soon' => 'this shift', 'reporter' => 'x'])
        ->assertRedirect();
    $request = WorkRequest::query()->sole();
    expect([$request->location_id, $request->asset_id])->toBe([$plant->hall->id, null]);
    $page = "/requests/{$request->id}";
    $this->get($page)->assertSee('The floor is wet');
    $accept = ['title' => 'Mend the drain', 'type' => 'corrective', 'priority' => 'urgent'];
    $this->from($page)->post("{$page}/accept", $accept + ['asset' => 'NO-SUCH'])->assertSessionHasErrors('asset');
    expect(WorkOrder::query()->count())->toBe(0);
    $this->post("{$page}/accept", $accept + ['asset' => 'PMP-01'])->assertSessionHasNoErrors();
    expect(WorkOrder::query()->sole()->asset_id)->toBe($plant->pump->id);
    $this->from($page)->post("{$page}/may-run", ['may_run' => 'no'])->assertSessionHasErrors('may_run');
});

it('merges with one that tells of the same, never with one of another site', function () {
    $plant = Plant::build();
    [$first, $second] = [$plant->report('It squeals'), $plant->report('It squeals loudly')];
    $page = "/requests/{$second->id}";
    $this->as('planner')->from($page)->post("{$page}/merge", ['into_id' => $second->id])->assertSessionHasErrors();
    $this->post("{$page}/merge", ['into_id' => $first->id]);
    expect($second->refresh()->state)
        ->toBe(RequestState::Merged)
        ->and($second->into_id)
        ->toBe($first->id)
        ->and(DB::table('request_voices')->where('request_id', $first->id)->count())
        ->toBe(1);
});

it('restricts a machine wherever it is seen, and stops it if it may not run', function () {
    $plant = Plant::build();
    $request = $plant->report('It squeals');
    $page = "/requests/{$request->id}";
    $this->as('supervisor')
        ->from($page)
        ->post("{$page}/may-run", ['may_run' => 'restricted'])
        ->assertSessionHasErrors('restriction');
    $this->post(
        "{$page}/may-run",
        ['may_run' => 'restricted', 'restriction' => 'half speed', 'until_on' => '2026-03-20'],
    );
    expect($request->refresh()->may_run)->toBe(MayRun::Restricted);
    foreach (["/assets/{$plant->pump->id}", '/assets'] as $seen) {
        $this->get($seen)->assertSee('half speed');
    }
    $this->post('/restrictions/'.DB::table('restrictions')->value('id').'/lift');
    $this->get('/assets')->assertDontSee('half speed');
    $this->post("{$page}/may-run", ['may_run' => 'no']);
    $this->post("{$page}/may-run", ['may_run' => 'no']);
    expect(Stop::query()->where('asset_id', $plant->pump->id)->count())->toBe(1);
});

it('lets the team that is responsible for the asset look at it, and others not', function () {
    $plant = Plant::build();
    $request = $plant->report('It squeals');
    $this->as('technician')->post("/requests/{$request->id}/ask", ['words' => 'Where?'])->assertForbidden();
    Asset::query()->whereKey($plant->pump->id)->update(['team_id' => $plant->teamId]);
    $this->fresh()->as('technician')->post("/requests/{$request->id}/ask", ['words' => 'Where?'])->assertRedirect();
    $this->post("/requests/{$request->id}/accept", ['title' => 'x'])->assertForbidden();
    $this->as('operator')->get("/requests/{$request->id}")->assertForbidden();
});

it('stands on Today and in the index, the pressing first, then the one that waits longest', function () {
    $plant = Plant::build();
    $plant->report('It squeals');
    $this->clock->set('2026-03-18 09:00:00');
    $plant->report('It leaks');
    $plant->report('It smokes', HowSoon::AtOnce);
    $this->as('supervisor')
        ->get('/today')
        ->assertSeeInOrder(['Requests that wait for me', 'It smokes', 'It squeals', 'It leaks']);
    $this->get('/requests')->assertSeeInOrder(['It smokes', 'It squeals', 'It leaks']);
});

it('proposes what the plant has set, and offers its own words', function () {
    $plant = Plant::build();
    $proposed = ['A' => 'urgent', 'B' => 'soon', 'C' => 'routine'];
    $given = [
        'proposed' => ['can wait' => $proposed, 'this shift' => $proposed, 'at once' => $proposed],
        'days' => ['routine' => 30, 'soon' => 3, 'urgent' => 1, 'emergency' => 0],
    ];
    $this->as('administrator')->put('/setup/priorities', $given)->assertSessionHasNoErrors();
    $this->put('/setup/priorities', ['days' => ['soon' => 999]] + $given)->assertSessionHasErrors('days.soon');
    $class = $plant->pump->class_id;
    $this->post('/setup/failure-words', ['kind' => 'symptom', 'class_id' => $class, 'word' => 'drips']);
    $this->post('/setup/failure-words', ['kind' => 'symptom', 'class_id' => $class, 'word' => 'drips'])
        ->assertSessionHasErrors('word');
    $to = reportAt($plant);
    $this->as('planner')->get($to)->assertSeeInOrder(['drips', 'stops by itself']);
    $this->get('/requests/'.$plant->report('It squeals')->id)->assertSee('2026-04-17');
    $word = DB::table('failure_words')->where('word', 'drips')->value('id');
    $this->as('administrator')->delete("/setup/failure-words/{$word}")->assertRedirect();
    $this->get("/setup/failure-words?class={$class}")->assertSee('offered no more');
    $this->as('planner')->get($to)->assertDontSee('drips');
});

it('follows its asset when two records turn out to be one', function () {
    $plant = Plant::build();
    $request = $plant->report('It squeals');
    $this->as('supervisor')->post("/requests/{$request->id}/may-run", [
        'may_run' => 'restricted',
        'restriction' => 'half speed',
    ]);
    $same = $plant->asset('PMP-77', 'Feed pump, again', 'HALL');
    app(MergeAssets::class)(Actor::sundial(), $same, $plant->pump->refresh());
    expect($request->refresh()->asset_id)
        ->toBe($same->id)
        ->and(DB::table('asset_summaries')->where('asset_id', $same->id)->value('restriction'))
        ->toBe('half speed');
});

it('shows whoever reviews a request when the same was mended last, to have it repeated', function () {
    $plant = Plant::build();
    $order = $plant->through($plant->raised(), 'approve', 'start');
    $this->as('supervisor')->put("/orders/{$order->id}/failure", [
        'symptom' => 'leaks',
        'mode' => 'leaks outside',
        'cause' => 'age and use',
        'action' => 'replaced',
    ])->assertSessionHasNoErrors();
    $plant->through($order, 'finish');
    $to = reportAt($plant);
    $this->as('operator')->post($to, ['symptom' => 'leaks', 'how_soon' => 'this shift']);
    $this->post($to, ['symptom' => 'makes a noise', 'how_soon' => 'this shift']);
    [$same, $other] = WorkRequest::query()->orderBy('id')->get()->all();
    $this->as('supervisor')
        ->get("/requests/{$same->id}")
        ->assertSeeInOrder(['the same, mended last', 'today', "W-{$order->number}"]);
    $this->get("/requests/{$other->id}")->assertSee('the same, mended last')->assertDontSee("W-{$order->number}");
});
