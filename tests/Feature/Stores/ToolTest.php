<?php

declare(strict_types=1);

use App\Stores\Models\Tool;
use App\Stores\Models\ToolBooking;
use App\Work\Actions\Moves\CancelWorkOrder;
use App\Work\Actions\Moves\RedateWorkOrder;
use Sundial\Calendar\LocalDate;
use Sundial\Work\CancelledVisit;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

it('lends a special tool to one at a time, and tells when it should be back', function () {
    $plant = Plant::build();
    $facts = ['number' => 'T-014', 'name' => 'Hydraulic puller', 'place' => 'Tool crib'];
    $this->as('storekeeper')->post('/tools', ['number' => 'T 14'] + $facts)->assertSessionHasErrors('number');
    $this->post('/tools', $facts + ['calibrated_until' => '2026-04-01'])->assertSessionHasNoErrors();
    $this->post('/tools', $facts)->assertSessionHasErrors('number');
    $tool = Tool::query()->sole();
    $by = "/tools/{$tool->id}";
    $this->get('/tools')->assertSee('Tool crib');

    $lend = ['to_id' => $plant->person('technician')->id, 'back_by' => '2026-03-19'];
    $this->post("{$by}/lend", ['back_by' => '2026-03-17'] + $lend)->assertSessionHasErrors('back_by');
    $this->post("{$by}/lend", $lend)->assertSessionHasNoErrors();
    $this->post("{$by}/lend", $lend)->assertSessionHasErrors('to_id');
    $this->get($by)->assertSee('back by 19 Mar');
    $this->get('/today')->assertDontSee('back by 19 Mar')->assertSee('calibrated until 1 Apr');
    $this->clock->set('2026-03-20 08:00:00');
    $this->get('/today')->assertSee('back by 19 Mar');
    $this->post("{$by}/back", ['back_note' => 'one jaw bent'])->assertSessionHasNoErrors();
    $this->post("{$by}/back")->assertSessionHasErrors('back_note');
    $this->get($by)->assertSee('one jaw bent');
    $this->put($by, $facts + ['version' => $tool->version])->assertSessionHasNoErrors();
    $this->post("{$by}/lend", ['to_id' => $lend['to_id']])->assertSessionHasErrors('to_id');
});

it('books a special tool for orders, says where two want it, and frees it with the order', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $tool = Tool::query()->create(['site_id' => $plant->site->id, 'number' => 'T-1', 'name' => 'Puller',
        'calibrated_until' => '2026-03-25']);
    $first = $shelf->approved('Pull the hub', []);
    $second = $shelf->approved('Pull the gear', []);
    $days = ['tool' => 'T-1 Puller', 'tool_from' => '2026-03-24', 'tool_to' => '2026-03-25'];
    $this->as('planner')->post("/orders/{$first->id}/tools", ['tool_to' => '2026-03-20'] + $days)
        ->assertSessionHasErrors('tool_to');
    $this->post("/orders/{$first->id}/tools", ['tool' => 'T-9'] + $days)->assertSessionHasErrors('tool');
    $this->post("/orders/{$first->id}/tools", $days)->assertSessionHasNoErrors();
    $this->post("/orders/{$second->id}/tools", ['tool_from' => '2026-03-25', 'tool_to' => '2026-03-26'] + $days);
    $this->get("/orders/{$first->id}")->assertSee('also booked for');
    $this->get("/orders/{$second->id}")->assertSee('calibrated only until');
    $this->get("/tools/{$tool->id}")->assertSee('Booked twice');
    $this->as('storekeeper')->get('/today')->assertSee('booked twice');

    app(RedateWorkOrder::class)($plant->actor('planner'), $second->refresh(), LocalDate::of(2026, 3, 30));
    expect(ToolBooking::query()->where('subject_id', $second->id)->sole()->to_on)->toBe('2026-03-31');
    $this->get("/tools/{$tool->id}")->assertDontSee('Booked twice');
    $cancel = app(CancelWorkOrder::class);
    $cancel($plant->actor('supervisor'), $second->refresh(), 'not needed', CancelledVisit::GiveBack);
    $this->as('planner')->delete("/orders/{$first->id}/tools/{$tool->id}");
    expect(ToolBooking::query()->count())->toBe(0);
});
