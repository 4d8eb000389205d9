<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** A field of orders. Returns its number. */
function orderField(string $name, string $type, array $with = []): int
{
    test()->as('administrator')
        ->post('/setup/order-fields', $with + ['name' => $name, 'type' => $type])
        ->assertSessionHasNoErrors();

    return (int) DB::table('record_fields')->max('id');
}

it('keeps what the plant adds to its orders, of one type or of all, and shows it as columns', function () {
    $plant = Plant::build();
    $weight = orderField('Weight', 'number', ['unit' => 'kg']);
    $wing = orderField('Wing', 'choice', ['choices' => "north\nsouth", 'only_for' => 'corrective']);
    $saved = orderField('Saved', 'money', ['only_for' => 'improvement']);
    $order = $plant->raised();
    $this->get("/orders/{$order->id}")->assertSee('Weight, kg')->assertSee('Wing')->assertDontSee('Saved');
    $this->put("/orders/{$order->id}/fields", ['extra' => [$weight => '12.5', $wing => 'North', $saved => '7']])
        ->assertSessionHasNoErrors();
    expect(DB::table('record_values')->orderBy('field_id')->pluck('value')->all())->toBe(['12.500', 'north']);
    $this->get("/orders/{$order->id}")->assertSee('12.5')->assertSee('filled in');
    $this->put("/orders/{$order->id}/fields", ['extra' => [$weight => 'heavy']])
        ->assertSessionHasErrors("extra.{$weight}");
    $other = $plant->raised(['title' => 'Light one']);
    $this->put("/orders/{$other->id}/fields", ['extra' => [$weight => '9']]);
    $this->post('/orders/table/columns', ['columns' => ['title', "x{$weight}", "x{$wing}"]]);
    $csv = $this->get("/orders/table.csv?sort=x{$weight}")->streamedContent();
    expect($csv)->toBe("title,\"Weight, kg\",Wing\r\n\"Light one\",9,\r\n\"Change the shaft seal\",12.5,north\r\n");
    $this->put("/orders/{$order->id}/fields", ['extra' => [$weight => '', $wing => 'north']]);
    expect(DB::table('record_values')->where('subject_id', $order->id)->count())->toBe(1);
    $plant->through($order, 'approve');
    $this->as('supervisor')->post("/orders/{$order->id}/cancel", ['reason' => 'Not wanted']);
    $this->put("/orders/{$order->id}/fields", ['extra' => [$wing => 'south']])->assertSessionHasErrors('extra');
});

it('names what is wrong with a field, and retires one with what it holds', function () {
    $plant = Plant::build();
    $wing = orderField('Wing', 'text');
    $this->post('/setup/order-fields', ['name' => 'Wing', 'type' => 'text'])->assertSessionHasErrors('name');
    $this->post('/setup/order-fields', ['name' => 'Kind', 'type' => 'choice'])->assertSessionHasErrors('choices');
    $this->post('/setup/order-fields', ['name' => 'Paper', 'type' => 'document'])->assertSessionHasErrors('type');
    $order = $plant->raised();
    $this->put("/orders/{$order->id}/fields", ['extra' => [$wing => 'north']]);
    $this->as('administrator')->delete("/setup/order-fields/{$wing}");
    $this->get("/orders/{$order->id}")->assertDontSee('id="fields"', false);
    expect(orderField('Wing', 'text'))->toBe($wing);
    $this->get("/orders/{$order->id}")->assertSee('north');
});

it('writes over nothing that somebody filled in meanwhile, and says what', function () {
    $plant = Plant::build();
    $weight = orderField('Weight', 'number');
    $wing = orderField('Wing', 'text');
    $order = $plant->raised();
    $page = "/orders/{$order->id}";
    $this->as('planner');
    $seen = $this->seenOn($page, "{$page}/fields");
    $fill = fn (string $kg, string $where, string $seen) => $this->from($page)->put("{$page}/fields", [
        'extra' => [$weight => $kg, $wing => $where],
        'seen' => $seen,
    ]);
    $fill('12.5', '', $seen)->assertSessionHasNoErrors();
    $fill('', 'North', $seen)->assertSessionHasErrors('form');
    expect(session('errors')->first('form'))->toContain('stand now: Weight “12.5”, Wing nothing.');
    $this->get($page)->assertSee('Somebody saved this in the meantime')->assertSee('value="North"', false);
    expect(DB::table('record_values')->pluck('value')->all())->toBe(['12.500']);
    $fill('12.5', 'North', $this->seenOn($page, "{$page}/fields"))->assertSessionHasNoErrors();
    expect(DB::table('record_values')->pluck('value')->all())->toBe(['12.500', 'North']);
});
