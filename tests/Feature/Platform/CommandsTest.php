<?php

declare(strict_types=1);

use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\Artisan;
use Tests\Feature\Plant;

it('makes a token of a person for a program, which reads and writes as that person', function () {
    Plant::build();
    expect(Artisan::call('token:issue', ['login' => 'planner', 'name' => 'gateway']))->toBe(0);
    $token = trim(Artisan::output());
    $ask = fn (string $with) => $this->fresh()
        ->withHeader('Authorization', "Bearer {$with}")
        ->getJson('/api/v1/assets');
    $ask($token)->assertOk()->assertJsonPath('data.0.tag', 'PMP-01');
    // Made again under the same name, the first one is worth nothing any more.
    app('auth')->forgetGuards();
    Artisan::call('token:issue', ['login' => 'planner', 'name' => 'gateway']);
    $ask($token)->assertUnauthorized();
    app('auth')->forgetGuards();
    $ask(trim(Artisan::output()))->assertOk();
});

it('makes no token of nobody', function () {
    Plant::build();
    expect(Artisan::call('token:issue', ['login' => 'nobody', 'name' => 'gateway']))
        ->toBe(1)
        ->and(Artisan::output())
        ->toContain('There is no such account.');
});

it('releases what is due, of one site or of all, and makes nothing twice', function () {
    $plant = Plant::build();
    $plant->schedule(['anchor_on' => '2026-03-18']);
    $plant->schedule(['anchor_on' => '2026-03-18'], $plant->motor);
    Artisan::call('release:due', ['--site' => 'U']);
    expect(Artisan::output())->toBe("Other works: 0 orders made.\n")->and(WorkOrder::query()->count())->toBe(0);
    expect(Artisan::call('release:due'))
        ->toBe(0)
        ->and(Artisan::output())
        ->toContain('Test works: 2 orders made.')
        ->toContain('Other works: 0 orders made.');
    Artisan::call('release:due', ['--site' => 'T']);
    expect(Artisan::output())->toBe("Test works: 0 orders made.\n")->and(WorkOrder::query()->count())->toBe(2);
});

it('says how a file is loaded, where it was called wrongly', function (array $with, string $says) {
    Plant::build();
    $path = tempnam(sys_get_temp_dir(), 'csv');
    file_put_contents($path, "name\nNorth Seals\n");
    $given = $with + ['file' => $path, '--site' => 'T', '--what' => 'suppliers'];
    expect(Artisan::call('import:file', $given))->toBe(1)->and(Artisan::output())->toContain($says);
    unlink($path);
})->with([
    'a site that is none' => [['--site' => 'NONE'], '--site takes the code of a site: T, U.'],
    'a kind that is none' => [['--what' => 'nothing'], '--what takes suppliers, register, meters'],
    'a file that is not there' => [['file' => '/nowhere.csv'], 'There is no readable file /nowhere.csv.'],
]);
