<?php

declare(strict_types=1);

use App\Platform\Frame\Address;
use App\Platform\Frame\Wording;
use App\Register\Actions\SaveField;
use App\Register\Inputs\FieldInput;
use App\Work\Models\Booking;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

it('shows no raw instant, day or list in the log', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $this->as('technician')->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T08:00']);
    $this->as('technician')->put("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T07:30']);
    $log = (string) $this->as('planner')->get('/log')->assertOk()->getContent();
    expect($log)
        ->toContain('corrected the finish')
        ->not->toMatch('/\d\d:\d\d:\d\d\.\d+/');
});

it('says values of a log as people read them', function (mixed $value, string $words) {
    Plant::build();
    $this->as('planner');
    expect(app(Wording::class)->logged($value))->toBe($words);
})->with([
    [null, 'nothing'],
    [true, 'yes'],
    [['a', 'b'], '2 lines'],
    [['a'], '1 line'],
    ['2026-03-20', '20 Mar'],
    ['2026-03-17 10:00:00.000000', 'yesterday 10:00'],
    ['worn', 'worn'],
    [45, '45'],
]);

it('says a day with its year where another year is as near', function (string $day, string $words) {
    Plant::build();
    $this->as('planner');
    expect(app(Wording::class)->day($day))->toBe($words);
})->with([
    ['2026-03-20', '20 Mar'],
    ['2026-09-10', '10 Sep'],
    ['2026-12-20', '20 Dec 2026'],
    ['2025-08-01', '1 Aug 2025'],
    // An instant is of the day that the calendar of the site shows then.
    ['2026-03-20 23:30:00', '20 Mar'],
    ['2026-05-20 23:30:00', '21 May'],
]);

it('writes the address of a page with what it is asked for, and nothing that says nothing', function (
    Address $address,
    string $written,
) {
    expect((string) $address)->toBe($written);
})->with(static fn (): array => [
    'a page' => [Address::of('/orders', []), '/orders'],
    'what is asked for' => [Address::of('/orders', ['q' => 'a b&c', 'late' => '1']), '/orders?q=a+b%26c&late=1'],
    'nothing and empty' => [Address::of('/orders', ['q' => '', 'late' => null, 'ids' => []]), '/orders'],
    'a zero says something' => [Address::of('/orders', ['late' => '0']), '/orders?late=0'],
    'something else' => [Address::of('/orders', ['page' => 2])->with(['page' => 3]), '/orders?page=3'],
    'not that any more' => [Address::of('/orders', ['q' => 'x', 'page' => 2])->with(['page' => null]), '/orders?q=x'],
    'a file of the same' => [Address::of('/orders', ['q' => 'x'])->at('/orders.csv'), '/orders.csv?q=x'],
    'another page but for one thing' => [
        Address::of('/orders/table', ['q' => 'x', 'sort' => 'due'])->at('/orders', ['sort' => null]), '/orders?q=x',
    ],
    'a list' => [Address::of('/labels', ['ids' => [3, 4]]), '/labels?ids%5B0%5D=3&ids%5B1%5D=4'],
]);

it('says hours and minutes one way', function (int $minutes, string $words) {
    Plant::build();
    $this->as('planner');
    expect(app(Wording::class)->minutes($minutes))->toBe($words);
})->with([[45, '45 min'], [60, '1 h'], [90, '1.5 h'], [80, '1 h 20 min'], [135, '2.25 h']]);

it('books what was typed as one time, whatever was prefilled', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $form = ['user_id' => $plant->person('technician')->id, 'worked_on' => '2026-03-18'];
    $this->as('technician')
        ->post("/orders/{$order->id}/bookings", $form + ['time' => '2'])
        ->assertSessionHas('said', 'Booked: 2 h of Technician One.');
    expect(Booking::query()->sole()->minutes)->toBe(120);
    $this->from("/orders/{$order->id}")
        ->post("/orders/{$order->id}/bookings", $form + ['time' => 'long'])
        ->assertSessionHasErrors('time');
    $this->get("/orders/{$order->id}")->assertSee('is no time that was worked')->assertSee('value="long"', false);
});

it('says the way out where a field wants a document and there is none', function () {
    $plant = Plant::build();
    app(SaveField::class)(
        $plant->person('planner')->actor(),
        null,
        FieldInput::of(['name' => 'Certificate', 'type' => 'document']),
    );
    $this->as('planner')
        ->get("/assets/{$plant->pump->id}")
        ->assertSee('add one under Photos and documents');
});

it('lets whoever writes the register add the class that it lacks', function () {
    Plant::build();
    $this->as('planner')->post('/setup/classes', ['name' => 'stenter'])->assertSessionHasNoErrors();
    expect(DB::table('equipment_classes')->where('name', 'stenter')->exists())->toBeTrue();
});

it('says the size of a file', function (int $bytes, string $words) {
    expect(app(Wording::class)->size($bytes))->toBe($words);
})->with([
    [1, '1 kB'],
    [12_700, '12 kB'],
    [1_048_575, '1023 kB'],
    [1_572_864, '1.5 MB'],
]);

it('answers an address that asks for a day that cannot be with the page of today, never with an error', function () {
    Plant::build();
    $asked = ['/outlook?from=2026-02-30', '/calendar?on=2026-13-01', '/calendar?on[]=1', '/outlook?from=9999-99-99'];
    foreach ($asked as $page) {
        $this->as('planner')->get($page)->assertOk();
    }
});
