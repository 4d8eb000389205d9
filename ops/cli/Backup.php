<?php

declare(strict_types=1);

namespace Sundial\Ops;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Writes the data of an instance (database, files, key) into one archive and checks it; brings it back from there. */
final class Backup
{
    private const FORMAT = 2;

    public function __construct(private readonly string $root)
    {
    }

    /** The instance that is meant: the one named, else the live one, else the demo. */
    public function instance(?string $name, bool $mayBeNew = false): Instance
    {
        $name ??= $mayBeNew || is_dir("{$this->root}/var/live") ? 'live' : 'demo';
        $stands = $mayBeNew || is_dir("{$this->root}/var/{$name}/db");
        if (! in_array($name, ['live', 'demo', 'dev'], true) || ! $stands) {
            throw new Trouble(
                "There is no data of “{$name}” in this folder. Choose one with --in live, --in demo or --in dev.",
            );
        }

        return new Instance($this->root, $name, demo: $name !== 'live');
    }

    /** @return string the archive that was written and checked */
    public function write(Instance $instance, ?string $file = null): string
    {
        $this->withDatabase($instance, function () use ($instance, &$file): void {
            $file = $this->archive($instance, $file);
        });

        return (string) $file;
    }

    /** The same while the database answers already. */
    private function archive(Instance $instance, ?string $file): string
    {
        $folder = "{$this->root}/var/backups";
        @mkdir($folder, 0700, true);
        $file ??= "{$folder}/{$instance->name}-".gmdate('Ymd-His').'.tar.gz';
        $work = "{$folder}/.work-".getmypid();
        Shell::remove($work);
        mkdir($work, 0700, true);
        try {
            $this->dump($instance, $work);
            $log = "{$folder}/backup.log";
            mkdir("{$work}/storage");
            Shell::must(
                'Copying the files',
                ['cp', '-a', $instance->path('storage/app'), "{$work}/storage/"],
                [],
                $log,
            );
            copy($instance->path('app.key'), "{$work}/app.key");
            $this->manifest($instance, $work);
            Shell::must('tar', ['tar', '-czf', "{$file}.part", '-C', $work, '.'], [], $log);
            chmod("{$file}.part", 0600);
            $this->unpack("{$file}.part", "{$work}.check");
            rename("{$file}.part", $file);
        } finally {
            Shell::remove($work);
            Shell::remove("{$work}.check");
            Shell::remove("{$file}.part");
        }

        return $file;
    }

    private function dump(Instance $instance, string $work): void
    {
        $out = fopen("{$work}/database.sql", 'w');
        $process = proc_open(
            [
                (string) Shell::which('mariadb-dump'),
                ...$this->client($instance),
                '--single-transaction',
                '--quick',
                '--hex-blob',
                '--no-tablespaces',
                $instance->databaseName(),
            ],
            [['file', '/dev/null', 'r'], $out],
            $pipes,
            null,
            ['MYSQL_PWD' => $instance->databasePassword()] + getenv(),
        );
        if ($process === false || proc_close($process) !== 0) {
            throw new Trouble('The database could not be written out. Is there room on the disk? (`df -h`)');
        }
    }

    /** Writes down every part with its checksum; the files are copied first, so that they stand still. */
    private function manifest(Instance $instance, string $work): void
    {
        $parts = [];
        foreach (self::files($work) as $path) {
            $parts[$path] = [
                'sha256' => hash_file('sha256', "{$work}/{$path}"),
                'bytes' => filesize("{$work}/{$path}"),
            ];
        }
        file_put_contents(
            "{$work}/manifest.json",
            json_encode(
                [
                    'format' => self::FORMAT,
                    'instance' => $instance->name,
                    'made' => gmdate('c'),
                    'migrations' => $this->migrations($instance),
                    'parts' => $parts,
                ],
                JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES,
            ),
        );
    }

    /** @return list<string> every file below a folder, from there on */
    private static function files(string $folder): array
    {
        $found = [];
        $below = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS),
        );
        foreach ($below as $file) {
            $found[] = substr($file->getPathname(), strlen($folder) + 1);
        }
        sort($found);

        return $found;
    }

    /**
     * Unpacks an archive into a folder and compares every part with the manifest: all of it is whole, or it is refused.
     *
     * @return array{format: int, instance: string, made: string, migrations: list<string>,
     *     parts: array<string, array{sha256: string, bytes: int}>}
     */
    private function unpack(string $file, string $into): array
    {
        if (! is_file($file)) {
            throw new Trouble("There is no file {$file}. Backups are in {$this->root}/var/backups.");
        }
        Shell::remove($into);
        mkdir($into, 0700, true);
        $tar = ['tar', '-xzf', $file, '--no-same-owner', '-C', $into];
        $log = "{$this->root}/var/backups/unpack-".getmypid().'.log';
        $status = Shell::run($tar, [], $log);
        Shell::remove($log);
        $text = @file_get_contents("{$into}/manifest.json");
        $manifest = json_decode((string) $text, true);
        if (! is_array($manifest) || ! isset($manifest['format'], $manifest['migrations'])) {
            throw new Trouble("{$file} is no backup of Sundial, or it is damaged. Nothing was changed.");
        }
        if ($manifest['format'] !== self::FORMAT) {
            throw new Trouble(
                "{$file} has the format {$manifest['format']}; this Sundial reads format ".
                    self::FORMAT.
                    '. Use the Sundial that wrote it.',
            );
        }
        $there = array_diff(self::files($into), ['manifest.json']);
        $expected = array_keys($manifest['parts']);
        $wrong = [...array_diff($expected, $there), ...array_diff($there, $expected)];
        foreach (array_intersect($expected, $there) as $path) {
            if (hash_file('sha256', "{$into}/{$path}") !== $manifest['parts'][$path]['sha256']) {
                $wrong[] = $path;
            }
        }
        if ($status !== 0 || $wrong !== []) {
            throw new Trouble(
                "{$file} is damaged: ".
                    ($wrong === [] ? 'it cannot be read to its end' : "{$wrong[0]} is not what was written down").
                    '. Nothing was changed; take another backup.',
            );
        }

        return $manifest;
    }

    /** @param  callable(string): bool  $agreed asks whether to overwrite; says no to leave everything as it is */
    public function restore(Instance $instance, string $file, callable $agreed): bool
    {
        if ($instance->running() !== null) {
            throw new Trouble(
                "“{$instance->name}” is running. Stop it first with `./sundial stop`; nothing was changed.",
            );
        }
        @mkdir("{$this->root}/var/backups", 0700, true);
        $work = "{$this->root}/var/backups/.restore-".getmypid();
        try {
            $manifest = $this->unpack($file, $work);
            $this->refuseNewer($manifest['migrations']);
            $sentence =
                "This overwrites all data of “{$instance->name}” with the backup of {$manifest['instance']} made ".
                "{$manifest['made']}.";
            if (! $agreed($sentence)) {
                return false;
            }
            if (is_dir($instance->path('db'))) {
                $before = $this->write(
                    $instance,
                    "{$this->root}/var/backups/{$instance->name}-before-restore-".gmdate('Ymd-His').'.tar.gz',
                );
                echo "What stands now is kept in {$before}.\n";
            }
            $this->switchTo($instance, $this->beside($instance, $work));
        } finally {
            Shell::remove($work);
        }

        return true;
    }

    /** @param  list<string>  $migrations */
    private function refuseNewer(array $migrations): void
    {
        $known = array_map(
            static fn (string $path): string => basename($path, '.php'),
            (array) glob("{$this->root}/database/migrations/*.php"),
        );
        $unknown = array_diff($migrations, $known);
        if ($unknown !== []) {
            throw new Trouble(
                'This backup was made by another Sundial: this one does not know '.
                    implode(', ', $unknown).
                    '. Use the Sundial that made it, or bring this one up to date; nothing was changed.',
            );
        }
    }

    /** A whole instance made from what was unpacked, in a folder of its own: what stands is not touched. */
    private function beside(Instance $instance, string $work): Instance
    {
        $new = new Instance($this->root, $instance->name, $instance->demo, folder: "{$instance->name}.restored");
        Shell::remove($new->path());
        $supervisor = new Supervisor($new);
        try {
            $supervisor->startDatabase();
            $this->load($new, "{$work}/database.sql");
            Shell::remove($new->path('storage/app'));
            rename("{$work}/storage/app", $new->path('storage/app'));
            rename("{$work}/app.key", $new->path('app.key'));
            $new->prepareFolders();
            Shell::must(
                'Bringing the database up to date',
                $new->artisan(['migrate', '--force', '--no-interaction']),
                $new->env(),
                $new->path('log/loading.log'),
            );
            file_put_contents($new->path('loaded'), gmdate('c'));
        } finally {
            $supervisor->stop();
        }

        return $new;
    }

    private function switchTo(Instance $instance, Instance $new): void
    {
        $old = $instance->path().'.replaced';
        Shell::remove($old);
        if (is_dir($instance->path()) && ! rename($instance->path(), $old)) {
            throw new Trouble("{$instance->path()} cannot be moved; nothing was changed.");
        }
        if (! rename($new->path(), $instance->path())) {
            rename($old, $instance->path());
            throw new Trouble("{$new->path()} cannot be moved; what stood is back.");
        }
        Shell::remove($old);
    }

    private function load(Instance $instance, string $sql): void
    {
        $log = $instance->path('log/restore.log');
        $out = fopen($log, 'a');
        $process = proc_open(
            [(string) Shell::which('mariadb'), ...$this->client($instance), $instance->databaseName()],
            [['file', $sql, 'r'], $out, $out],
            $pipes,
            null,
            ['MYSQL_PWD' => $instance->databasePassword()] + getenv(),
        );
        if ($process === false || proc_close($process) !== 0) {
            $said = trim((string) file_get_contents($log));
            throw new Trouble("The backup could not be loaded, so nothing was changed. The database said: {$said}");
        }
    }

    /** @return list<string> */
    private function client(Instance $instance): array
    {
        return ['--no-defaults', '--host=127.0.0.1', "--port={$instance->databasePort}", '--user=sundial'];
    }

    /** @return list<string> the migrations that the database has run */
    private function migrations(Instance $instance): array
    {
        $pdo = new \PDO(
            "mysql:host=127.0.0.1;port={$instance->databasePort};dbname={$instance->databaseName()}",
            'sundial',
            $instance->databasePassword(),
        );

        return array_map(
            strval(...),
            $pdo->query('SELECT migration FROM migrations ORDER BY migration')->fetchAll(\PDO::FETCH_COLUMN),
        );
    }

    /** Uses the database where it runs, and starts it for the time being where it does not. */
    private function withDatabase(Instance $instance, callable $then): void
    {
        $running = $instance->running();
        if ($running !== null) {
            $instance->databasePort = $running['database'];
            $then();

            return;
        }
        $supervisor = new Supervisor($instance);
        try {
            $supervisor->startDatabase();
            $then();
        } finally {
            $supervisor->stop();
        }
    }
}
