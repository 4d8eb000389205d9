<?php

declare(strict_types=1);

namespace Sundial\Ops;

/** Writes the data of an instance (database, files, key) into one archive and checks it; brings it back from there. */
final class Backup
{
    private const FORMAT = 1;

    public function __construct(private readonly string $root)
    {
    }

    /** The instance that is meant: the one named, else the live one, else the demo. */
    public function instance(?string $name): Instance
    {
        $name ??= is_dir("{$this->root}/var/live") ? 'live' : 'demo';
        if (! in_array($name, ['live', 'demo', 'dev'], true) || ! is_dir("{$this->root}/var/{$name}/db")) {
            throw new Trouble("There is no data of “{$name}” in this folder. Choose one with --in live, --in demo or --in dev.");
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
            Shell::must('tar', ['tar', '-czf', "{$file}.part", '-C', $work, '.', '-C', $instance->path(), 'storage/app', 'app.key'], [], "{$folder}/backup.log");
            chmod("{$file}.part", 0600);
            $this->check("{$file}.part");
            rename("{$file}.part", $file);
        } finally {
            Shell::remove($work);
            Shell::remove("{$file}.part");
        }

        return $file;
    }

    private function dump(Instance $instance, string $work): void
    {
        $sql = "{$work}/database.sql";
        $out = fopen($sql, 'w');
        $process = proc_open([(string) Shell::which('mariadb-dump'), ...$this->client($instance), '--single-transaction', '--quick', '--hex-blob', '--no-tablespaces', $instance->databaseName()], [['file', '/dev/null', 'r'], $out], $pipes, null, ['MYSQL_PWD' => $instance->databasePassword()] + getenv());
        if ($process === false || proc_close($process) !== 0) {
            throw new Trouble('The database could not be written out. Is there room on the disk? (`df -h`)');
        }
        file_put_contents("{$work}/manifest.json", json_encode(['format' => self::FORMAT, 'instance' => $instance->name, 'made' => gmdate('c'), 'migrations' => $this->migrations($instance), 'sha256' => hash_file('sha256', $sql), 'bytes' => filesize($sql)], JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR));
    }

    /**
     * Reads an archive through: the manifest, the checksum, and the mark at the end of a whole dump.
     *
     * @return array{format: int, instance: string, made: string, migrations: list<string>, sha256: string, bytes: int}
     */
    public function check(string $file): array
    {
        if (! is_file($file)) {
            throw new Trouble("There is no file {$file}. Backups are in {$this->root}/var/backups.");
        }
        $manifest = json_decode((string) $this->read($file, './manifest.json', static fn ($in): string => (string) stream_get_contents($in)), true);
        if (! is_array($manifest) || ! isset($manifest['sha256'], $manifest['format'], $manifest['migrations'])) {
            throw new Trouble("{$file} is no backup of Sundial, or it is damaged.");
        }
        if ($manifest['format'] !== self::FORMAT) {
            throw new Trouble("{$file} has the format {$manifest['format']}; this Sundial reads format ".self::FORMAT.'. Use the Sundial that wrote it.');
        }
        [$sum, $end] = $this->read($file, './database.sql', static function ($in): array {
            $hash = hash_init('sha256');
            for ($end = ''; ($part = fread($in, 1 << 16)) !== false && $part !== '';) {
                hash_update($hash, $part);
                $end = substr($end.$part, -200);
            }

            return [hash_final($hash), $end];
        });
        if ($sum !== $manifest['sha256'] || ! str_contains($end, 'Dump completed')) {
            throw new Trouble("{$file} is damaged: its database does not have the checksum that was written down.");
        }

        return $manifest;
    }

    /** @param  callable(string): bool  $agreed asks whether to overwrite; says no to leave everything as it is */
    public function restore(Instance $instance, string $file, callable $agreed): bool
    {
        $manifest = $this->check($file);
        $unknown = array_diff($manifest['migrations'], array_map(static fn (string $path): string => basename($path, '.php'), (array) glob("{$this->root}/database/migrations/*.php")));
        if ($unknown !== []) {
            throw new Trouble('This backup was made by a newer Sundial: this one does not know '.implode(', ', $unknown).'. Bring Sundial up to date first; nothing was changed.');
        }
        if ($instance->running() !== null) {
            throw new Trouble("“{$instance->name}” is running. Stop it first with `./sundial stop`; nothing was changed.");
        }
        if (! $agreed("This overwrites all data of “{$instance->name}” with the backup of {$manifest['instance']} made {$manifest['made']}.")) {
            return false;
        }
        $this->withDatabase($instance, function () use ($instance, $file): void {
            $before = $this->archive($instance, "{$this->root}/var/backups/{$instance->name}-before-restore-".gmdate('Ymd-His').'.tar.gz');
            echo "What stands now is kept in {$before}.\n";
            $this->load($instance, $file);
            // It names the port on which the database ran before.
            Shell::remove($instance->path('cache/config.php'));
            Shell::must('Bringing the database up to date', $instance->artisan(['migrate', '--force', '--no-interaction']), $instance->env(), $instance->path('log/loading.log'));
        });
        Shell::remove($instance->path('storage/app'));
        Shell::must('tar', ['tar', '-xzf', $file, '-C', $instance->path(), 'storage/app', 'app.key'], [], $instance->path('log/restore.log'));
        file_put_contents($instance->path('loaded'), gmdate('c'));

        return true;
    }

    private function load(Instance $instance, string $file): void
    {
        $name = $instance->databaseName();
        $client = [(string) Shell::which('mariadb'), ...$this->client($instance)];
        $env = ['MYSQL_PWD' => $instance->databasePassword()];
        $log = $instance->path('log/restore.log');
        Shell::must('Emptying the database', [...$client, '-e', "DROP DATABASE `{$name}`; CREATE DATABASE `{$name}` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci"], $env, $log);
        $out = fopen($log, 'a');
        $process = proc_open([...$client, $name], [['pipe', 'r'], $out, $out], $pipes, null, $env + getenv());
        if ($process === false) {
            throw new Trouble('The database client could not be started.');
        }
        $this->read($file, './database.sql', static fn ($in): int|false => stream_copy_to_stream($in, $pipes[0]));
        fclose($pipes[0]);
        if (proc_close($process) !== 0) {
            throw new Trouble("Loading failed; what was said is in {$log}. The data from before is in var/backups; restore that.");
        }
    }

    /** @param  callable(resource): mixed  $use */
    private function read(string $file, string $entry, callable $use): mixed
    {
        $process = proc_open(['tar', '-xzOf', $file, $entry], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes);
        if ($process === false) {
            throw new Trouble('tar could not be started.');
        }
        $result = $use($pipes[1]);
        fclose($pipes[1]);
        proc_close($process);

        return $result;
    }

    /** @return list<string> */
    private function client(Instance $instance): array
    {
        return ['--no-defaults', '--host=127.0.0.1', "--port={$instance->databasePort}", '--user=sundial'];
    }

    /** @return list<string> the migrations that the database has run */
    private function migrations(Instance $instance): array
    {
        $pdo = new \PDO("mysql:host=127.0.0.1;port={$instance->databasePort};dbname={$instance->databaseName()}", 'sundial', $instance->databasePassword());

        return array_map(strval(...), $pdo->query('SELECT migration FROM migrations ORDER BY migration')->fetchAll(\PDO::FETCH_COLUMN));
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
