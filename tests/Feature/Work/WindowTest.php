<?php

declare(strict_types=1);

use App\Work\Models\Shutdown;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** An approved order with a plan. */
function approvedWith(Plant $plant, string $title, string $plan, string $tag = 'PMP-01'): WorkOrder
{
    $order = $plant->raised(['asset' => $tag, 'title' => $title]);
    test()->as('planner')->post("/orders/{$order->id}/plan/paste", ['lines' => $plan]);

    return $plant->through($order->refresh(), 'approve');
}

it('offers what is ready and fits while something stands, and says why the rest does not', function () {
    $plant = Plant::build();
    $short = approvedWith($plant, 'Short job', '1 fitter 1 h');
    $inside = approvedWith($plant, 'Inside job', '1 fitter 30 min', 'PMP-01-M');
    $long = approvedWith($plant, 'Long job', '1 fitter 3 h');
    $hot = approvedWith($plant, 'Hot job', '1 fitter 10 min');
    DB::table('order_permits')->insert(['order_id' => $hot->id, 'permit' => 'hot work']);
    $plant->raised(['title' => 'Not approved']);
    $this->as('planner')->get('/window')->assertOk()->assertSee('08:00');
    $this->get('/window?asset=pmp-01&from=13:40&for=2+h')
        ->assertSeeInOrder(['Fits into 2 h', 'Short job', 'Inside job', 'does not fit', 'Long job', 'takes longer'])
        ->assertSee('no permit for hot work')
        ->assertDontSee('Not approved');
    $this->get('/window?asset=PMP-01&for=2+h&free[fitter]=0')->assertSee('wants 1 fitter, 0 free');
    $this->get('/window?asset=NONE')->assertSee('no asset with the tag');
    $this->post("/assets/{$plant->pump->id}/window", [
        'from' => '13:40',
        'for' => '2 h',
        'orders' => [$short->id, $inside->id],
    ])->assertSessionHasNoErrors();
    $taken = Shutdown::query()->sole();
    expect([$taken->from_at, $taken->to_at])
        ->toBe(['2026-03-18 13:40:00', '2026-03-18 15:40:00'])
        ->and($short->refresh()->planned_on)
        ->toBe('2026-03-18')
        ->and($long->refresh()->planned_on)
        ->not->toBe('2026-03-18');
    $this->get("/shutdowns/{$taken->id}")->assertSee('Feed pump 1 stands from 13:40')->assertSee('0 of 2 orders');
    $this->get('/window?asset=PMP-01&for=2+h')->assertDontSee('Short job');
});

it('refuses what is not ready any more, and nothing chosen', function () {
    $plant = Plant::build();
    $order = approvedWith($plant, 'Short job', '1 fitter 1 h');
    $plant->through($order, 'start');
    $take = ['from' => '13:40', 'for' => '2 h'];
    $this->as('planner')->post("/assets/{$plant->pump->id}/window", $take)->assertSessionHasErrors('orders');
    $this->post("/assets/{$plant->pump->id}/window", $take + ['orders' => [$order->id]])
        ->assertSessionHasErrors('orders');
    $this->post("/assets/{$plant->pump->id}/window", ['for' => 'x', 'orders' => [$order->id]] + $take)
        ->assertSessionHasErrors('for');
    expect(Shutdown::query()->count())->toBe(0);
});
