<?php

declare(strict_types=1);

namespace Sundial\Ops;

/**
 * Installs what is missing on this machine, and only that: Debian packages, PHP packages, npm packages, the built
 * assets.
 */
final class Installer
{
    private const EXTENSIONS = [
        'pdo_mysql' => 'php8.2-mysql',
        'mbstring' => 'php8.2-mbstring',
        'intl' => 'php8.2-intl',
        'dom' => 'php8.2-xml',
        'simplexml' => 'php8.2-xml',
        'curl' => 'php8.2-curl',
        'gd' => 'php8.2-gd',
        'zip' => 'php8.2-zip',
        'bcmath' => 'php8.2-bcmath',
    ];

    private const PROGRAMS = [
        'php-fpm8.2' => 'php8.2-fpm',
        'mariadbd' => 'mariadb-server',
        'mariadb-install-db' => 'mariadb-server',
        'nginx' => 'nginx-light',
        'setpriv' => 'util-linux',
    ];

    private const FILES = ['/usr/share/php/Bacon/BaconQrCode/autoload.php' => 'php-bacon-qr-code'];

    public function __construct(private readonly string $root)
    {
    }

    public function ensure(bool $browser): void
    {
        // The packages are the machine's: two folders that start at once would break into each other's installation.
        Turn::take(
            sys_get_temp_dir().'/sundial-install-'.posix_geteuid().'.lock',
            'installing Debian packages',
            fn () => $this->debian($browser),
        );
        if (! is_dir("{$this->root}/var") && ! @mkdir("{$this->root}/var", 0755, true)) {
            throw new Trouble(
                "The folder {$this->root}/var cannot be made. Let this account write to {$this->root}, then start ".
                    'again.',
            );
        }
        Turn::take("{$this->root}/var/install.lock", 'installing in this folder', $this->packages(...));
    }

    private function packages(): void
    {
        $this->step(
            'composer',
            ['composer.json', 'packages/framework-gaps/functions.php'],
            is_file("{$this->root}/vendor/autoload.php"),
            'Installing PHP packages',
            ['composer', 'update', '--no-interaction', '--no-progress', '--prefer-dist'],
        );
        $this->checkNode();
        $this->step(
            'npm',
            ['package-lock.json'],
            is_dir("{$this->root}/node_modules/vite"),
            'Installing npm packages',
            ['npm', 'ci', '--no-audit', '--no-fund', '--loglevel=error'],
        );
        $this->step(
            'build',
            ['package-lock.json', 'vite.config.js', 'resources/js', 'resources/scss'],
            is_file("{$this->root}/public/build/manifest.json"),
            'Building styles and scripts',
            ['npm', 'run', 'build'],
        );
    }

    /** @return list<array{string, bool, string}> what is needed, whether it is there, and how to get it */
    public function findings(): array
    {
        $found = [];
        $install = static fn (
            string $package,
        ): string => "Install it: `apt-get install --no-install-recommends {$package}` as root, or start Sundial ".
            'as root once.';
        foreach (self::EXTENSIONS as $extension => $package) {
            $found[] = ["PHP extension {$extension}", extension_loaded($extension), $install($package)];
        }
        $wanted = self::PROGRAMS + ['tar' => 'tar', 'composer' => 'composer', 'node' => 'nodejs', 'npm' => 'npm'];
        foreach ($wanted as $program => $package) {
            $found[] = [$program, Shell::which($program) !== null, $install($package)];
        }
        foreach (self::FILES as $file => $package) {
            $found[] = [$package, is_file($file), $install($package)];
        }
        $wanted = [
            'vendor/autoload.php' => 'PHP packages',
            'public/build/manifest.json' => 'built styles and scripts',
        ];
        foreach ($wanted as $file => $what) {
            $found[] = [
                $what,
                is_file("{$this->root}/{$file}"),
                'Start Sundial once: that installs and builds what is missing.',
            ];
        }

        return $found;
    }

    private function debian(bool $browser): void
    {
        $missing = [];
        foreach (self::EXTENSIONS as $extension => $package) {
            if (! extension_loaded($extension)) {
                $missing[$package] = true;
            }
        }
        foreach ($browser ? self::PROGRAMS + ['chromium' => 'chromium'] : self::PROGRAMS as $program => $package) {
            if (Shell::which($program) === null) {
                $missing[$package] = true;
            }
        }
        foreach (self::FILES as $file => $package) {
            if (! is_file($file)) {
                $missing[$package] = true;
            }
        }
        if ($missing === []) {
            return;
        }
        $packages = array_keys($missing);
        if (getenv('SUNDIAL_INSTALLED') !== false) {
            throw new Trouble(
                'Still missing after the installation: '.
                    implode(' ', $packages).
                    '. Is this PHP '.
                    PHP_VERSION.
                    ' the one of Debian 12? (`php -v`, `which php`)',
            );
        }
        if (! Shell::isRoot()) {
            throw new Trouble(
                'These Debian packages are missing, and this account may not install them. Let an administrator '.
                    "run:\n\n    apt-get install --no-install-recommends ".
                    implode(' ', $packages).
                    "\n\nthen start again.",
            );
        }
        $this->aptInstall($packages);
        putenv('SUNDIAL_INSTALLED=1');
        pcntl_exec(PHP_BINARY, $_SERVER['argv']);
    }

    /** @param  list<string>  $packages */
    private function aptInstall(array $packages): void
    {
        echo 'Installing Debian packages: '.implode(' ', $packages)." ...\n";
        $log = (string) tempnam(sys_get_temp_dir(), 'sundial-apt');
        $guard = '/usr/sbin/policy-rc.d';
        $guarded =
            ! file_exists($guard) &&
            @file_put_contents($guard, "#!/bin/sh\nexit 101\n") !== false &&
            chmod($guard, 0755);
        try {
            Shell::run(['apt-get', 'update', '-q'], [], $log);
            Shell::must(
                'apt-get install',
                ['apt-get', 'install', '-y', '-q', '--no-install-recommends', ...$packages],
                ['DEBIAN_FRONTEND' => 'noninteractive'],
                $log,
            );
        } finally {
            if ($guarded) {
                unlink($guard);
            }
        }
        unlink($log);
    }

    private function checkNode(): void
    {
        foreach (['node', 'npm', 'composer'] as $program) {
            if (Shell::which($program) === null) {
                throw new Trouble(
                    "{$program} is not installed. Install it (Debian: apt-get install ".
                        ($program === 'composer' ? 'composer' : 'nodejs npm').
                        '), then start again.',
                );
            }
        }
        $version = ltrim(trim((string) shell_exec('node --version')), 'v');
        if (version_compare($version, '20.19', '<')) {
            throw new Trouble("Node {$version} is too old to build the pages: 20.19 or later is needed.");
        }
    }

    /** @param  list<string>  $inputs
     * @param  list<string>  $command */
    private function step(string $name, array $inputs, bool $present, string $what, array $command): void
    {
        $stamp = "{$this->root}/var/{$name}.stamp";
        $hash = $this->hashOf($inputs);
        if ($present && is_file($stamp) && file_get_contents($stamp) === $hash) {
            return;
        }
        echo "{$what} ...\n";
        Shell::must($what, $command, ['COMPOSER_ALLOW_SUPERUSER' => '1'], "{$this->root}/var/{$name}.log");
        // Some archives unpack to folders that only their owner may read; the servers run under another account.
        if (Shell::isRoot()) {
            Shell::run([
                'chmod',
                '-R',
                'a+rX',
                "{$this->root}/".['composer' => 'vendor', 'npm' => 'node_modules', 'build' => 'public'][$name],
            ]);
        }
        file_put_contents($stamp, $hash);
    }

    /** @param  list<string>  $inputs */
    private function hashOf(array $inputs): string
    {
        $context = hash_init('sha256');
        foreach ($inputs as $input) {
            $path = "{$this->root}/{$input}";
            $files = is_dir($path)
                ? iterator_to_array(
                    new \RecursiveIteratorIterator(
                        new \RecursiveDirectoryIterator($path, \FilesystemIterator::SKIP_DOTS),
                    ),
                    false,
                )
                : [$path];
            $files = array_map(strval(...), $files);
            sort($files);
            foreach ($files as $file) {
                hash_update($context, substr($file, strlen($this->root)).file_get_contents($file));
            }
        }

        return hash_final($context);
    }
}
