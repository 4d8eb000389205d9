<?php

declare(strict_types=1);

use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** @return list<mixed> what a list of the API holds, page by page, each of so many at the most */
function walked(string $path, int $limit, string $key = 'id'): array
{
    [$all, $pages] = [[], 0];
    $next = "{$path}".(str_contains($path, '?') ? '&' : '?')."limit={$limit}";
    while ($next !== null && $pages < 60) {
        $answer = api('planner', 'GET', $next)->assertOk();
        expect(count($answer->json('data')))->toBeLessThanOrEqual($limit);
        $all = [...$all, ...array_column($answer->json('data'), $key)];
        $next = $answer->json('next') === null ? null : substr((string) $answer->json('next'), strlen('/api/v1/'));
        $pages++;
    }
    expect($next)->toBeNull();

    return $all;
}

it('gives every list out page by page, each entry once and none left out, whatever narrows it', function () {
    $plant = Plant::build();
    for ($i = 1; $i <= 5; $i++) {
        $plant->asset("P-{$i}", "Pump {$i}", 'HALL');
        $plant->raised(['title' => "Job {$i}"]);
    }
    $plant->report('It leaks');
    $plant->report('It squeals');
    $plant->report('It smells');
    $meter = $plant->meter(5);
    $plant->meter(1, with: ['name' => 'Hours of the motor']);
    $schedule = $plant->schedule(['anchor_on' => '2026-03-18']);
    $plant->schedule(['name' => 'Look round', 'anchor_on' => '2026-03-20']);
    foreach (['2026-03-18', '2026-04-17', '2026-05-17'] as $day) {
        $this->clock->set("{$day} 08:00:00");
        $plant->release();
        foreach (WorkOrder::query()->whereNotNull('batch_id')->where('state', 'approved')->get() as $order) {
            $plant->through($order, 'start');
            $this->as('supervisor')
                ->post("/orders/{$order->id}/finish", ['finished_at' => "{$day}T07:30", 'it_is_right' => 1])
                ->assertSessionHasNoErrors();
        }
    }
    $visits = DB::table('visits')->where('schedule_id', $schedule->id)->count();
    expect($visits)->toBeGreaterThan(2);
    foreach ([
        'assets' => 7,
        'assets?tag=P-3' => 1,
        'meters' => 2,
        "meters/{$meter->id}/readings" => 5,
        "meters/{$meter->id}/readings?from=2026-03-01" => 3,
        'schedules' => 2,
        "schedules/{$schedule->id}/visits" => $visits,
        'orders' => WorkOrder::query()->count(),
        'requests' => 3,
    ] as $path => $many) {
        $key = str_contains($path, 'visits') ? 'number' : 'id';
        $one = walked($path, 1, $key);
        expect(count($one))
            ->toBe($many, $path)
            ->and(array_unique($one))
            ->toHaveCount($many, $path)
            ->and(walked($path, 2, $key))
            ->toBe($one, $path)
            ->and(walked($path, 100, $key))
            ->toBe($one, $path);
    }
});
