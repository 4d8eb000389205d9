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
        self::keepForm($instance);
        if ($instance->demo && ! is_file($instance->path('loaded'))) {
            echo "Loading the demo plant ...\n";
            Shell::must('Loading the demo plant', $instance->artisan(['demo:load']), $instance->env(), $log);
            // What was loaded is read and added to by the account that serves.
            $instance->prepareFolders();
            file_put_contents($instance->path('loaded'), gmdate('c'));
        }
    }

    /**
     * Nothing is released: data that was kept in another form is loaded afresh, not converted. The form stands beside
     * the list of what was made, and goes along with a backup.
     */
    private static function refuseOlder(Instance $instance): void
    {
        $kept = self::ask($instance, 'SELECT table_comment FROM information_schema.tables '.
            "WHERE table_schema = DATABASE() AND table_name = 'migrations'");
        if ($kept !== false && $kept !== self::form($instance)) {
            throw new Trouble(
                "The data of “{$instance->name}” was made by another Sundial, which kept it in another form. ".
                    ($instance->demo
                        ? "Load it afresh with `./sundial {$instance->name} --fresh`."
                        : "Put the folder {$instance->path()} aside and start again; nothing in it was changed."),
            );
        }
    }

    private static function keepForm(Instance $instance): void
    {
        self::ask($instance, "ALTER TABLE migrations COMMENT = '".self::form($instance)."'");
    }

    /** In which form data is kept: of the files that make the tables. */
    private static function form(Instance $instance): string
    {
        return 'form '.substr(sha1(implode('', array_map(
            static fn (string $file): string => (string) file_get_contents($file),
            (array) glob("{$instance->root}/database/migrations/*.php"),
        ))), 0, 16);
    }

    /** @return string|false what stands in the first column of the first row; false: there is none */
    private static function ask(Instance $instance, string $sql): string|false
    {
        $pdo = new PDO(
            "mysql:host=127.0.0.1;port={$instance->databasePort};dbname={$instance->databaseName()}",
            'sundial',
            $instance->databasePassword(),
        );
        $rows = $pdo->query($sql);

        return $rows === false || $rows->columnCount() === 0 ? false : $rows->fetchColumn();
    }

    public static function accounts(): string
    {
        return 'Log in as planner, supervisor, technician, storekeeper, operator, engineer, manager or admin; the '.
            "password is “sundial” for each.\n";
    }
}
