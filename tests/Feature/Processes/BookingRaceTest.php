<?php

declare(strict_types=1);

use App\Work\Models\Booking;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Feature\Plant;

afterEach(function () {
    Artisan::call('migrate:fresh');
});

it('books no more than a day has for one person on two orders at once', function () {
    Artisan::call('migrate:fresh');
    $plant = Plant::build();
    $first = $plant->started();
    $plant->schedule(['name' => 'Other check'], $plant->motor);
    $plant->release();
    $second = WorkOrder::query()->where('id', '<>', $first->id)->firstOrFail();
    $second->update(['state' => 'under way']);
    $person = $plant->person('technician');
    $book = static function (WorkOrder $order) use ($person): Process {
        $process = new Process(
            [
                PHP_BINARY,
                '-r',
                'require "vendor/autoload.php"; $app = require "bootstrap/app.php";
                $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
                app(App\Work\Actions\Booking\BookHours::class)(
                    App\Platform\Audit\Actor::sundial(),
                    App\Work\Models\WorkOrder::query()->findOrFail($argv[1]),
                    App\People\Models\User::query()->findOrFail($argv[2]),
                    Sundial\Calendar\LocalDate::parse("2026-03-17"),
                    Sundial\Costing\WorkedMinutes::of(800),
                );',
                (string) $order->id,
                (string) $person->id,
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
    DB::table('users')->where('id', $person->id)->lockForUpdate()->first();
    $both = [$book($first), $book($second)];
    untilWaiting(2);
    DB::rollBack();
    $failed = array_filter($both, static fn (Process $process): bool => $process->wait() !== 0);
    expect($failed)
        ->toHaveCount(1)
        ->and((int) Booking::query()->where('user_id', $person->id)->sum('minutes'))
        ->toBe(800);
});
