<?php

declare(strict_types=1);

use App\Register\Models\Asset;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Feature\Plant;

// What this test committed must not be found by those that come after.
afterEach(function () {
    RefreshDatabaseState::$migrated = false;
});

it('lets two moves at the same moment put neither into the other', function () {
    Artisan::call('migrate:fresh');
    $plant = Plant::build();
    $other = $plant->asset('PMP-02', 'Feed pump 2', 'HALL');
    $move = static function (Asset $what, Asset $into): Process {
        $process = new Process(
            [
                PHP_BINARY,
                '-r',
                'require "vendor/autoload.php"; $app = require "bootstrap/app.php";
                $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
                $asset = fn ($id) => App\Register\Models\Asset::query()->findOrFail($id);
                $move = app(App\Register\Actions\MoveInTree::class);
                $move(App\Platform\Audit\Actor::sundial(), $asset($argv[1]), $asset($argv[2]));',
                (string) $what->id,
                (string) $into->id,
            ],
            base_path(),
            ['SUNDIAL_NOW' => '2026-03-18 08:00:00'],
            null,
            60,
        );
        $process->start();

        return $process;
    };
    DB::beginTransaction();
    DB::table('assets')
        ->whereIn('id', [$plant->pump->id, $other->id])
        ->lockForUpdate()
        ->get();
    $two = [$move($plant->pump, $other), $move($other, $plant->pump)];
    try {
        untilWaiting(2);
    } finally {
        DB::rollBack();
    }
    $refused = array_filter($two, static fn (Process $process): bool => $process->wait() !== 0);
    [$one, $two] = [$plant->pump->refresh(), $other->refresh()];
    expect($refused)
        ->toHaveCount(1)
        ->and(reset($refused)->getErrorOutput().reset($refused)->getOutput())
        ->toContain('cannot stand inside')
        ->and(($one->parent_id === $two->id) === ($two->parent_id === $one->id))
        ->toBeFalse();
    foreach (Asset::query()->whereNotNull('parent_id')->get() as $asset) {
        expect($asset->path)->toBe(Asset::query()->findOrFail($asset->parent_id)->path."A{$asset->id}/");
    }
});
