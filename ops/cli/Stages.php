<?php

declare(strict_types=1);

namespace Sundial\Ops;

use Closure;
use Throwable;

/** Runs the stages of the tests, a line each, and counts them. */
final class Stages
{
    /** The moment at which browser tests and pictures take place. */
    private const NOW = '2026-03-18T08:20:00Z';

    /** The stages without a browser. */
    private const BESIDE = ['static', 'core', 'feature', 'endure'];

    private int $passed = 0;

    private int $failed = 0;

    public function __construct(private readonly string $root)
    {
    }

    /** @param  list<string>  $arguments */
    public function run(array $arguments): int
    {
        $only = array_shift($arguments);
        if ($only === 'long') {
            // Property tests and kills at their whole size, where a run of every day takes a tenth.
            putenv('SUNDIAL_TESTS=long');
            $only = array_shift($arguments);
        }
        $stages = [
            'static' => $this->static(...),
            'core' => $this->core(...),
            'feature' => $this->feature(...),
            'browser' => $this->browser(...),
            'endure' => $this->endure(...),
        ];
        $chosen = match (true) {
            $only === null => array_diff_key($stages, array_flip(self::BESIDE)),
            $only === 'beside' => array_intersect_key($stages, array_flip(self::BESIDE)),
            isset($stages[$only]) => [$only => $stages[$only]],
            default => throw new Trouble(
                "There is no stage “{$only}”. Stages: ".implode(', ', array_keys($stages)).'.',
            ),
        };
        (new Installer($this->root))->ensure(browser: $only === null || $only === 'browser');
        // What needs no browser runs beside what does, in a process and a database of its own.
        $beside = $only === null ? $this->startBeside() : null;
        foreach ($chosen as $name => $stage) {
            $this->stage($name, $stage, $arguments);
        }
        if ($beside !== null) {
            $this->joinBeside($beside);
        }
        echo "{$this->passed} passed, {$this->failed} failed\n";

        return $this->failed === 0 && $this->passed > 0 ? 0 : 1;
    }

    /**
     * @param  Closure(list<string>): void  $stage
     * @param  list<string>  $arguments
     */
    private function stage(string $name, Closure $stage, array $arguments): void
    {
        $before = [$this->passed, $this->failed];
        $start = microtime(true);
        try {
            $stage($arguments);
        } catch (Throwable $trouble) {
            $this->failed++;
            echo "  {$trouble->getMessage()}\n";
        }
        printf(
            "%-8s %4d passed, %d failed   %4.0f s\n",
            $name,
            $this->passed - $before[0],
            $this->failed - $before[1],
            microtime(true) - $start,
        );
    }

    /** @return resource */
    private function startBeside()
    {
        Shell::remove($this->besideLog());
        $log = ['file', $this->besideLog(), 'a'];

        return proc_open(
            (new Instance($this->root, 'test'))->as(null, [PHP_BINARY, "{$this->root}/sundial", 'test', 'beside']),
            [['file', '/dev/null', 'r'], $log, $log],
            $pipes,
        ) ?:
            throw new Trouble('The stages beside the browser could not be started.');
    }

    /** @param  resource  $process */
    private function joinBeside($process): void
    {
        $status = proc_close($process);
        $lines = explode("\n", trim((string) file_get_contents($this->besideLog())));
        // Its last line is its sum, which becomes part of ours.
        [$passed, $failed] =
            preg_match('/^(\d+) passed, (\d+) failed$/', (string) array_pop($lines), $found) === 1
                ? [(int) $found[1], (int) $found[2]]
                : [0, 1];
        echo implode("\n", $lines)."\n";
        $this->passed += $passed;
        $this->failed += max($failed, $status === 0 ? 0 : 1);
    }

    private function besideLog(): string
    {
        return "{$this->root}/var/test-beside.log";
    }

    /** @param  list<string>  $arguments */
    private function static(array $arguments): void
    {
        @mkdir("{$this->root}/var/static", 0755, true);
        $this->check('Pint', [PHP_BINARY, 'vendor/bin/pint', '--test', ...$arguments]);
        $this->check('blade-formatter', [
            (string) Shell::which('node'),
            'node_modules/.bin/blade-formatter',
            '--check-formatted',
            'resources/views/**/*.blade.php',
        ]);
        $levels = ['core' => 'core at level 9', 'app' => 'application at level 8', 'ops' => 'command at level 5'];
        foreach ($levels as $part => $says) {
            $this->check("PHPStan, {$says}", [
                PHP_BINARY,
                'vendor/bin/phpstan',
                'analyse',
                '-c',
                "ops/phpstan-{$part}.neon",
                '--no-progress',
                '--memory-limit=1G',
            ]);
        }
        $this->pest('architecture', [], []);
    }

    /** @param  list<string>  $arguments */
    private function core(array $arguments): void
    {
        $this->pest('core', $arguments, []);
    }

    /** @param  list<string>  $arguments */
    private function feature(array $arguments): void
    {
        $instance = new Instance($this->root, 'test');
        $this->refuseSecond($instance);
        Shell::remove($instance->path());
        $supervisor = new Supervisor($instance);
        try {
            $supervisor->startDatabase();
            $this->pest('feature', $arguments, $instance->env());
        } finally {
            $supervisor->stop();
        }
    }

    /** @param  list<string>  $arguments */
    private function browser(array $arguments): void
    {
        $this->onDemo('browser', function (Instance $instance) use ($arguments): void {
            if ($arguments === []) {
                $this->pest('demo', [], $instance->env());
                // What it wrote belongs to whoever runs the tests; the servers have to read it.
                $instance->prepareFolders();
            }
            $report = "{$this->root}/var/browser/report.json";
            Shell::remove($report);
            $status = Shell::run(
                ['npx', 'playwright', 'test', '-c', 'e2e/playwright.config.js', ...$arguments],
                [
                    'SUNDIAL_URL' => "http://127.0.0.1:{$instance->httpPort}",
                    'SUNDIAL_NOW' => self::NOW,
                    'PLAYWRIGHT_JSON_OUTPUT_NAME' => $report,
                ],
            );
            $stats = is_file($report)
                ? json_decode((string) file_get_contents($report), true)['stats']
                : ['expected' => 0, 'unexpected' => 1, 'flaky' => 0];
            $this->passed += $stats['expected'];
            $this->failed += max($stats['unexpected'] + $stats['flaky'], $status === 0 ? 0 : 1);
        });
    }

    private static function isLong(): bool
    {
        return getenv('SUNDIAL_TESTS') === 'long';
    }

    /**
     * Ten kills, a hundred in a long run, always the same.
     *
     * @param  list<string>  $arguments
     */
    private function endure(array $arguments): void
    {
        $log = "{$this->root}/var/endure-test.log";
        Shell::remove($log);
        $kills = self::isLong() ? '100' : '10';
        $run = [PHP_BINARY, "{$this->root}/sundial", 'endure', ...$arguments ?: ['--kills', $kills, '--seed', '1']];
        if (Shell::run($run, [], $log) === 0) {
            $this->passed++;

            return;
        }
        $this->failed++;
        echo "  Not everything was endured:\n".file_get_contents($log)."\n";
    }

    /** @param  list<string>  $names */
    public function shots(array $names): int
    {
        (new Installer($this->root))->ensure(browser: true);
        $status = 1;
        $this->onDemo('shots', function (Instance $instance) use ($names, &$status): void {
            $status = Shell::run(
                ['node', 'e2e/shots.mjs', ...$names],
                ['SUNDIAL_URL' => "http://127.0.0.1:{$instance->httpPort}", 'SUNDIAL_NOW' => self::NOW],
            );
        });

        return $status;
    }

    /** Plays the demo plant at the fixed clock on the real stack, afresh. */
    private function onDemo(string $name, callable $then): void
    {
        $instance = new Instance($this->root, $name, demo: true, now: self::NOW);
        $this->refuseSecond($instance);
        Shell::remove($instance->path());
        $instance->httpPort = Shell::freePort();
        $supervisor = new Supervisor($instance);
        try {
            $supervisor->startDatabase();
            Loading::data($instance);
            $supervisor->startWeb(queue: false);
            $then($instance);
        } finally {
            $supervisor->stop();
        }
    }

    private function refuseSecond(Instance $instance): void
    {
        $running = $instance->running();
        if ($running !== null) {
            throw new Trouble(
                "Another run of this is under way (process {$running['pid']}). Wait for it, or stop it.",
            );
        }
    }

    /** @param  list<string>  $command */
    private function check(string $what, array $command): void
    {
        $log = "{$this->root}/var/static/".preg_replace('/\W+/', '-', $what).'.log';
        Shell::remove($log);
        if (Shell::run($command, [], $log) === 0) {
            $this->passed++;

            return;
        }
        $this->failed++;
        echo "  {$what} found something:\n".file_get_contents($log)."\n";
    }

    /** @param  list<string>  $arguments
     * @param  array<string, string>  $env */
    private function pest(string $suite, array $arguments, array $env): void
    {
        $report = "{$this->root}/var/junit-{$suite}.xml";
        $log = "{$this->root}/var/pest-{$suite}.log";
        Shell::remove($report);
        Shell::remove($log);
        $quiet = $arguments === [];
        $status = Shell::run(
            [
                PHP_BINARY,
                '-d',
                'memory_limit=1G',
                'vendor/bin/pest',
                "--testsuite={$suite}",
                '--log-junit',
                $report,
                '--colors=never',
                ...$arguments,
            ],
            $env,
            $quiet ? $log : null,
        );
        $counts =
            is_file($report) &&
            preg_match(
                '/<testsuite [^>]*tests="(\d+)"[^>]*errors="(\d+)"[^>]*failures="(\d+)"/',
                (string) file_get_contents($report),
                $found,
            ) === 1
                ? array_map(intval(...), array_slice($found, 1))
                : [0, 1, 0];
        $bad = max($counts[1] + $counts[2], $status === 0 ? 0 : 1);
        $this->failed += $bad;
        $this->passed += max(0, $counts[0] - $bad);
        if ($bad > 0 && $quiet) {
            $text = (string) @file_get_contents($log);
            echo '  '.substr($text, max(0, strlen($text) - 12000))."\n";
        }
    }
}
