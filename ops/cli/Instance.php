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

    /**
     * @param  string|null  $now  a fixed instant (ISO 8601), for pictures and browser tests
     * @param  string|null  $folder  its folder below var/ where that is not its name: data that is brought back is
     *     made whole beside what stands
     */
    public function __construct(
        public readonly string $root,
        public readonly string $name,
        public readonly bool $demo = false,
        public readonly ?string $now = null,
        public readonly ?string $folder = null,
    ) {
    }

    public function path(string $inside = ''): string
    {
        return rtrim("{$this->root}/var/".($this->folder ?? $this->name)."/{$inside}", '/');
    }

    /**
     * The account that serves: www-data when started by root and the folder can be entered, else whoever started it.
     */
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
        foreach (
            [
                '',
                'log',
                'run',
                'conf',
                'tmp',
                'cache',
                'storage/app/private',
                'storage/framework/views',
                'storage/framework/cache/data',
                'storage/framework/sessions',
                'storage/logs',
            ] as $folder
        ) {
            $path = $this->path($folder);
            if (! is_dir($path) && ! @mkdir($path, 0700, true)) {
                throw new Trouble(
                    "The folder {$path} cannot be made. Let this account write to {$this->root}/var, then start again.",
                );
            }
        }
        if (! is_writable($this->path())) {
            throw new Trouble(
                "The folder {$this->path()} cannot be written to. Let this account write there (it may have been ".
                    'made by root), then start again.',
            );
        }
        $user = $this->servingUser();
        foreach ($user === null ? [] : ['log', 'run', 'tmp', 'cache', 'storage'] as $folder) {
            Shell::run(['chown', '-R', "{$user}:{$user}", $this->path($folder)]);
        }
        $this->closeToOthers();
    }

    /** Keys, passwords and what people wrote are for the accounts that serve: nobody else on the machine reads them. */
    private function closeToOthers(): void
    {
        foreach (['log', 'run', 'tmp', 'cache', 'storage'] as $folder) {
            chmod($this->path($folder), 0700);
        }
        // The two accounts that serve pass through here to what is theirs.
        chmod($this->path(), $this->servingUser() === null ? 0700 : 0711);
        chmod($this->path('conf'), $this->servingUser() === null ? 0700 : 0711);
        foreach ((array) glob($this->path('cache').'/*.php') as $file) {
            chmod((string) $file, 0600);
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
            'APP_URL' => Settings::of($this)->url ?? "http://127.0.0.1:{$this->httpPort}",
            'SUNDIAL_PROXIES' => implode(',', Settings::of($this)->proxies),
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
            ...$this->mail(),
            // The tests log in hundreds of times.
            'ARGON_MEMORY' => in_array($this->name, ['test', 'browser', 'shots'], true) ? '1024' : '19456',
            'ARGON_TIME' => in_array($this->name, ['test', 'browser', 'shots'], true) ? '1' : '2',
            'SUNDIAL_INSTANCE' => $this->name,
            'SUNDIAL_DEMO' => $this->demo ? '1' : '',
            'SUNDIAL_NOW' => (string) $this->now,
        ];
    }

    /** @return array<string, string> to the server that the plant has named; the demo and the tests keep an outbox */
    private function mail(): array
    {
        $settings = Settings::of($this);

        return match (true) {
            $this->name !== 'live' => ['MAIL_MAILER' => 'outbox'],
            $settings->mail === null => ['MAIL_MAILER' => 'none'],
            default => [
                'MAIL_MAILER' => 'smtp',
                'MAIL_URL' => $settings->mail,
                'MAIL_FROM_ADDRESS' => (string) $settings->mailFrom,
            ],
        };
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

    /**
     * What runs in this folder now.
     *
     * @return array{pid: int, http: int, database: int,
     *     children: array<string, array{pid: int|null, ends: int, again: int}>}|null
     */
    public function running(): ?array
    {
        $file = $this->path('run.json');
        $run = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;

        return is_array($run) &&
            posix_kill($run['pid'], 0) &&
            str_contains((string) @file_get_contents("/proc/{$run['pid']}/cmdline"), 'sundial')
            ? $run
            : null;
    }

    /** @param  array<string, array{pid: int|null, ends: int, again: int}>  $children  as the supervisor has them */
    public function remember(array $children): void
    {
        $text = (string) json_encode([
            'pid' => getmypid(),
            'http' => $this->httpPort,
            'database' => $this->databasePort,
            'children' => $children,
        ]);
        // Moved into place whole, so that nobody reads half of it.
        if (@file_put_contents($this->path('run.json.new'), $text) === strlen($text)) {
            rename($this->path('run.json.new'), $this->path('run.json'));
        }
    }

    public function forget(): void
    {
        Shell::remove($this->path('run.json'));
    }
}
