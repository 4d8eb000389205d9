<?php

declare(strict_types=1);

use App\Work\Actions\Moves\FinishWorkOrder;
use Tests\Feature\Plant;

it('shows on the calendar what was done, on the day on which it was', function () {
    $plant = Plant::build();
    $order = $plant->started();
    app(FinishWorkOrder::class)(
        $plant->person('technician')->actor(),
        $order,
        new DateTimeImmutable('2026-03-17 09:00 UTC'),
    );
    $page = (string) $this->as('planner')->get('/calendar?view=week&on=2026-03-17')->assertOk()->getContent();
    expect($page)->toMatch('#class="item order done"[^>]*href="/orders/'.$order->id.'"#');
});
