<?php

declare(strict_types=1);

namespace Sundial\Ops;

/** Brings the database of an instance up to date, and loads the demo plant once. */
final class Loading
{
    public static function data(Instance $instance): void
    {
        $log = $instance->path('log/loading.log');
        Shell::remove($instance->path('cache/config.php'));
        // A demo whose loading was broken off begins anew.
        $migrate = $instance->demo && ! is_file($instance->path('loaded')) ? 'migrate:fresh' : 'migrate';
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

    public static function accounts(): string
    {
        return 'Log in as planner, supervisor, technician, storekeeper, operator, engineer, manager or admin; the '.
            "password is “sundial” for each.\n";
    }
}
