<?php

declare(strict_types=1);

use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

it('begins orders of a method in the hands that were named for it at the site', function () {
    $plant = Plant::build();
    $supervisor = $plant->person('supervisor')->id;
    $this->as('planner')
        ->put("/methods/{$plant->method->id}/hands", [
            'hands_team' => $plant->teamId,
            'hands_person' => $supervisor,
        ])
        ->assertSessionHasNoErrors();
    $this->get("/methods/{$plant->method->id}")->assertSee('Supervisor One, Fitters');
    $raised = $plant->raised(['method_id' => $plant->method->id]);
    $plant->schedule();
    $released = $plant->release();
    foreach ([$raised, $released] as $order) {
        expect([$order?->team_id, $order?->assignee_id])->toBe([$plant->teamId, $supervisor]);
    }
    // What is said at the order goes before it; without a method nothing is said.
    expect($plant->raised(['method_id' => $plant->method->id, 'assignee_id' => $plant->person('planner')->id]))
        ->assignee_id->toBe($plant->person('planner')->id)
        ->and($plant->raised()->assignee_id)
        ->toBeNull();
});

it('names nobody of another site', function () {
    $plant = Plant::build();
    $team = DB::table('teams')->insertGetId(['site_id' => $plant->otherSite->id, 'name' => 'Others']);
    $this->as('planner')
        ->put("/methods/{$plant->method->id}/hands", ['hands_team' => $team])
        ->assertSessionHasErrors('hands_team');
    $this->put("/methods/{$plant->method->id}/hands", ['hands_person' => $plant->person('stranger')->id])
        ->assertSessionHasErrors('hands_person');
    expect(WorkOrder::query()->count())->toBe(0)->and(DB::table('method_hands')->count())->toBe(0);
});
