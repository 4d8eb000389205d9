<?php

declare(strict_types=1);

namespace Sundial\Ops;

/**
 * One running Sundial: a folder under var/ with its own database, storage, caches, logs, key and ports.
 *
 * Demo, live, test, browser and picture instances never share anything, so that a test cannot touch a running demo.
 */
final class Instance
{
    public int $httpPort = 0;

    public int $databasePort = 0;

    /** @param  string|null  $now a fixed instant (ISO 8601), for pictures and browser tests */
    public function __construct(public readonly string $root, public readonly string $name, public readonly bool $demo = false, public readonly ?string $now = null)
    {
    }

    public function path(string $inside = ''): string
    {
        return rtrim("{$this->root}/var/{$this->name}/{$inside}", '/');
    }

    /** The account that serves: www-data when started by root and the folder can be entered, else whoever started it. */
    public function servingUser(): ?string
    {
        return Shell::isRoot() && $this->othersMayEnter() && Shell::which('setpriv') !== null ? 'www-data' : null;
    }

    public function databaseUser(): ?string
    {
        return $this->servingUser() === null ? null : 'mysql';
    }

    private function othersMayEnter(): bool
    {
        for ($folder = $this->root; ; $folder = dirname($folder)) {
            if ((((int) fileperms($folder)) & 0001) === 0) {
                return false;
            }
            if ($folder === dirname($folder)) {
                return true;
            }
        }
    }

    public function prepareFolders(): void
    {
        foreach (['', 'log', 'run', 'conf', 'tmp', 'cache', 'storage/app/private', 'storage/framework/views', 'storage/framework/cache/data', 'storage/framework/sessions', 'storage/logs'] as $folder) {
            $path = $this->path($folder);
            if (! is_dir($path) && ! @mkdir($path, 0755, true)) {
                throw new Trouble("The folder {$path} cannot be made. Let this account write to {$this->root}/var, then start again.");
            }
        }
        if (! is_writable($this->path())) {
            throw new Trouble("The folder {$this->path()} cannot be written to. Let this account write there (it may have been made by root), then start again.");
        }
        $user = $this->servingUser();
        foreach ($user === null ? [] : ['log', 'run', 'tmp', 'cache', 'storage'] as $folder) {
            Shell::run(['chown', '-R', $user, $this->path($folder)]);
        }
    }

    private function secret(string $name, int $bytes): string
    {
        $file = $this->path($name);
        if (! is_file($file)) {
            file_put_contents($file, base64_encode(random_bytes($bytes)));
            chmod($file, 0600);
        }

        return trim((string) file_get_contents($file));
    }

    public function databaseName(): string
    {
        return "sundial_{$this->name}";
    }

    public function databasePassword(): string
    {
        return strtr($this->secret('database.secret', 18), '+/=', 'abc');
    }

    /** @return array<string, string> everything the application reads from its environment */
    public function env(): array
    {
        return [
            'APP_NAME' => 'Sundial',
            'APP_ENV' => in_array($this->name, ['test', 'dev'], true) ? 'testing' : 'production',
            'APP_DEBUG' => $this->name === 'dev' ? 'true' : 'false',
            'APP_KEY' => 'base64:'.$this->secret('app.key', 32),
            'APP_URL' => "http://127.0.0.1:{$this->httpPort}",
            'APP_CONFIG_CACHE' => $this->path('cache/config.php'),
            'APP_ROUTES_CACHE' => $this->path('cache/routes.php'),
            'APP_EVENTS_CACHE' => $this->path('cache/events.php'),
            'APP_SERVICES_CACHE' => $this->path('cache/services.php'),
            'APP_PACKAGES_CACHE' => $this->path('cache/packages.php'),
            'VIEW_COMPILED_PATH' => $this->path('storage/framework/views'),
            'LARAVEL_STORAGE_PATH' => $this->path('storage'),
            'DB_CONNECTION' => 'mariadb',
            'DB_HOST' => '127.0.0.1',
            'DB_PORT' => (string) $this->databasePort,
            'DB_DATABASE' => $this->databaseName(),
            'DB_USERNAME' => 'sundial',
            'DB_PASSWORD' => $this->databasePassword(),
            'SESSION_DRIVER' => 'database',
            'CACHE_STORE' => 'file',
            'QUEUE_CONNECTION' => $this->name === 'test' ? 'sync' : 'database',
            'LOG_CHANNEL' => 'single',
            'MAIL_MAILER' => 'log',
            'BCRYPT_ROUNDS' => in_array($this->name, ['test', 'browser', 'shots'], true) ? '4' : '12',
            'SUNDIAL_INSTANCE' => $this->name,
            'SUNDIAL_DEMO' => $this->demo ? '1' : '',
            'SUNDIAL_NOW' => (string) $this->now,
        ];
    }

    /** @param  list<string>  $arguments
     * @return list<string> an artisan call under the account that serves */
    public function artisan(array $arguments): array
    {
        return $this->as($this->servingUser(), [PHP_BINARY, $this->root.'/artisan', ...$arguments]);
    }

    /** @param  list<string>  $command
     * @return list<string> the command under an account; ended with its parent, also when that is killed */
    public function as(?string $user, array $command): array
    {
        $setpriv = Shell::which('setpriv');
        if ($setpriv === null) {
            return $command;
        }
        $account = $user === null ? [] : ["--reuid={$user}", "--regid={$user}", '--clear-groups'];

        return [$setpriv, ...$account, '--pdeathsig', 'TERM', ...$command];
    }

    /** @return array{pid: int, http: int, database: int}|null what runs in this folder now */
    public function running(): ?array
    {
        $file = $this->path('run.json');
        $run = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;

        return is_array($run) && posix_kill($run['pid'], 0) && str_contains((string) @file_get_contents("/proc/{$run['pid']}/cmdline"), 'sundial') ? $run : null;
    }

    public function remember(): void
    {
        file_put_contents($this->path('run.json'), json_encode(['pid' => getmypid(), 'http' => $this->httpPort, 'database' => $this->databasePort]));
    }

    public function forget(): void
    {
        Shell::remove($this->path('run.json'));
    }
}
