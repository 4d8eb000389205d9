<?php

declare(strict_types=1);

namespace Sundial\Ops;

/**
 * Starts the servers of an instance as its own children, keeps them running, and ends them with itself.
 *
 * Every child leads a process group, which is ended before the child is started again: workers whose master was killed
 * would hold its socket or its port. Every child also asks the kernel for a signal when this process dies; what stays
 * behind all the same is found by the next start (Leftovers).
 */
final class Supervisor
{
    /** A child that lived this long was well: its next end is the first again. Seconds. */
    private const WELL_AFTER = 10;

    /** The longest pause before another start, in seconds. */
    private const LONGEST_PAUSE = 30;

    /**
     * Each child as it is or, without a pid, as it waits to be started again.
     *
     * @var array<string, array{pid: int|null, command: list<string>, env: array<string, string>, started: float,
     *     ends: int, again: float}>
     */
    private array $children = [];

    private bool $stopping = false;

    private int $lastMinute = 0;

    private ?int $schedulerPid = null;

    private readonly DatabaseServer $database;

    public function __construct(private readonly Instance $instance)
    {
        $this->database = new DatabaseServer($instance);
    }

    /** Takes the folder for this process and starts the database. */
    public function startDatabase(): void
    {
        umask(0077);
        $this->instance->prepareFolders();
        $this->takeLock();
        foreach (Leftovers::of($this->instance)->end() as $what) {
            $this->say("{$what} was left from an earlier run; it is ended.");
        }
        foreach (['dbtmp', 'dbrun'] as $folder) {
            @mkdir($this->instance->path($folder), 0700, true);
            chmod($this->instance->path($folder), 0700);
            if ($this->instance->databaseUser() !== null) {
                Shell::run(['chown', '-R', 'mysql:mysql', $this->instance->path($folder)]);
            }
        }
        $this->instance->databasePort = Shell::freePort();
        $this->database->prepare();
        pcntl_async_signals(true);
        foreach ([SIGINT, SIGTERM, SIGHUP] as $signal) {
            pcntl_signal($signal, function (): void {
                $this->stopping = true;
                Shell::breakOff();
            });
        }
        $this->start('database', $this->database->command(), []);
        $this->waitFor('The database', fn (): bool => $this->database->answers(), 'dbrun/mariadb.log');
        $this->instance->remember($this->children());
    }

    /** Starts the web server, PHP and the queue. */
    public function startWeb(bool $queue): void
    {
        $instance = $this->instance;
        $user = $instance->servingUser();
        if (Shell::isRoot() && $user === null) {
            echo "Other accounts cannot enter {$instance->root}, so the servers run as root, on loopback only.\n";
        }
        $this->writeConfigurations($user);
        foreach (['config:cache', 'route:cache', 'view:cache', 'event:cache'] as $cache) {
            if ($instance->name !== 'dev') {
                Shell::must(
                    $cache,
                    $instance->artisan([$cache]),
                    $instance->env(),
                    $instance->path('log/cache.log'),
                );
            }
        }
        $root = Shell::isRoot() && $user === null ? ['-R'] : [];
        $this->start(
            'php',
            $instance->as($user, [
                (string) Shell::which('php-fpm8.2'),
                '-F',
                '-p',
                $instance->path(),
                '-y',
                $instance->path('conf/php-fpm.conf'),
                ...$root,
            ]),
            $instance->env() + ['PHP_INI_SCAN_DIR' => ':'.$instance->path('conf/php')],
        );
        $this->start(
            'nginx',
            $instance->as($user, [
                (string) Shell::which('nginx'),
                '-p',
                $instance->path(),
                '-c',
                $instance->path('conf/nginx.conf'),
                '-e',
                $instance->path('log/nginx.log'),
            ]),
            [],
        );
        if ($queue) {
            $this->start(
                'queue',
                $instance->artisan([
                    'queue:work',
                    '--sleep=1',
                    '--tries=3',
                    '--backoff=5',
                    '--max-time=3600',
                    '--quiet',
                ]),
                $instance->env(),
            );
        }
        $this->waitFor(
            'The application',
            fn (): bool => @file_get_contents(
                "http://127.0.0.1:{$instance->httpPort}/up",
                false,
                stream_context_create(['http' => ['timeout' => 5]]),
            ) !== false,
            'log/php-fpm.log',
        );
        $instance->remember($this->children());
    }

    private function writeConfigurations(?string $user): void
    {
        $instance = $this->instance;
        $asRoot = Shell::isRoot() && $user === null;
        @mkdir($instance->path('conf/php'));
        if ($user !== null) {
            chown($instance->path('conf/php'), $user);
        }
        $values = [
            'php-fpm.conf' => ['user' => $asRoot ? "user = root\ngroup = root" : ''],
            'nginx.conf' => ['user' => $asRoot ? 'user root;' : ''],
        ];
        foreach ($values as $name => $given) {
            Template::write($instance, $name, $instance->path("conf/{$name}"), $given, $user);
        }
        $given = ['validate' => $instance->name === 'dev' ? '1' : '0'];
        Template::write($instance, 'php.ini', $instance->path('conf/php/sundial.ini'), $given, $user);
    }

    /** Stays until told to stop: brings back what died, and runs the scheduler every minute. */
    public function watch(bool $scheduler): void
    {
        while (! $this->stopping) {
            $this->revive();
            $minute = intdiv(time(), 60);
            if ($scheduler && $minute !== $this->lastMinute) {
                $this->lastMinute = $minute;
                $this->schedulerPid = $this->fork(
                    $this->instance->artisan(['schedule:run', '--quiet']),
                    $this->instance->env(),
                    'scheduler',
                );
            }
            usleep(250_000);
        }
        echo "\nStopping ...\n";
        $this->stop();
    }

    /** Ends every child, the database last. */
    public function stop(): void
    {
        $this->stopping = true;
        $order = ['queue', 'nginx', 'php', 'database'];
        if ($this->schedulerPid !== null) {
            posix_kill(-$this->schedulerPid, SIGTERM);
        }
        foreach ($order as $name) {
            if (isset($this->children[$name])) {
                $this->end($name);
            }
        }
        $this->instance->forget();
    }

    private function end(string $name): void
    {
        $pid = $this->children[$name]['pid'];
        unset($this->children[$name]);
        if ($pid === null) {
            return;
        }
        posix_kill($pid, $name === 'php' ? SIGQUIT : SIGTERM);
        for ($i = 0; $i < 300; $i++) {
            if (pcntl_waitpid($pid, $status, WNOHANG) !== 0) {
                posix_kill(-$pid, SIGKILL);

                return;
            }
            if ($i === 40 && $name === 'php') {
                posix_kill($pid, SIGTERM);
            }
            usleep(50_000);
        }
        posix_kill(-$pid, SIGKILL);
        pcntl_waitpid($pid, $status);
    }

    /** Starts again what ended: at once, then after pauses that grow, for as long as this process lives. */
    private function revive(): void
    {
        while (($pid = pcntl_waitpid(-1, $status, WNOHANG)) > 0) {
            if ($pid === $this->schedulerPid) {
                $this->schedulerPid = null;
            }
            foreach ($this->children as $name => $child) {
                if ($child['pid'] === $pid && ! $this->stopping) {
                    $this->ended($name, $pid);
                }
            }
        }
        foreach ($this->children as $name => $child) {
            if ($child['pid'] === null && microtime(true) >= $child['again'] && ! $this->stopping) {
                $this->start($name, $child['command'], $child['env'], $child['ends']);
                $this->instance->remember($this->children());
            }
        }
    }

    private function ended(string $name, int $pid): void
    {
        // What it started is in its group: it would hold the socket or the port that the next one needs.
        posix_kill(-$pid, SIGKILL);
        $child = $this->children[$name];
        $ends = microtime(true) - $child['started'] > self::WELL_AFTER ? 1 : $child['ends'] + 1;
        $pause = $ends === 1 ? 0.0 : min(self::LONGEST_PAUSE, 0.25 * 2 ** ($ends - 1));
        $this->children[$name] = ['pid' => null, 'ends' => $ends, 'again' => microtime(true) + $pause] + $child;
        // The queue worker ends itself every hour; that is no news.
        if ($name !== 'queue' || $ends > 1) {
            $this->say("{$name} ended by itself; starting it again".($pause > 0 ? " in {$pause} s." : '.'));
        }
        $this->instance->remember($this->children());
    }

    /** @return array<string, array{pid: int|null, ends: int, again: int}> what the doctor is told of the children */
    private function children(): array
    {
        return array_map(
            static fn (array $child): array => [
                'pid' => $child['pid'],
                'ends' => $child['ends'],
                'again' => (int) ceil($child['again']),
            ],
            $this->children,
        );
    }

    private function say(string $what): void
    {
        echo "{$what}\n";
        @file_put_contents(
            $this->instance->path('log/supervisor.log'),
            gmdate('Y-m-d H:i:s')." {$what}\n",
            FILE_APPEND,
        );
    }

    /** @param  list<string>  $command
     * @param  array<string, string>  $env */
    private function start(string $name, array $command, array $env, int $ends = 0): void
    {
        $this->children[$name] = [
            'pid' => $this->fork($command, $env, $name),
            'command' => $command,
            'env' => $env,
            'started' => microtime(true),
            'ends' => $ends,
            'again' => 0.0,
        ];
    }

    /** @param  list<string>  $command
     * @param  array<string, string>  $env */
    private function fork(array $command, array $env, string $name): int
    {
        $log = $this->instance->path("log/{$name}.out");
        if ($this->instance->servingUser() !== null && ! is_file($log)) {
            // Servers open their outputs again by name: under their own account, it has to be theirs.
            touch($log);
            chown($log, (string) $this->instance->servingUser());
        }
        $pid = pcntl_fork();
        if ($pid === -1) {
            throw new Trouble("No further process could be started for {$name}. Is the machine out of memory?");
        }
        if ($pid === 0) {
            posix_setpgid(0, 0);
            chdir($this->instance->path());
            fclose(STDIN);
            fclose(STDOUT);
            fclose(STDERR);
            $in = fopen('/dev/null', 'r');
            $out = fopen($log, 'a');
            $err = fopen($log, 'a');
            pcntl_exec($command[0], array_slice($command, 1), $env + Leftovers::mark($this->instance) + getenv());
            exit(127);
        }
        // Set on both sides, since either may come first.
        @posix_setpgid($pid, $pid);

        return $pid;
    }

    private function waitFor(string $what, callable $ready, string $log): void
    {
        for ($i = 0; $i < 600 && ! $this->stopping; $i++) {
            if ($ready()) {
                return;
            }
            foreach ($this->children as $child) {
                if ($child['pid'] !== null && pcntl_waitpid($child['pid'], $status, WNOHANG) > 0) {
                    $i = 600;
                }
            }
            usleep(50_000);
        }
        $tail = implode(
            "\n",
            array_slice(explode("\n", trim((string) @file_get_contents($this->instance->path($log)))), -6),
        );
        $this->stop();
        throw new Trouble("{$what} did not start. The end of {$this->instance->path($log)}:\n\n{$tail}");
    }

    private function takeLock(): void
    {
        $handle = fopen($this->instance->path('lock'), 'ce');
        if ($handle === false || ! flock($handle, LOCK_EX | LOCK_NB)) {
            $running = $this->instance->running();
            throw new Trouble(
                $running === null
                    ? "Another process holds {$this->instance->path('lock')}. Wait a moment and start again, or ".
                        'stop it with `./sundial stop`.'
                    : "It runs already, at http://127.0.0.1:{$running['http']}. Stop it with `./sundial stop`.",
            );
        }
        // Kept open for as long as this process lives: the lock goes with the handle.
        $GLOBALS['sundial lock'] = $handle;
    }
}
