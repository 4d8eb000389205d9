<?php

declare(strict_types=1);

use App\Platform\Drafts\Draft;
use App\Platform\Drafts\Drafts;
use App\Work\Models\OrderStep;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderState;
use Tests\Feature\Plant;

/** @param  array<string, array<string, string>>  $forms */
function draft(array $forms): string
{
    return (string) json_encode($forms);
}

it('keeps what is typed on the sheet of an order for whoever typed it, and brings it back', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $typed = draft(['booking' => ['time' => '1:30'], 'finish' => ['finding' => 'Seal worn']]);
    $this->as('technician')
        ->put("/drafts/on/order/{$order->id}", ['draft' => $typed])
        ->assertNoContent();
    $this->as('technician')
        ->get("/orders/{$order->id}")
        ->assertSee('data-kept="'.e($typed).'"', false);
    $this->as('planner')
        ->get("/orders/{$order->id}")
        ->assertSee('data-kept=""', false);
    // The same person elsewhere goes on with it; an empty sheet forgets it.
    $this->as('technician')->put("/drafts/on/order/{$order->id}", ['draft' => '{}'])->assertNoContent();
    expect(DB::table('drafts')->count())->toBe(0);
});

it('keeps the rest of the sheet when one of its forms is sent, and what was refused', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $me = $plant->person('technician')->id;
    $kept = fn (): array => app(Drafts::class)->of($me, $order->subject())->forms;
    $rest = ['finish' => ['finding' => 'Seal worn']];
    $this->as('technician')->post("/orders/{$order->id}/steps/1", [
        'done' => 1,
        'draft' => draft($rest + ['booking' => ['time' => '1:30']]),
        'draft_form' => '',
    ]);
    expect($kept())->toEqual($rest + ['booking' => ['time' => '1:30']]);
    $hours = ['user_id' => (string) $me, 'worked_on' => '2026-03-18'];
    $this->as('technician')->post("/orders/{$order->id}/bookings", $hours + [
        'time' => 'an hour',
        'no field!' => 'of ours',
        'draft' => draft($rest),
        'draft_form' => 'booking',
    ])->assertSessionHasErrors('time');
    expect($kept())->toEqual($rest + ['booking' => $hours + ['time' => 'an hour']]);
    $this->as('technician')->post("/orders/{$order->id}/bookings", $hours + [
        'time' => '1:00',
        'draft' => draft($rest),
        'draft_form' => 'booking',
    ])->assertSessionHasNoErrors();
    expect($kept())->toBe($rest);
});

it('finishes with the hours and answers that stand on the sheet', function () {
    $plant = Plant::build();
    $order = $plant->started();
    OrderStep::query()->where('order_id', $order->id)->where('position', 1)->update([
        'answer' => 'number',
        'unit' => 'mm',
    ]);
    $this->as('technician')
        ->post("/orders/{$order->id}/finish", [
            'finished_at' => '2026-03-18T08:00',
            'draft' => draft(['booking' => ['time' => '1:30'], 'step-1' => ['value' => '12']]),
            'draft_form' => 'finish',
        ])
        ->assertSessionHasNoErrors();
    expect(session('said'))
        ->toContain('1 answer is kept. 1:30 booked for Technician One.')
        ->and($order->refresh()->state)
        ->toBe(OrderState::Done)
        ->and($order->bookings()->sole()->minutes)
        ->toBe(90)
        ->and(OrderStep::query()->where('order_id', $order->id)->where('position', 1)->value('value'))
        ->toBe('12')
        ->and(DB::table('drafts')->count())
        ->toBe(0);
});

it('finishes nothing where what stands on the sheet cannot be kept, and keeps it there', function (
    array $forms,
    string $field,
) {
    $plant = Plant::build();
    $order = $plant->started();
    OrderStep::query()->where('order_id', $order->id)->where('position', 1)->update(['answer' => 'number']);
    $this->as('technician')
        ->post("/orders/{$order->id}/finish", [
            'finished_at' => '2026-03-18T08:00',
            'finding' => 'Seal worn',
            'draft' => draft($forms),
            'draft_form' => 'finish',
        ])
        ->assertSessionHasErrors($field);
    expect($order->refresh()->state)
        ->toBe(OrderState::UnderWay)
        ->and($order->bookings()->count())
        ->toBe(0)
        ->and(app(Drafts::class)->of($plant->person('technician')->id, $order->subject())->forms)
        ->toEqual($forms + ['finish' => ['finished_at' => '2026-03-18T08:00', 'finding' => 'Seal worn']]);
})->with([
    'hours that are none' => [['booking' => ['time' => 'soon'], 'step-1' => ['value' => '12']], 'time'],
    'hours of another' => [['booking' => ['time' => '1:00', 'user_id' => '999999']], 'user_id'],
    'an answer that is none' => [['booking' => ['time' => '1:00'], 'step-1' => ['value' => 'much']], 'step'],
]);

it('names the steps that wanted an answer, and finishes without when that is right', function () {
    $plant = Plant::build();
    $order = $plant->started();
    OrderStep::query()->where('order_id', $order->id)->update(['answer' => 'check']);
    $finish = ['finished_at' => '2026-03-18T08:00'];
    $this->as('technician')
        ->from("/orders/{$order->id}")
        ->post("/orders/{$order->id}/finish", $finish)
        ->assertSessionHasErrors([
            'unanswered' => 'Steps 1 “Look”, 2 “Grease” have no answer yet. Answer them, or say below that it is '.
                'right without.',
        ]);
    $this->get("/orders/{$order->id}")->assertSee('It is right without these answers');
    $this->post("/orders/{$order->id}/finish", $finish + ['it_is_right' => 1])->assertSessionHasNoErrors();
    expect($order->refresh()->state)->toBe(OrderState::Done);
});

it('refuses what is no draft, and drafts on what one may not see', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $address = "/drafts/on/order/{$order->id}";
    $this->as('stranger')->put($address, ['draft' => '{}'])->assertForbidden();
    foreach (['', 'x', '[1]', '{"a":1}', '{"a":{"b":["c"]}}', '{"<a>":{"b":"c"}}'] as $bad) {
        expect(fn () => Draft::parse($bad))->toThrow(InvalidInput::class);
    }
    expect(fn () => Draft::parse(draft(['a' => ['b' => str_repeat('x', 5001)]])))->toThrow(InvalidInput::class);
    $this->as('technician')->put($address, ['draft' => 'x'])->assertSessionHasErrors('draft');
});

it('forgets drafts that nobody came back to', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $me = $plant->person('technician')->id;
    $drafts = app(Drafts::class);
    $drafts->keep($me, $order->subject(), Draft::parse(draft(['booking' => ['time' => '1:30']])));
    $this->clock->set('2026-05-16 08:00:00');
    $drafts->forgetOld();
    expect(DB::table('drafts')->count())->toBe(1);
    $this->clock->set('2026-05-19 08:00:00');
    $drafts->forgetOld();
    expect(DB::table('drafts')->count())->toBe(0);
});
