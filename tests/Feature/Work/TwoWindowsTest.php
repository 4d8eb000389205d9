<?php

declare(strict_types=1);

use App\Work\Models\FailureRecord;
use App\Work\Models\IsolationPoint;
use Tests\Feature\Plant;

/** The hidden field of a form of a page, as it stands there. */
function hiddenIn(string $page, string $action, string $field): string
{
    preg_match('#<form[^>]*action="[^"]*'.preg_quote($action, '#').'".*?</form>#s', $page, $form);
    preg_match('/name="'.$field.'" value="([^"]*)"/', $form[0] ?? '', $found);

    return html_entity_decode($found[1] ?? 'no such field');
}

it('loses no point to lock that somebody else added while the list was being changed', function () {
    $plant = Plant::build();
    $sheet = "/assets/{$plant->pump->id}";
    $to = "{$sheet}/isolation-points";
    $window = fn (): string => hiddenIn((string) $this->as('planner')->get($sheet)->getContent(), $to, 'seen');
    $kept = fn (): array => IsolationPoint::query()->orderBy('position')->pluck('what')->all();
    $this->put($to, ['points' => "Main switch\nInlet valve", 'seen' => $window()])->assertSessionHasNoErrors();
    [$one, $other] = [$window(), $window()];
    $this->put($to, ['points' => "Main switch\nInlet valve\nOutlet valve", 'seen' => $one])->assertSessionHasNoErrors();
    $this->from($sheet)
        ->put($to, ['points' => "Main switch\nInlet valve\nDrain", 'seen' => $other])
        ->assertSessionHasErrors('form');
    expect($kept())->toBe(['Main switch', 'Inlet valve', 'Outlet valve']);
    // What was typed is still there, beside what stands now; looked at, it is saved.
    $page = (string) $this->get($sheet)->assertSee('stand now: “Outlet valve”')->assertSee('Drain')->getContent();
    $this->put($to, [
        'points' => "Main switch\nInlet valve\nOutlet valve\nDrain",
        'seen' => hiddenIn($page, $to, 'seen'),
    ])->assertSessionHasNoErrors();
    expect($kept())->toBe(['Main switch', 'Inlet valve', 'Outlet valve', 'Drain']);
});

it('does not write over what somebody else recorded of a failure, or said of its urgency', function () {
    $plant = Plant::build();
    $order = $plant->through($plant->raised(['title' => 'It leaks']), 'approve', 'start');
    $sheet = "/orders/{$order->id}";
    $version = fn (string $form): string => hiddenIn(
        (string) $this->as('supervisor')->get($sheet)->getContent(),
        "{$sheet}/{$form}",
        'version',
    );
    expect($version('failure'))->toBe('0');
    $say = fn (string $mode, string $seen) => $this->from($sheet)->put("{$sheet}/failure", [
        'mode' => $mode, 'cause' => 'age and use', 'action' => 'replaced', 'version' => $seen,
    ]);
    $say('leaks outside', '0')->assertSessionHasNoErrors();
    $say('does not start', '0')->assertSessionHasErrors('stale');
    expect(FailureRecord::query()->sole()->mode)->toBe('leaks outside');
    $say('does not start', $version('failure'))->assertSessionHasNoErrors();
    expect(FailureRecord::query()->sole()->mode)->toBe('does not start');

    $seen = $version('urgency');
    $urge = fn (string $priority) => $this->from($sheet)->put("{$sheet}/urgency", [
        'priority' => $priority, 'due_on' => '2026-03-25', 'version' => $seen,
    ]);
    $urge('urgent')->assertSessionHasNoErrors();
    $urge('routine')->assertSessionHasErrors();
    expect($order->refresh()->priority->value)->toBe('urgent');
});
