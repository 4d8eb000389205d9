<?php

declare(strict_types=1);

namespace Sundial\Ops;

use Throwable;

/** Reads the command line and does what it says. */
final class Console
{
    private const COMMANDS = [
        'demo' => [
            'Installs what is missing, starts Sundial with the demo plant, and stays until stopped.',
            "  --port N     the port on 127.0.0.1 (8080)\n  --fresh      throw the demo's data away and load it again",
        ],
        'start' => [
            'The same without demo data: the first visit asks for the first administrator.',
            '  --port N     the port on 127.0.0.1 (8080)',
        ],
        'dev' => [
            'A demo of its own on port 8100 that notices changed PHP files and views.',
            "  --port N     the port on 127.0.0.1 (8100)\n  --fresh      load its data again",
        ],
        'stop' => ['Stops what `demo`, `start` or `dev` started from this folder.', ''],
        'test' => [
            'Installs what is missing and runs every test; `test STAGE [arguments]` runs one stage, '.
                '`test long` takes property tests, fuzz and kills at their whole size.',
            "  stages: static core feature browser endure\n  arguments go to the stage's runner, such as: ".
            './sundial test '.
            'core --filter recurrence',
        ],
        'shots' => [
            'Makes every picture in docs/screenshots/ from the demo plant at a fixed clock.',
            '  arguments: names of pictures, to make only those',
        ],
        'doctor' => ['Says what is installed, what runs, what is wrong and how to mend it.', ''],
        'backup' => [
            'Writes database and files into one archive, and checks every part of it.',
            "  --in NAME    live, demo or dev (live where there is one)\n  FILE         where to; var/backups/ by ".
            'default',
        ],
        'restore' => [
            'Brings the data back from a backup, whole or not at all; what stands is kept in another one first.',
            "  FILE         the archive\n  --in NAME    live, demo or dev (live where there is one)\n  --yes       ".
            ' do not ask',
        ],
        'bench' => [
            'Makes a large plant in a database of its own and measures, as ratios within one run.',
            "  --scale N    1 = 10 000 assets, 30 000 schedules, 300 000 orders, 1 000 000 readings (0.1)\n  ".
            "--write      also write docs/performance.md\n  --keep       keep its data folder for ".
            "a look\n  --again      measure anew what was kept, without filling it",
        ],
        'endure' => [
            'Kills servers at random under real writes, and shows that everything comes back and nothing is lost.',
            "  --kills N    how often (10)\n  --seed N     which ones (1)\n  --keep       keep its data folder for ".
            'a look',
        ],
        'receive' => [
            'Listens for webhooks on this machine, to try them: checks each signature and says what came.',
            "  --secret S   the secret that Setup showed\n  --port N     where to listen (9000)",
        ],
        'simulate-line' => [
            'Plays a line against the API, with faults on demand, as fast as wanted.',
            "  --line TAG   the asset of the line (LM-14)      --site CODE   its site (OM)\n".
            "  --past N     begin so many minutes ago (0)      --speed X     how fast what is over is played (1)\n".
            "  --every S    seconds between two signals (5)    --piece S     ideal seconds for a piece (25.2)\n".
            "  --product N  the number of what it makes        --for N       minutes; without end by default\n".
            '  --token T    one that may write; the demo makes its own',
        ],
        'compute' => ['The core on the command line: cases in as JSON, results out.', ''],
        'artisan' => [
            'Runs an artisan command in the instance that is running here (or `--in NAME`).',
            '  such as: ./sundial artisan import:file plant.csv --site=OM --dry-run',
        ],
    ];

    public function __construct(private readonly string $root)
    {
    }

    /** @param  list<string>  $arguments */
    public function run(array $arguments): int
    {
        $command = array_shift($arguments) ?? '--help';
        try {
            if (in_array($command, ['--help', '-h', 'help'], true)) {
                return $this->help($arguments[0] ?? null);
            }
            if (! isset(self::COMMANDS[$command])) {
                throw new Trouble("There is no command “{$command}”. `./sundial --help` lists them.");
            }
            if (in_array($arguments[0] ?? '', ['--help', '-h'], true) && $command !== 'compute') {
                return $this->help($command);
            }

            return match ($command) {
                'demo' => $this->serve('demo', $arguments, 8080),
                'start' => $this->serve('live', $arguments, 8080),
                'dev' => $this->serve('dev', $arguments, 8100),
                'stop' => $this->stop(),
                'test' => (new Stages($this->root))->run($arguments),
                'shots' => (new Stages($this->root))->shots($arguments),
                'doctor' => (new Doctor($this->root))->examine(),
                'backup' => $this->backup($arguments),
                'restore' => $this->restore($arguments),
                'bench' => (new Bench($this->root))->run($arguments),
                'endure' => (new Endure($this->root))->run($arguments),
                'receive' => (new Receive($this->root))->run($arguments),
                'simulate-line' => (new SimulateLine($this->root))->run($arguments),
                'compute' => (new Compute($this->root))->run($arguments),
                'artisan' => $this->artisan($arguments),
            };
        } catch (Trouble $trouble) {
            fwrite(STDERR, "sundial: {$trouble->getMessage()}\n");

            return 1;
        }
    }

    private function help(?string $command): int
    {
        if ($command === null) {
            echo "Usage: ./sundial COMMAND [options]\n\n";
            foreach (self::COMMANDS as $name => [$what]) {
                printf("  %-9s %s\n", $name, $what);
            }
            echo "\n`./sundial COMMAND --help` says more of one.\n";

            return 0;
        }
        [$what, $options] = self::COMMANDS[$command] ?? throw new Trouble("There is no command “{$command}”.");
        echo "./sundial {$command}: {$what}\n".($options === '' ? '' : "\n{$options}\n");

        return 0;
    }

    /** @param  list<string>  $arguments */
    private function serve(string $name, array $arguments, int $port): int
    {
        $fresh = false;
        for ($given = $arguments; $given !== [];) {
            $option = array_shift($given);
            [$option, $value] = array_pad(explode('=', $option, 2), 2, null);
            if ($option === '--fresh' && $name !== 'live') {
                $fresh = true;
            } elseif ($option === '--port') {
                $value ??= array_shift($given);
                $port =
                    filter_var($value, FILTER_VALIDATE_INT, [
                        'options' => ['min_range' => 1, 'max_range' => 65535],
                    ]) ?:
                    throw new Trouble('--port takes a number from 1 to 65535, such as --port 8081.');
            } else {
                throw new Trouble("“{$option}” is no option here. `./sundial {$name} --help` lists them.");
            }
        }
        (new Installer($this->root))->ensure(browser: false);
        $instance = new Instance($this->root, $name, demo: $name !== 'live');
        $running = $instance->running();
        if ($running !== null) {
            throw new Trouble(
                "It runs already, at http://127.0.0.1:{$running['http']}. Stop it with `./sundial stop`.",
            );
        }
        if (! Shell::portIsFree($port)) {
            throw new Trouble(
                "Port {$port} is in use on 127.0.0.1. Stop what uses it, or choose another: `--port ".
                    ($port + 1).
                    '`.',
            );
        }
        if ($fresh) {
            Shell::remove($instance->path());
        }

        return $this->stay($instance, $port);
    }

    private function stay(Instance $instance, int $port): int
    {
        $instance->httpPort = $port;
        $supervisor = new Supervisor($instance);
        try {
            $supervisor->startDatabase();
            Loading::data($instance);
            $supervisor->startWeb(queue: true);
            echo "\nSundial is at http://127.0.0.1:{$port}\n".
                ($instance->demo ? Loading::accounts() : '').
                "Stop it with Ctrl-C, or `./sundial stop` from another window.\n";
            $supervisor->watch(scheduler: true);

            return 0;
        } catch (Throwable $throwable) {
            $supervisor->stop();
            throw $throwable;
        }
    }

    private function stop(): int
    {
        $stopped = 0;
        foreach (['demo', 'live', 'dev'] as $name) {
            $instance = new Instance($this->root, $name);
            $running = $instance->running();
            if ($running === null) {
                $left = is_dir($instance->path()) ? Leftovers::of($instance)->end() : [];
                echo $left === [] ? '' : "Ended what was left of {$name}: ".implode(', ', $left).".\n";
                $stopped += count($left);

                continue;
            }
            if (! posix_kill($running['pid'], SIGTERM)) {
                throw new Trouble("Process {$running['pid']} belongs to another account; stop it from there.");
            }
            for ($i = 0; $i < 400 && posix_kill($running['pid'], 0); $i++) {
                usleep(50_000);
            }
            echo "Stopped {$name}.\n";
            $stopped++;
        }
        echo $stopped === 0 ? "Nothing was running here.\n" : '';

        return 0;
    }

    /** @param  list<string>  $arguments */
    private function artisan(array $arguments): int
    {
        $names = ['demo', 'live', 'dev'];
        if (($arguments[0] ?? '') === '--in') {
            $names = [$arguments[1] ?? ''];
            $arguments = array_slice($arguments, 2);
        }
        foreach ($names as $name) {
            $instance = new Instance($this->root, $name, demo: $name !== 'live');
            $running = $instance->running();
            if ($running !== null) {
                $instance->httpPort = $running['http'];
                $instance->databasePort = $running['database'];

                return Shell::run($instance->artisan($arguments), $instance->env());
            }
        }
        throw new Trouble(
            'Nothing runs here. Start it first with `./sundial demo` or `./sundial start`, in another window.',
        );
    }

    /** @param  list<string>  $arguments */
    private function backup(array $arguments): int
    {
        [$name, $files] = $this->named($arguments, []);
        $backup = new Backup($this->root);
        $file = $backup->write($backup->instance($name), $files[0] ?? null);
        printf("Written and checked: %s (%.1f MB)\n", $file, (int) filesize($file) / (1 << 20));

        return 0;
    }

    /** @param  list<string>  $arguments */
    private function restore(array $arguments): int
    {
        [$name, $files, $given] = $this->named($arguments, ['--yes']);
        $backup = new Backup($this->root);
        (new Installer($this->root))->ensure(browser: false);
        $instance = $backup->instance($name, mayBeNew: true);
        $file = $files[0] ?? throw new Trouble('Say which file: `./sundial restore var/backups/live-….tar.gz`.');
        $done = $backup->restore($instance, $file, static function (string $what) use ($given, $instance): bool {
            if (in_array('--yes', $given, true)) {
                return true;
            }
            echo "{$what}\nType {$instance->name} to go on: ";

            return trim((string) fgets(STDIN)) === $instance->name;
        });
        echo $done ? "Restored. Start it as before.\n" : "Nothing was changed.\n";

        return $done ? 0 : 1;
    }

    /**
     * @param  list<string>  $arguments
     * @param  list<string>  $flags
     * @return array{string|null, list<string>, list<string>} the instance, the files, the flags
     */
    private function named(array $arguments, array $flags): array
    {
        $name = null;
        $files = $given = [];
        while ($arguments !== []) {
            $one = (string) array_shift($arguments);
            if ($one === '--in') {
                $name = array_shift($arguments);
            } elseif (in_array($one, $flags, true)) {
                $given[] = $one;
            } elseif (str_starts_with($one, '-')) {
                throw new Trouble("“{$one}” is no option here. `--help` lists them.");
            } else {
                $files[] = $one;
            }
        }

        return [$name, $files, $given];
    }
}
