<?php

declare(strict_types=1);

namespace Sundial\Ops;

use PDO;

/** Brings the database of an instance up to date, and loads the demo plant once. */
final class Loading
{
    public static function data(Instance $instance): void
    {
        $log = $instance->path('log/loading.log');
        Shell::remove($instance->path('cache/config.php'));
        // A demo whose loading was broken off begins anew.
        $isNew = $instance->demo && ! is_file($instance->path('loaded'));
        $isNew ?: self::refuseOlder($instance);
        $migrate = $isNew ? 'migrate:fresh' : 'migrate';
        Shell::must(
            'Bringing the database up to date',
            $instance->artisan([$migrate, '--force', '--no-interaction']),
            $instance->env(),
            $log,
        );
        if ($instance->demo && ! is_file($instance->path('loaded'))) {
            echo "Loading the demo plant ...\n";
            Shell::must('Loading the demo plant', $instance->artisan(['demo:load']), $instance->env(), $log);
            // What was loaded is read and added to by the account that serves.
            $instance->prepareFolders();
            file_put_contents($instance->path('loaded'), gmdate('c'));
        }
    }

    /** Nothing is released: data that was kept in another form is loaded afresh, not converted. */
    private static function refuseOlder(Instance $instance): void
    {
        $pdo = new PDO(
            "mysql:host=127.0.0.1;port={$instance->databasePort};dbname={$instance->databaseName()}",
            'sundial',
            $instance->databasePassword(),
        );
        $known = array_map(
            static fn (string|false $file): string => basename((string) $file, '.php'),
            (array) glob("{$instance->root}/database/migrations/*.php"),
        );
        $kept = $pdo->query("SHOW TABLES LIKE 'migrations'")->fetchColumn() === false
            ? []
            : $pdo->query('SELECT migration FROM migrations')->fetchAll(PDO::FETCH_COLUMN);
        if (array_diff($kept, $known) !== []) {
            throw new Trouble(
                "The data of “{$instance->name}” was made by another Sundial, which kept it in another form. ".
                    ($instance->demo
                        ? "Load it afresh with `./sundial {$instance->name} --fresh`."
                        : "Put the folder {$instance->path()} aside and start again; nothing in it was changed."),
            );
        }
    }

    public static function accounts(): string
    {
        return 'Log in as planner, supervisor, technician, storekeeper, operator, engineer, manager or admin; the '.
            "password is “sundial” for each.\n";
    }
}
