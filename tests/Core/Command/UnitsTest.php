<?php

declare(strict_types=1);

use Sundial\Ops\Instance;
use Sundial\Ops\Leftovers;
use Sundial\Ops\Settings;
use Sundial\Ops\Trouble;
use Symfony\Component\Process\Process;

it('ships units that the system takes', function () {
    $root = dirname(__DIR__, 3);
    $folder = sys_get_temp_dir().'/sundial-units-'.getmypid();
    @mkdir($folder);
    // They are verified where they stand: the command they name has to be there.
    foreach (['sundial.service', 'sundial-backup.service', 'sundial-backup.timer'] as $unit) {
        $text = (string) file_get_contents("{$root}/ops/systemd/{$unit}");
        expect($text)->not->toContain('%');
        file_put_contents(
            "{$folder}/{$unit}",
            str_replace(['/opt/sundial', '=sundial'], [$root, '=root'], $text),
        );
    }
    $verify = new Process(['systemd-analyze', 'verify', ...(array) glob("{$folder}/*")]);
    $verify->run();
    expect($verify->getOutput().$verify->getErrorOutput())->toBe('')->and($verify->getExitCode())->toBe(0);
})->skip(! is_executable('/usr/bin/systemd-analyze'), 'systemd is not on this machine');

/** Also where it said so before anybody listened; at the most as long as the process may take. */
function untilItSays(Process $process, string $words): void
{
    while (! str_contains($process->getOutput().$process->getErrorOutput(), $words)) {
        $process->checkTimeout();
        usleep(2000);
    }
}

it('lets the second of two installations wait for the first, with a word', function () {
    $root = dirname(__DIR__, 3);
    $file = sys_get_temp_dir().'/sundial-turn-'.getmypid();
    $held = fopen($file, 'c');
    flock($held, LOCK_EX);
    $second = new Process([
        PHP_BINARY,
        '-r',
        "require '{$root}/ops/cli/Turn.php'; Sundial\Ops\Turn::take('{$file}', 'installing', fn () => print 'mine');",
    ]);
    $second->start();
    untilItSays($second, 'waiting for it');
    expect($second->getOutput())->not->toContain('mine');
    flock($held, LOCK_UN);
    $second->wait();
    expect($second->getOutput())->toEndWith('mine');
});

it('breaks off what it waits for when it is told to stop, and says so', function () {
    $root = dirname(__DIR__, 3);
    $log = sys_get_temp_dir().'/sundial-broken-'.getmypid();
    $code = <<<'PHP'
        foreach (['Trouble', 'Shell'] as $class) {
            require "%s/ops/cli/{$class}.php";
        }
        pcntl_async_signals(true);
        pcntl_signal(SIGTERM, static fn () => Sundial\Ops\Shell::breakOff());
        echo 'waits';
        try {
            Sundial\Ops\Shell::must('Loading', ['/bin/sleep', '60'], [], '%s');
        } catch (Sundial\Ops\Trouble $trouble) {
            echo $trouble->getMessage();
        }
        PHP;
    $waiting = new Process([PHP_BINARY, '-r', sprintf($code, $root, $log)], timeout: 30);
    $waiting->start();
    untilItSays($waiting, 'waits');
    // Told again where it was told before it waited.
    while ($waiting->isRunning()) {
        $waiting->checkTimeout();
        $waiting->signal(SIGTERM);
        usleep(20_000);
    }
    expect($waiting->getOutput())->toBe('waitsLoading was broken off. Begin again with the same command.');
    @unlink($log);
});

it('knows a process that an earlier run left, and ends it', function () {
    $instance = new Instance(sys_get_temp_dir(), 'left-'.getmypid());
    $left = new Process(['tail', '-f', dirname(__DIR__, 3).'/composer.json'], null, Leftovers::mark($instance));
    $left->start();
    // While a process changes its program, its environment cannot be read: wait for a word of the last one.
    untilItSays($left, '}');
    expect(array_keys(Leftovers::of($instance)->found))->toBe([$left->getPid()]);
    expect(Leftovers::of($instance, (int) $left->getPid())->found)->toBe([]);
    Leftovers::of($instance)->end();
    expect($left->isRunning())
        ->toBeFalse()
        ->and(Leftovers::of($instance)->found)
        ->toBe([]);
});

it('reads what a plant says of its machine, and refuses what cannot be meant', function (string $text, ?string $says) {
    $root = sys_get_temp_dir().'/sundial-settings-'.getmypid();
    is_dir("{$root}/var/live") || mkdir("{$root}/var/live", recursive: true);
    file_put_contents("{$root}/sundial.ini", $text);
    $read = static fn (): Settings => Settings::of(new Instance($root, 'live'));
    if ($says !== null) {
        expect($read)->toThrow(Trouble::class, $says);

        return;
    }
    expect($read()->url)
        ->toBe('https://sundial.plant.example')
        ->and($read()->proxies)
        ->toBe(['127.0.0.1', '10.0.0.0/8'])
        ->and($read()->mail)
        ->toBe('smtp://u:p@mail.plant.example:587')
        ->and((new Instance($root, 'live'))->env())
        ->toMatchArray(['MAIL_MAILER' => 'smtp', 'MAIL_FROM_ADDRESS' => 'stores@plant.example'])
        ->and(Settings::of(new Instance($root, 'demo'))->url)
        ->toBeNull();
})->with([
    [
        "url = https://sundial.plant.example/\nproxies = 127.0.0.1, 10.0.0.0/8\n".
            "mail = smtp://u:p@mail.plant.example:587\nmail_from = stores@plant.example\n",
        null,
    ],
    ["url = sundial\n", 'is no address'],
    ["proxies = somewhere\n", 'is no address such as'],
    ["port = 80\n", 'only url, proxies, mail and mail_from'],
    ["mail = mail.plant.example\n", 'is no server'],
    ["mail = smtp://mail.plant.example\nmail_from = stores\n", 'from which address'],
]);
