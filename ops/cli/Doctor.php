<?php

declare(strict_types=1);

namespace Sundial\Ops;

use PDO;
use PDOException;

/** Looks at what is installed, what runs and what is stored, and says of each thing that is wrong how to mend it. */
final class Doctor
{
    private int $wrong = 0;

    public function __construct(private readonly string $root)
    {
    }

    public function examine(): int
    {
        echo "Installed\n";
        foreach ((new Installer($this->root))->findings() as [$what, $fine, $remedy]) {
            $this->say($what, $fine, $remedy);
        }
        echo "This folder\n";
        $this->folder();
        foreach (['live', 'demo', 'dev'] as $name) {
            if (is_dir("{$this->root}/var/{$name}/db")) {
                echo ucfirst($name)."\n";
                $this->instance(new Instance($this->root, $name, demo: $name !== 'live'));
            }
        }
        echo $this->wrong === 0
            ? "\nNothing is wrong.\n"
            : "\n".
                ($this->wrong === 1 ? 'One thing is' : "{$this->wrong} things are").
                " wrong; the remedy stands beside it.\n";

        return $this->wrong === 0 ? 0 : 1;
    }

    private function folder(): void
    {
        $free = (int) (disk_free_space($this->root) / (1 << 20));
        $this->say(
            "{$free} MB free on the disk",
            $free > 1024,
            'Make room: below 1 GB the database may stop in the middle of a write.',
        );
        $this->say(
            'the folder var/ can be written to',
            is_writable(is_dir("{$this->root}/var") ? "{$this->root}/var" : $this->root),
            "Let this account write to {$this->root}/var; it may have been made by root.",
        );
        $backups = (array) glob("{$this->root}/var/backups/live-*.tar.gz");
        if (is_dir("{$this->root}/var/live")) {
            $newest =
                $backups === []
                    ? null
                    : max(array_map(static fn (string $file): int => (int) filemtime($file), $backups));
            $this->say(
                $newest === null
                    ? 'no backup of the live data'
                    : 'the newest backup of the live data is '.intdiv(time() - $newest, 86400).' d old',
                $newest !== null && time() - $newest < 8 * 86400,
                'Write one: `./sundial backup`. Keep copies on another machine.',
            );
        }
    }

    private function instance(Instance $instance): void
    {
        $running = $instance->running();
        if ($running === null) {
            $this->leftovers($instance);
            echo '  –  it does not run (`./sundial '.
                ($instance->name === 'live' ? 'start' : $instance->name).
                "` starts it)\n";

            return;
        }
        $instance->databasePort = $running['database'];
        $this->children($instance, $running['children']);
        $page = @file_get_contents(
            "http://127.0.0.1:{$running['http']}/up",
            false,
            stream_context_create(['http' => ['timeout' => 5]]),
        );
        $this->say(
            "pages at http://127.0.0.1:{$running['http']}",
            $page === 'up',
            "It does not answer. Look into {$instance->path('log')}/php.out and nginx.log, then `./sundial stop` ".
            'and start again.',
        );
        try {
            $pdo = new PDO(
                "mysql:host=127.0.0.1;port={$running['database']};dbname={$instance->databaseName()}",
                'sundial',
                $instance->databasePassword(),
                [PDO::ATTR_TIMEOUT => 3],
            );
        } catch (PDOException $e) {
            $this->say(
                'the database',
                false,
                "It does not answer ({$e->getMessage()}). Look into {$instance->path('dbrun')}/mariadb.log, then ".
                '`./sundial stop` and start again.',
            );

            return;
        }
        $this->say('the database answers on port '.$running['database'], true, '');
        $known = array_map(
            static fn (string $path): string => basename($path, '.php'),
            (array) glob("{$this->root}/database/migrations/*.php"),
        );
        $missing = array_diff($known, $pdo->query('SELECT migration FROM migrations')->fetchAll(PDO::FETCH_COLUMN));
        $this->say(
            'its tables are up to date',
            $missing === [],
            'Stop it and start it again: that brings them up to date ('.implode(', ', $missing).').',
        );
        $failed = (int) $pdo->query('SELECT COUNT(*) FROM failed_jobs')->fetchColumn();
        $this->say(
            "{$failed} failed jobs",
            $failed === 0,
            'See them with `./sundial artisan queue:failed`, try them again with `./sundial artisan queue:retry all`.',
        );
        $waiting = (int) $pdo
            ->query('SELECT COUNT(*) FROM jobs WHERE available_at < UNIX_TIMESTAMP() - 600')
            ->fetchColumn();
        $this->say(
            "{$waiting} jobs waiting for more than ten minutes",
            $waiting === 0,
            "The queue does not work them off. Look into {$instance->path('log')}/queue.out, then stop and start ".
            'again.',
        );
        foreach (
            $pdo
                ->query(
                    'SELECT name, last_released_on, DATEDIFF(UTC_DATE(), last_released_on) AS days FROM sites '.
                        'ORDER BY id',
                )
                ->fetchAll(PDO::FETCH_ASSOC) as $site
        ) {
            $this->say(
                "{$site['name']} released last on ".($site['last_released_on'] ?? 'no day yet'),
                $site['last_released_on'] !== null && (int) $site['days'] <= 1,
                'The daily release has not run. It catches up by itself while the application runs; `./sundial '.
                    'artisan release:daily` does it now.',
            );
        }
        $short = (int) $pdo
            ->query(
                'SELECT COUNT(*) FROM schedules JOIN schedule_standings ON schedule_id = id WHERE ended = 0 AND '.
                    '(outlook_until IS NULL OR outlook_until < '.
                    'UTC_DATE() + INTERVAL 4 YEAR)',
            )
            ->fetchColumn();
        $this->say(
            'the outlook of every schedule reaches far enough',
            $short === 0,
            "{$short} do not; the next release rolls them on.",
        );
    }

    private function leftovers(Instance $instance): void
    {
        $left = Leftovers::of($instance)->found;
        if ($left !== []) {
            $this->say(
                'processes of an earlier run live on: '.implode(', ', $left),
                false,
                'They hold its socket and port. `./sundial stop` ends them; the next start does so too.',
            );
        }
    }

    /** @param  array<string, array{pid: int|null, ends: int, again: int}>  $children */
    private function children(Instance $instance, array $children): void
    {
        foreach ($children as $name => $child) {
            $wait = max(0, $child['again'] - time());
            $this->say(
                $child['pid'] === null
                    ? "{$name} ended {$child['ends']} times in a row and is started again in {$wait} s"
                    : "{$name} runs".($child['ends'] > 0 ? ", started again {$child['ends']} times lately" : ''),
                $child['pid'] !== null && $child['ends'] < 4,
                "Why it ended is in {$instance->path('log')} ({$name}.out and supervisor.log).",
            );
        }
    }

    private function say(string $what, bool $fine, string $remedy): void
    {
        echo $fine ? "  ✓  {$what}\n" : "  ✗  {$what}\n       {$remedy}\n";
        $this->wrong += $fine ? 0 : 1;
    }
}
