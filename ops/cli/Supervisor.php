<?php

declare(strict_types=1);

namespace Sundial\Ops;

/**
 * Starts the servers of an instance as its own children, keeps them running, and ends them with itself.
 *
 * Every child asks the kernel for a signal when its parent dies, so that nothing stays behind even when this process is killed.
 */
final class Supervisor
{
    /** @var array<string, array{pid: int, command: list<string>, env: array<string, string>, started: float, restarts: int}> */
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
        $this->instance->prepareFolders();
        $this->takeLock();
        @mkdir($this->instance->path('dbtmp'), 0755, true);
        if ($this->instance->databaseUser() !== null) {
            Shell::run(['chown', 'mysql', $this->instance->path('dbtmp')]);
            chmod($this->instance->path('run'), 0777);
            chmod($this->instance->path('log'), 0777);
        }
        $this->instance->databasePort = Shell::freePort();
        $this->database->prepare();
        pcntl_async_signals(true);
        foreach ([SIGINT, SIGTERM, SIGHUP] as $signal) {
            pcntl_signal($signal, function (): void {
                $this->stopping = true;
            });
        }
        $this->start('database', $this->database->command(), []);
        $this->waitFor('The database', fn (): bool => $this->database->answers(), 'log/mariadb.log');
        $this->instance->remember();
    }

    /** Starts the web server, PHP and the queue. */
    public function startWeb(bool $queue): void
    {
        $instance = $this->instance;
        $user = $instance->servingUser();
        if (Shell::isRoot() && $user === null) {
            echo "Other accounts cannot enter {$instance->root}, so the servers run as root, on loopback only.\n";
        }
        Template::write($instance, 'php-fpm.conf', $instance->path('conf/php-fpm.conf'), ['user' => Shell::isRoot() && $user === null ? "user = root\ngroup = root" : '']);
        @mkdir($instance->path('conf/php'));
        Template::write($instance, 'php.ini', $instance->path('conf/php/sundial.ini'), ['validate' => $instance->name === 'dev' ? '1' : '0']);
        Template::write($instance, 'nginx.conf', $instance->path('conf/nginx.conf'), ['user' => Shell::isRoot() && $user === null ? 'user root;' : '']);
        foreach (['config:cache', 'route:cache', 'view:cache', 'event:cache'] as $cache) {
            if ($instance->name !== 'dev') {
                Shell::must($cache, $instance->artisan([$cache]), $instance->env(), $instance->path('log/cache.log'));
            }
        }
        $root = Shell::isRoot() && $user === null ? ['-R'] : [];
        $this->start('php', $instance->as($user, [(string) Shell::which('php-fpm8.2'), '-F', '-p', $instance->path(), '-y', $instance->path('conf/php-fpm.conf'), ...$root]), $instance->env() + ['PHP_INI_SCAN_DIR' => ':'.$instance->path('conf/php')]);
        $this->start('nginx', $instance->as($user, [(string) Shell::which('nginx'), '-p', $instance->path(), '-c', $instance->path('conf/nginx.conf'), '-e', $instance->path('log/nginx.log')]), []);
        if ($queue) {
            $this->start('queue', $instance->artisan(['queue:work', '--sleep=1', '--tries=3', '--backoff=5', '--max-time=3600', '--quiet']), $instance->env());
        }
        $this->waitFor('The application', fn (): bool => @file_get_contents("http://127.0.0.1:{$instance->httpPort}/up", false, stream_context_create(['http' => ['timeout' => 5]])) !== false, 'log/php-fpm.log');
        $instance->remember();
    }

    /** Stays until told to stop: brings back what died, and runs the scheduler every minute. */
    public function watch(bool $scheduler): void
    {
        while (! $this->stopping) {
            $this->revive();
            $minute = intdiv(time(), 60);
            if ($scheduler && $minute !== $this->lastMinute) {
                $this->lastMinute = $minute;
                $this->schedulerPid = $this->fork($this->instance->artisan(['schedule:run', '--quiet']), $this->instance->env(), 'scheduler');
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
            posix_kill($this->schedulerPid, SIGTERM);
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
        posix_kill($pid, $name === 'php' ? SIGQUIT : SIGTERM);
        for ($i = 0; $i < 300; $i++) {
            if (pcntl_waitpid($pid, $status, WNOHANG) !== 0) {
                return;
            }
            if ($i === 40 && $name === 'php') {
                posix_kill($pid, SIGTERM);
            }
            usleep(50_000);
        }
        posix_kill($pid, SIGKILL);
        pcntl_waitpid($pid, $status);
    }

    private function revive(): void
    {
        while (($pid = pcntl_waitpid(-1, $status, WNOHANG)) > 0) {
            if ($pid === $this->schedulerPid) {
                $this->schedulerPid = null;
            }
            foreach ($this->children as $name => $child) {
                if ($child['pid'] === $pid && ! $this->stopping) {
                    $quick = microtime(true) - $child['started'] < 10;
                    if ($quick && $child['restarts'] >= 3) {
                        throw new Trouble("{$name} ended again and again. What it said is in {$this->instance->path('log')}.");
                    }
                    $name === 'queue' || print "{$name} ended by itself; starting it again.\n";
                    $this->start($name, $child['command'], $child['env'], $quick ? $child['restarts'] + 1 : 0);
                }
            }
        }
    }

    /** @param  list<string>  $command
     * @param  array<string, string>  $env */
    private function start(string $name, array $command, array $env, int $restarts = 0): void
    {
        $this->children[$name] = ['pid' => $this->fork($command, $env, $name), 'command' => $command, 'env' => $env, 'started' => microtime(true), 'restarts' => $restarts];
    }

    /** @param  list<string>  $command
     * @param  array<string, string>  $env */
    private function fork(array $command, array $env, string $name): int
    {
        $pid = pcntl_fork();
        if ($pid === 0) {
            chdir($this->instance->path());
            $log = $this->instance->path("log/{$name}.out");
            fclose(STDIN);
            fclose(STDOUT);
            fclose(STDERR);
            $in = fopen('/dev/null', 'r');
            $out = fopen($log, 'a');
            $err = fopen($log, 'a');
            pcntl_exec($command[0], array_slice($command, 1), $env + getenv());
            exit(127);
        }

        return $pid;
    }

    private function waitFor(string $what, callable $ready, string $log): void
    {
        for ($i = 0; $i < 600 && ! $this->stopping; $i++) {
            if ($ready()) {
                return;
            }
            foreach ($this->children as $child) {
                if (pcntl_waitpid($child['pid'], $status, WNOHANG) > 0) {
                    $i = 600;
                }
            }
            usleep(50_000);
        }
        $tail = implode("\n", array_slice(explode("\n", trim((string) @file_get_contents($this->instance->path($log)))), -6));
        $this->stop();
        throw new Trouble("{$what} did not start. The end of {$this->instance->path($log)}:\n\n{$tail}");
    }

    private function takeLock(): void
    {
        $handle = fopen($this->instance->path('lock'), 'ce');
        if ($handle === false || ! flock($handle, LOCK_EX | LOCK_NB)) {
            $running = $this->instance->running();
            throw new Trouble($running === null
                ? "Another process holds {$this->instance->path('lock')}. Wait a moment and start again, or stop it with `./sundial stop`."
                : "It runs already, at http://127.0.0.1:{$running['http']}. Stop it with `./sundial stop`.");
        }
        // Kept open for as long as this process lives: the lock goes with the handle.
        $GLOBALS['sundial lock'] = $handle;
    }
}
