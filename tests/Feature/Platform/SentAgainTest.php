<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Feature\Plant;

/** What the page says on which a form ends: what was done, or what is wrong. */
function saidAfter(mixed $answer): string
{
    $page = test()->get((string) $answer->headers->get('Location'))->getContent();
    preg_match('/<(?:div|p) class="said[^>]*>(.*?)<\/(?:div|p)>/s', (string) $page, $said);

    return trim(strip_tags($said[1] ?? ''));
}

it('answers a form that is sent again as it answered it first', function (
    string $login,
    string $method,
    Closure $form,
    string $says,
) {
    [$address, $body] = $form(Plant::build());
    $send = fn () => $this->as($login)->{$method}($address, $body + ['once' => '5f0c2a50-6d2e-4b39-8a61-0f3d6a1c9b11']);
    $first = $send();
    $first->assertSessionHasNoErrors();
    expect(saidAfter($first))->toContain($says);
    $rows = DB::table('audit_entries')->count();
    $again = $send();
    expect($again->headers->get('Location'))
        ->toBe($first->headers->get('Location'))
        ->and(saidAfter($again))
        ->toContain($says)
        ->and(DB::table('audit_entries')->count())
        ->toBe($rows);
})->with([
    'an edited asset, which has another version by then' => ['planner', 'put', fn (Plant $plant) => [
        "/assets/{$plant->pump->id}",
        [
            'name' => 'Feed pump', 'tag' => $plant->pump->tag, 'version' => $plant->pump->version,
            'class_id' => $plant->pump->class_id, 'stands' => 'HALL', 'criticality' => 'B',
            'life_state' => 'in service',
        ],
    ], 'is saved'],
    'an asset that is down by then' => ['technician', 'post', fn (Plant $plant) => [
        "/assets/{$plant->pump->id}/down", ['stop_reason' => 'It leaks'],
    ], 'is down'],
    'a pause that is there by then' => ['planner', 'post', function (Plant $plant) {
        $schedule = $plant->schedule();

        return [
            "/schedules/{$schedule->id}/pause",
            ['from' => '2026-04-01', 'pause_reason' => 'Line is rebuilt', 'version' => $schedule->version],
        ];
    }, 'It makes no orders'],
    'an order by hand' => ['planner', 'post', fn (Plant $plant) => [
        "/schedules/{$plant->schedule()->id}/release", [],
    ], 'is made for visit 1'],
    'a name that is taken by then' => ['planner', 'post', fn (Plant $plant) => [
        '/rounds', ['name' => 'Morning walk'],
    ], 'Morning walk'],
    'an order that is approved by then' => ['planner', 'post', function (Plant $plant) {
        $order = $plant->raised();

        return ["/orders/{$order->id}/approve", ['version' => $order->version]];
    }, 'is approved'],
    'a token that is gone by then' => ['planner', 'delete', function () {
        test()->as('planner')->post('/me/tokens', ['name' => 'Gateway', 'may' => 'read'])->assertSessionHasNoErrors();

        return ['/me/tokens/'.DB::table('personal_access_tokens')->value('id'), []];
    }, 'opens nothing any more'],
]);

it('does a form again that was refused, that says something else, or that was opened anew', function () {
    $plant = Plant::build();
    $once = (string) Str::uuid();
    $down = fn (array $with) => $this->as('technician')->post("/assets/{$plant->pump->id}/down", $with);
    $down(['once' => $once, 'stop_reason' => ''])->assertSessionHasErrors('stop_reason');
    $down(['once' => $once, 'stop_reason' => 'It leaks'])->assertSessionHasNoErrors();
    $runs = fn (string $token) => $this->as('technician')
        ->post("/assets/{$plant->pump->id}/running", ['once' => $token]);
    $runs($once)->assertSessionHasNoErrors();
    $down(['once' => (string) Str::uuid(), 'stop_reason' => 'It leaks'])->assertSessionHasNoErrors();
    expect(DB::table('stops')->count())
        ->toBe(2)
        ->and(DB::table('stops')->whereNull('to_at')->count())
        ->toBe(1);
    $runs((string) Str::uuid());
    expect(DB::table('stops')->whereNull('to_at')->count())->toBe(0);
});

it('keeps the answers of one person from another', function () {
    $plant = Plant::build();
    $form = ['once' => (string) Str::uuid(), 'name' => 'Own'];
    $this->as('planner')->post('/rounds', $form)->assertSessionHasNoErrors();
    $this->as('administrator')->post('/rounds', $form)->assertSessionHasErrors();
    expect(DB::table('rounds')->count())->toBe(1);
});

it('gives every form that writes the token by which it is known again', function () {
    $plant = Plant::build();
    $pages = ["/assets/{$plant->pump->id}", "/orders/{$plant->raised()->id}", '/setup/units', '/rounds', '/me'];
    foreach ($pages as $page) {
        $html = (string) $this->as('administrator')->get($page.'?whole=1')->assertOk()->getContent();
        preg_match_all('/<form[^>]*method="post".*?<\/form>/s', $html, $forms);
        expect($forms[0])
            ->not->toBeEmpty()
            ->each->toMatch('/name="once" value="[0-9a-f-]{36}"/');
    }
});

it('shows what is shown once also to whoever pressed twice', function () {
    Plant::build();
    $send = fn () => $this->as('planner')->post('/me/tokens', [
        'name' => 'Gateway', 'may' => 'read', 'once' => '5f0c2a50-6d2e-4b39-8a61-0f3d6a1c9b12',
    ]);
    $send()->assertSessionHas('token');
    $token = session('token');
    $send();
    expect(session('token'))
        ->toBe($token)
        ->and(DB::table('personal_access_tokens')->where('name', 'Gateway')->count())
        ->toBe(1);
});
