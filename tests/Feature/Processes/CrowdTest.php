<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Feature\Plant;

use function Tests\Core\tries;

afterEach(function () {
    Artisan::call('migrate:fresh');
});

it('serves six people at work on the same assets: nothing breaks, and nothing is done by half', function () {
    Artisan::call('migrate:fresh');
    $plant = Plant::build();
    $meter = $plant->meter();
    foreach ([$plant->pump, $plant->motor] as $i => $asset) {
        foreach ([7, 14, 30] as $every) {
            $plant->schedule(
                ['name' => "Every {$every} on {$i}", 'every' => $every, 'anchor_on' => '2026-03-'.(17 + $i)] +
                    ($every === 30 && $i === 0 ? ['meter_id' => $meter->id, 'usage_every' => '50'] : []),
                $asset,
            );
        }
    }
    $people = array_map(static function (int $seed): Process {
        $process = new Process(
            [PHP_BINARY, 'tests/Feature/Processes/crowd.php', (string) $seed, (string) tries(600)],
            base_path(),
            ['SUNDIAL_NOW' => '2026-03-18 08:00:00'],
            null,
            300,
        );
        $process->start();

        return $process;
    }, range(1, 6));
    [$answers, $broken] = [[], []];
    foreach ($people as $process) {
        $process->wait();
        expect($process->getExitCode())->toBe(0, $process->getErrorOutput().$process->getOutput());
        $said = json_decode($process->getOutput(), true, 16, JSON_THROW_ON_ERROR);
        foreach ($said['answers'] as $status => $count) {
            $answers[$status] = ($answers[$status] ?? 0) + $count;
        }
        $broken = [...$broken, ...$said['broken']];
    }
    Artisan::call('bench:check');
    expect($broken)
        ->toBe([])
        ->and(trim(Artisan::output()))
        ->toBe('Everything hangs together.')
        ->and($answers[302] ?? 0)
        ->toBeGreaterThan(tries(600))
        ->and(DB::table('audit_entries')->where('did', 'like', 'finished %')->count())
        ->toBeGreaterThan(3);
});
