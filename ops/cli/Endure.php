<?php

declare(strict_types=1);

namespace Sundial\Ops;

use PDO;
use Throwable;

/**
 * Kills servers at random while several clients write, and shows that everything comes back: each acknowledged write is
 * there exactly once, and what hangs together still does, recounted.
 */
final class Endure
{
    private const CLIENTS = 4;

    private const TARGETS = ['database', 'php', 'php worker', 'nginx', 'nginx worker', 'queue', 'supervisor'];

    /** Seconds within which pages have to answer again. */
    private const BACK_WITHIN = 60;

    private readonly Instance $instance;

    private int $supervisor = 0;

    /** @var list<int> */
    private array $clients = [];

    public function __construct(private readonly string $root)
    {
        $this->instance = new Instance($root, 'endure');
    }

    public static function database(Instance $instance): PDO
    {
        $running = $instance->running();

        return new PDO(
            'mysql:host=127.0.0.1;port='.($running['database'] ?? 0).";dbname={$instance->databaseName()}",
            'sundial',
            $instance->databasePassword(),
            [PDO::ATTR_TIMEOUT => 5],
        );
    }

    /** @param  list<string>  $arguments */
    public function run(array $arguments): int
    {
        if (in_array('--serve', $arguments, true)) {
            return $this->serve((int) $this->option($arguments, '--port', '0'));
        }
        $kills = (int) $this->option($arguments, '--kills', '10');
        $seed = (int) $this->option($arguments, '--seed', '1');
        (new Installer($this->root))->ensure(browser: false);
        if ($this->instance->running() !== null) {
            throw new Trouble('Another run of this is under way. Wait for it, or stop it.');
        }
        Leftovers::of($this->instance)->end();
        Shell::remove($this->instance->path());
        mt_srand($seed);
        try {
            return $this->endure($kills, $seed);
        } finally {
            $this->endAll();
            if (! in_array('--keep', $arguments, true)) {
                Leftovers::of($this->instance)->end();
                Shell::remove($this->instance->path());
            }
        }
    }

    /** @param  list<string>  $arguments */
    private function option(array $arguments, string $name, string $default): string
    {
        $at = array_search($name, $arguments, true);
        $value = $at === false ? $default : $arguments[$at + 1] ?? '';
        if (! ctype_digit($value)) {
            throw new Trouble("{$name} takes a whole number, such as {$name} 10.");
        }

        return $value;
    }

    /** What a unit of the system would start again: the supervisor in a process of its own. */
    private function serve(int $port): int
    {
        $this->instance->httpPort = $port;
        $supervisor = new Supervisor($this->instance);
        try {
            $supervisor->startDatabase();
            Loading::data($this->instance);
            if (! is_file($this->instance->path('filled'))) {
                Shell::must(
                    'Filling the plant',
                    $this->instance->artisan(['bench:fill', '--scale=0.001']),
                    $this->instance->env(),
                    $this->instance->path('log/fill.log'),
                );
                touch($this->instance->path('filled'));
            }
            $supervisor->startWeb(queue: true);
            $supervisor->watch(scheduler: false);
        } catch (Throwable $throwable) {
            $supervisor->stop();
            throw $throwable;
        }

        return 0;
    }

    private function endure(int $kills, int $seed): int
    {
        $this->instance->httpPort = Shell::freePort();
        $this->startSupervisor();
        $this->waitUntilBack(180);
        for ($number = 0; $number < self::CLIENTS; $number++) {
            $this->clients[] = $this->startClient($number, $seed);
        }
        [$times, $failed] = [[], []];
        for ($kill = 1; $kill <= $kills; $kill++) {
            usleep(mt_rand(300_000, 1_500_000));
            $target = self::TARGETS[mt_rand(0, count(self::TARGETS) - 1)];
            if (! $this->kill($target)) {
                continue;
            }
            $took = $this->waitUntilBack(self::BACK_WITHIN);
            $took === null ? $failed[] = $target : $times[$target][] = $took;
            if ($kill % 25 === 0) {
                echo "  {$kill} kills\n";
            }
        }
        $stuck = $this->stopClients();
        $this->waitUntilBack(self::BACK_WITHIN);

        return $this->report($times, $failed, $stuck);
    }

    private function startSupervisor(): void
    {
        $pid = pcntl_fork();
        if ($pid === 0) {
            // A group of its own, as a unit has: what is sent to us is not sent to it.
            posix_setpgid(0, 0);
            $log = fopen("{$this->root}/var/endure.log", 'a');
            fclose(STDIN);
            fclose(STDOUT);
            fclose(STDERR);
            $in = fopen('/dev/null', 'r');
            [$out, $err] = [$log, $log];
            $out = fopen("{$this->root}/var/endure.log", 'a');
            $err = fopen("{$this->root}/var/endure.log", 'a');
            pcntl_exec(PHP_BINARY, [
                "{$this->root}/sundial",
                'endure',
                '--serve',
                '--port',
                (string) $this->instance->httpPort,
            ]);
            exit(127);
        }
        $this->supervisor = $pid;
    }

    private function startClient(int $number, int $seed): int
    {
        $pid = pcntl_fork();
        if ($pid !== 0) {
            return $pid;
        }
        pcntl_async_signals(true);
        mt_srand($seed * 100 + $number);
        $book = fopen($this->book($number), 'a');
        $status = 0;
        try {
            (new EndureClient($this->instance, $number, $book))->work();
        } catch (Throwable $trouble) {
            fwrite($book, "stuck\t{$trouble->getMessage()}\n");
            $status = 1;
        }
        // What our parent would do at its end is not ours to do.
        posix_kill(getmypid(), $status === 0 ? SIGKILL : SIGABRT);
        exit(1);
    }

    private function book(int $number): string
    {
        return $this->instance->path("acknowledged-{$number}.tsv");
    }

    private function kill(string $target): bool
    {
        $running = $this->instance->running();
        if ($running === null) {
            return false;
        }
        $name = explode(' ', $target)[0];
        $pid = $target === 'supervisor' ? $running['pid'] : $running['children'][$name]['pid'] ?? null;
        if ($pid !== null && str_ends_with($target, 'worker')) {
            $workers = explode(' ', trim((string) @file_get_contents("/proc/{$pid}/task/{$pid}/children")));
            $pid = (int) $workers[mt_rand(0, count($workers) - 1)];
        }

        if ($pid === null || $pid <= 0 || ! posix_kill($pid, SIGKILL)) {
            return false;
        }
        if ($pid === $this->supervisor) {
            // What it had started answers until the kernel has ended it: only then is it gone, and started again.
            $this->restartSupervisor(0);
        }

        return true;
    }

    /** As a unit of the system does, a second after it has ended; with WNOHANG only where it has. */
    private function restartSupervisor(int $flags): void
    {
        if (pcntl_waitpid($this->supervisor, $status, $flags) > 0) {
            usleep(1_000_000);
            $this->startSupervisor();
        }
    }

    /** @return int|null milliseconds until pages answer that ask the database; null: they do not */
    private function waitUntilBack(int $seconds): ?int
    {
        $began = microtime(true);
        // What was just killed may answer for an instant from what it had taken in.
        usleep(20_000);
        while (microtime(true) - $began < $seconds) {
            $this->restartSupervisor(WNOHANG);
            $page = @file_get_contents(
                "http://127.0.0.1:{$this->instance->httpPort}/login",
                false,
                stream_context_create(['http' => ['timeout' => 5]]),
            );
            if ($page !== false && str_contains($page, 'Log in')) {
                return (int) round(1000 * (microtime(true) - $began));
            }
            usleep(30_000);
        }

        return null;
    }

    /** @return list<string> what clients could not get an answer to */
    private function stopClients(): array
    {
        foreach ($this->clients as $pid) {
            posix_kill($pid, SIGTERM);
        }
        foreach ($this->clients as $pid) {
            while (pcntl_waitpid($pid, $status, WNOHANG) === 0) {
                $this->restartSupervisor(WNOHANG);
                usleep(20_000);
            }
        }
        $this->clients = [];
        $stuck = [];
        foreach ($this->acknowledged() as [$kind, $what]) {
            if ($kind === 'stuck') {
                $stuck[] = $what;
            }
        }

        return $stuck;
    }

    /** @return list<array{string, string}> kind and what */
    private function acknowledged(): array
    {
        $lines = [];
        for ($number = 0; $number < self::CLIENTS; $number++) {
            foreach (file($this->book($number), FILE_IGNORE_NEW_LINES) ?: [] as $line) {
                $lines[] = array_pad(explode("\t", $line, 2), 2, '');
            }
        }

        return $lines;
    }

    /**
     * @param  array<string, list<int>>  $times
     * @param  list<string>  $failed
     * @param  list<string>  $stuck
     */
    private function report(array $times, array $failed, array $stuck): int
    {
        echo "Killed and back, milliseconds (median, longest):\n";
        foreach ($times as $target => $took) {
            sort($took);
            printf("  %-13s %4d times  %6d %6d\n", $target, count($took), $took[intdiv(count($took), 2)], end($took));
        }
        [$lost, $doubled, $count] = $this->compare();
        $broken = $this->invariants();
        $wrong = [
            ...array_map(static fn (string $target): string => "{$target} did not come back", $failed),
            ...array_map(static fn (string $what): string => "no answer: {$what}", $stuck),
            ...array_map(static fn (string $what): string => "lost: {$what}", $lost),
            ...array_map(static fn (string $what): string => "doubled: {$what}", $doubled),
            ...array_map(static fn (string $what): string => "broken: {$what}", $broken),
        ];
        echo implode('', array_map(static fn (string $one): string => "  {$one}\n", array_slice($wrong, 0, 20)));
        printf(
            "%d kills; %d acknowledged writes: %d lost, %d doubled; %d invariants broken; %d not back, %d unanswered\n",
            array_sum(array_map(count(...), $times)) + count($failed),
            $count,
            count($lost),
            count($doubled),
            count($broken),
            count($failed),
            count($stuck),
        );

        return $wrong === [] && $count > 0 ? 0 : 1;
    }

    /** @return array{list<string>, list<string>, int} lost, doubled, and how many there are */
    private function compare(): array
    {
        $database = self::database($this->instance);
        $asked = [
            'place' => 'SELECT COUNT(*) FROM locations WHERE tag = ?',
            'asset' => 'SELECT COUNT(*) FROM assets WHERE tag = ?',
            'booking' => 'SELECT COUNT(*) FROM bookings WHERE note = ?',
            'order approve' => self::moved('approved %'),
            'order start' => self::moved('started %'),
            'order finish' => self::moved('finished %'),
        ];
        [$lost, $doubled, $count] = [[], [], 0];
        foreach ($this->acknowledged() as [$kind, $what]) {
            if (! isset($asked[$kind])) {
                continue;
            }
            $count++;
            $statement = $database->prepare($asked[$kind]);
            $statement->execute([$what]);
            $there = (int) $statement->fetchColumn();
            if ($there === 0) {
                $lost[] = "{$kind} {$what}";
            } elseif ($there > 1) {
                $doubled[] = "{$kind} {$what}";
            }
        }

        return [$lost, $doubled, $count];
    }

    private static function moved(string $did): string
    {
        return "SELECT COUNT(*) FROM audit_entries WHERE kind = 'order' AND did LIKE '{$did}' AND subject_id = ?";
    }

    /** @return list<string> */
    private function invariants(): array
    {
        $running = $this->instance->running();
        $this->instance->databasePort = $running['database'] ?? 0;
        $log = $this->instance->path('log/check.log');
        Shell::run($this->instance->artisan(['bench:check']), $this->instance->env(), $log);
        $lines = array_values(array_filter(explode("\n", (string) file_get_contents($log))));
        $last = (string) array_pop($lines);

        return $last === 'Everything hangs together.' ? [] : [...$lines, $last];
    }

    private function endAll(): void
    {
        foreach ($this->clients as $pid) {
            posix_kill($pid, SIGKILL);
            pcntl_waitpid($pid, $status);
        }
        if ($this->supervisor > 0) {
            posix_kill($this->supervisor, SIGTERM);
            pcntl_waitpid($this->supervisor, $status);
        }
    }
}
