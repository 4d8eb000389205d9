<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Feature\Plant;
use Tests\Feature\Stops\LineFloor;
use Tests\Feature\Stores\Shelf;

/** How many rows stand in each table that a form may write, but the tokens of forms. */
function rowsOfAll(): array
{
    $tables = array_diff(
        array_map(static fn (array $one): string => $one['name'], DB::connection()->getSchemaBuilder()->getTables()),
        ['once_tokens', 'sessions', 'jobs', 'cache', 'migrations'],
    );

    return DB::query()
        ->fromSub(implode(' UNION ALL ', array_map(
            static fn (string $table): string => "SELECT '{$table}' as t, COUNT(*) as n FROM `{$table}`",
            array_values(array_filter($tables, static fn (string $one): bool => ! str_contains($one, '.'))),
        )), 'counts')
        ->pluck('n', 't')
        ->all();
}

it('does once what a form asks for that is sent twice, and again what is asked for anew', function (
    string $login,
    Closure $form,
    string $table,
) {
    $plant = Plant::build();
    [$address, $body] = $form($plant);
    $send = function (string $once) use ($login, $address, $body): string {
        $answer = $this->as($login)->post($address, ['once' => $once] + $body);
        $answer->assertSessionHasNoErrors();

        return (string) $answer->headers->get('Location');
    };
    $once = (string) Str::uuid();
    $before = DB::table($table)->count();
    $where = $send($once);
    $first = rowsOfAll();
    expect($first[$table])
        ->toBeGreaterThan($before)
        ->and($send($once))
        ->toBe($where)
        ->and(rowsOfAll())
        ->toBe($first);
    $send((string) Str::uuid());
    expect(DB::table($table)->count())->toBeGreaterThan($first[$table]);
})->with([
    'a step' => ['planner', fn (Plant $plant) => [
        "/orders/{$plant->raised()->id}/plan/step", ['text' => 'Draw the seal', 'step_time' => '20 min'],
    ], 'order_steps'],
    'people' => ['planner', fn (Plant $plant) => [
        "/orders/{$plant->raised()->id}/plan/labour",
        ['people' => '1', 'trade_id' => DB::table('trades')->value('id'), 'labour_time' => '1 h'],
    ], 'order_labour'],
    'a service' => ['planner', fn (Plant $plant) => [
        "/orders/{$plant->raised()->id}/plan/service", ['service' => 'Crane', 'amount' => '100'],
    ], 'order_services'],
    'pasted lines' => ['planner', fn (Plant $plant) => [
        "/orders/{$plant->raised()->id}/plan/paste", ['lines' => "Draw the seal 50 min\nPut it back"],
    ], 'order_steps'],
    'the plan of a former order' => ['planner', function (Plant $plant) {
        $former = $plant->raised();
        test()->as('planner')->post("/orders/{$former->id}/plan/step", ['text' => 'Draw the seal']);

        return ["/orders/{$plant->raised(['title' => 'Again'])->id}/plan/former", ['former' => $former->label()]];
    }, 'order_steps'],
    'a method of an order' => ['planner', function (Plant $plant) {
        $order = $plant->raised();
        test()->as('planner')->post("/orders/{$order->id}/plan/step", ['text' => 'Draw the seal']);

        return ["/orders/{$order->id}/method", []];
    }, 'methods'],
    'short stops' => ['technician', fn (Plant $plant) => [
        '/lines/'.LineFloor::of($plant)->line->id.'/short-stops',
        ['hour' => '2026-03-17T08:00', 'stops' => '12', 'minutes' => '9', 'why' => 'Jam'],
    ], 'short_stops'],
]);

it('decides nothing where a visit is moved to where it stands', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['anchor_on' => '2026-04-10']);
    $move = fn (string $day) => $this->as('planner')
        ->put("/schedules/{$schedule->id}/move", ['moved_to' => $day])
        ->assertSessionHasNoErrors();
    $move('2026-04-11');
    $once = [DB::table('schedule_decisions')->count(), DB::table('audit_entries')->count()];
    $move('2026-04-11');
    expect([DB::table('schedule_decisions')->count(), DB::table('audit_entries')->count()])->toBe($once);
    $move('2026-04-10');
    expect(DB::table('schedule_decisions')->count())->toBe($once[0] + 1);
});

it('writes nothing into the log where something is set to what it is', function (string $login, Closure $form) {
    $plant = Plant::build();
    [$method, $address, $body] = $form($plant);
    $send = fn () => $this->as($login)->{$method}($address, $body)->assertSessionHasNoErrors();
    $lines = static fn (): int => DB::table('audit_entries')->count();
    $before = $lines();
    $send();
    $once = $lines();
    $send();
    expect($once)->toBeGreaterThan($before)->and($lines())->toBe($once);
})->with([
    'why something stood' => ['supervisor', function (Plant $plant) {
        LineFloor::of($plant);
        test()->as('supervisor')->post("/assets/{$plant->pump->id}/down", [
            'stop_reason' => 'odd noise', 'from_at' => '2026-03-18T07:30',
        ])->assertSessionHasNoErrors();

        return ['post', '/stops/'.DB::table('stops')->value('id').'/why', ['why' => 'Jam']];
    }],
    'who does the work of a method' => ['planner', fn (Plant $plant) => [
        'put', "/methods/{$plant->method->id}/hands", ['hands_team' => DB::table('teams')->value('id')],
    ]],
    'a spare part' => ['planner', function (Plant $plant) {
        Shelf::of($plant)->part('BELT');

        return ['post', "/assets/{$plant->pump->id}/parts", ['part_number' => 'BELT', 'quantity' => '2']];
    }],
    'what failed' => ['supervisor', fn (Plant $plant) => [
        'put',
        '/orders/'.$plant->through($plant->raised(), 'approve', 'start')->id.'/failure',
        ['mode' => 'leaks outside', 'cause' => 'age and use', 'action' => 'replaced', 'done' => 'New seal'],
    ]],
]);
