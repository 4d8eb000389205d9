<?php

declare(strict_types=1);

namespace Sundial\Ops;

use PDO;
use PDOException;

/** The MariaDB server of one instance: its data folder, its command line, and whether it answers. */
final class DatabaseServer
{
    public function __construct(private readonly Instance $instance)
    {
    }

    /**
     * Makes the data folder beside its final place and moves it there when whole, so that a half-made one is never
     * used.
     */
    public function prepare(): void
    {
        $data = $this->instance->path('db');
        if (is_dir("{$data}/mysql")) {
            $this->own($data);

            return;
        }
        if (is_dir($data) && count((array) scandir($data)) > 2) {
            throw new Trouble(
                "The folder {$data} holds no whole database. ".
                    ($this->instance->demo
                        ? "Load afresh with `./sundial {$this->instance->name} --fresh`."
                        : 'Move it away (it may hold what can be saved), then start again with an empty one.'),
            );
        }
        echo "Making the database folder ...\n";
        $new = "{$data}.new";
        Shell::remove($new);
        mkdir($new, 0700, true);
        $this->own($new);
        Shell::must(
            'mariadb-install-db',
            [
                (string) Shell::which('mariadb-install-db'),
                '--no-defaults',
                "--datadir={$new}",
                '--auth-root-authentication-method=normal',
                '--skip-test-db',
                ...$this->userOption(),
            ],
            [],
            $this->instance->path('log/install-db.log'),
        );
        Shell::remove($data);
        rename($new, $data);
    }

    private function own(string $folder): void
    {
        if ($this->instance->databaseUser() !== null) {
            Shell::run(['chown', '-R', 'mysql:mysql', $folder]);
        }
    }

    /** @return list<string> */
    private function userOption(): array
    {
        return Shell::isRoot() ? ['--user='.($this->instance->databaseUser() ?? 'root')] : [];
    }

    /** @return list<string> the server's command, to be run in the foreground */
    public function command(): array
    {
        $instance = $this->instance;
        $init = $instance->path('conf/init.sql');
        $password = $instance->databasePassword();
        $name = $instance->databaseName();
        file_put_contents(
            $init,
            implode("\n", [
                "CREATE DATABASE IF NOT EXISTS `{$name}` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;",
                "CREATE USER IF NOT EXISTS 'sundial'@'127.0.0.1' IDENTIFIED BY '{$password}';",
                "ALTER USER 'sundial'@'127.0.0.1' IDENTIFIED BY '{$password}';",
                "GRANT ALL ON `{$name}`.* TO 'sundial'@'127.0.0.1';",
                ...$instance->name === 'test' ? ["GRANT PROCESS ON *.* TO 'sundial'@'127.0.0.1';"] : [],
                "ALTER USER 'root'@'localhost' IDENTIFIED BY '{$password}';",
            ])."\n",
        );
        chmod($init, 0640);
        $user = $instance->databaseUser();
        if ($user !== null) {
            Shell::run(['chown', $user, $init]);
        }
        $conf = $instance->path('conf/mariadb.cnf');
        Template::write(
            $instance,
            'mariadb.cnf',
            $conf,
            ['durable' => in_array($instance->name, ['test', 'browser', 'shots'], true) ? '0' : '1', 'init' => $init],
            $user,
        );

        return $instance->as($user, [
            (string) Shell::which('mariadbd'),
            "--defaults-file={$conf}",
            ...$user === null ? $this->userOption() : [],
        ]);
    }

    public function answers(): bool
    {
        try {
            new PDO(
                "mysql:host=127.0.0.1;port={$this->instance->databasePort};dbname={$this->instance->databaseName()}",
                'sundial',
                $this->instance->databasePassword(),
                [PDO::ATTR_TIMEOUT => 2],
            );

            return true;
        } catch (PDOException) {
            return false;
        }
    }
}
