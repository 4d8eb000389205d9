<?php

declare(strict_types=1);

namespace Sundial\Ops;

/** Measures Sundial on a large plant of its own: ratios within one run, so that they mean the same on any machine. */
final class Bench
{
    /** @var list<string> */
    private array $report = [];

    public function __construct(private readonly string $root)
    {
    }

    /** @param  list<string>  $arguments */
    public function run(array $arguments): int
    {
        $scale = 0.1;
        $write = in_array('--write', $arguments, true);
        $again = in_array('--again', $arguments, true);
        $keep = $again || in_array('--keep', $arguments, true);
        $at = array_search('--scale', $arguments, true);
        if ($at !== false) {
            $scale =
                filter_var($arguments[$at + 1] ?? '', FILTER_VALIDATE_FLOAT, [
                    'options' => ['min_range' => 0.01, 'max_range' => 2],
                ]) ?:
                throw new Trouble('--scale takes a number from 0.01 to 2, such as --scale 0.1.');
        }
        (new Installer($this->root))->ensure(browser: false);
        $large = new Instance($this->root, 'bench');
        $small = new Instance($this->root, 'bench-tenth');
        $supervisors = [];
        try {
            foreach ([[$large, $scale], [$small, $scale / 10]] as [$instance, $size]) {
                $this->start($instance, $size, $again, $supervisors);
            }
            $this->measure($large, $small, $scale);
        } finally {
            foreach ($supervisors as $supervisor) {
                $supervisor->stop();
            }
            foreach ($keep ? [] : [$large, $small] as $instance) {
                Shell::remove($instance->path());
            }
        }
        if ($write) {
            file_put_contents("{$this->root}/docs/performance.md", implode("\n", $this->report)."\n");
            echo "Written to docs/performance.md\n";
        }

        return 0;
    }

    /** @param  list<Supervisor>  $supervisors takes in what was started, so that it is stopped whatever happens */
    private function start(Instance $instance, float $scale, bool $again, array &$supervisors): void
    {
        $isKept = $again && is_dir($instance->path('db'));
        $isKept ?: Shell::remove($instance->path());
        $instance->httpPort = Shell::freePort();
        $supervisors[] = $supervisor = new Supervisor($instance);
        $supervisor->startDatabase();
        if ($isKept) {
            $supervisor->startWeb(queue: true);

            return;
        }
        Loading::data($instance);
        fwrite(STDERR, "Filling {$instance->name} at scale {$scale} ...\n");
        Shell::must(
            'Filling the plant',
            $instance->artisan(['bench:fill', "--scale={$scale}"]),
            $instance->env(),
            $instance->path('log/fill.log'),
        );
        $supervisor->startWeb(queue: true);
    }

    private function measure(Instance $large, Instance $small, float $scale): void
    {
        $cpu =
            preg_match('/model name\s*:\s*(.+)/', (string) @file_get_contents('/proc/cpuinfo'), $found) === 1
                ? trim($found[1])
                : 'unknown processor';
        $cores = (int) trim((string) shell_exec('nproc'));
        $memory =
            preg_match('/MemTotal:\s*(\d+)/', (string) @file_get_contents('/proc/meminfo'), $found) === 1
                ? round((int) $found[1] / (1 << 20))
                : '?';
        $sizes = sprintf(
            '%s assets, %s schedules, %s orders, %s readings, %s stops of 20 lines, %s movements of %s parts',
            ...array_map(static fn (int $n): string => number_format((int) ($n * $scale)), [
                10000,
                30000,
                300000,
                1000000,
                2600000,
                2000000,
                20000,
            ]),
        );
        $this->say(
            '# How fast Sundial is',
            '',
            'Made by `./sundial bench --write`. Every figure is a ratio within one run, so that it means the same '.
                'on any machine; the milliseconds are this machine’s.',
            '',
            '- '.gmdate('Y-m-d').", {$cores} cores ({$cpu}), {$memory} GB, PHP ".PHP_VERSION,
            "- scale {$scale}: {$sizes}",
            '',
        );
        $rest = $this->restMemory($large);
        (new BenchPages($large, $small, $this->say(...)))->measure($this->artisan($large, ['bench:pages']));
        $this->work($large);
        $this->say(
            '',
            "The whole stack at rest (database, PHP, nginx, queue): **{$rest} MB** (aim 600), shared memory ".
                'counted once.',
        );
    }

    private function work(Instance $instance): void
    {
        $this->say(
            '',
            '## Work',
            '',
            '| work | s | beside | s | ratio | aim | peak MB | |',
            '|---|--:|---|--:|--:|--:|--:|---|',
        );
        foreach (
            [
                'release' => ['release of 1 000 visits', 'a plain multi-row insert of the same rows', 8],
                'import' => ['import of 10 000 assets', 'LOAD DATA', 15],
                'readings' => ['readings in batches of 50', 'the time in which 200 a second come', 1],
                'signals' => ['signals in batches of 50', 'the time in which 200 a second come', 1],
                'outlook' => [
                    'core outlook of 30 000 schedules, 2 years',
                    'a bare loop that makes as many dates',
                    5,
                ],
            ] as $what => [$name, $beside, $aim]
        ) {
            /** @var array{ours: float, plain: float, count: int, peak: int, meters?: int, behind?: float} $result */
            $result = $this->artisan($instance, ['bench:work', $what]);
            $ratio = $result['ours'] / max(1e-9, $result['plain']);
            $peak = $result['peak'] / (1 << 20);
            $met = $ratio <= $aim && ($what !== 'import' || $peak < 96);
            $this->say(
                sprintf(
                    '| %s (%s) | %.2f | %s | %.3f | %.1f | %d | %.0f | %s |',
                    $name,
                    number_format($result['count']),
                    $result['ours'],
                    $beside,
                    $result['plain'],
                    $ratio,
                    $aim,
                    $peak,
                    $met ? 'met' : 'missed',
                ),
            );
            if (isset($result['behind'])) {
                $behind = sprintf(
                    'Behind the page the schedules of these %s meters followed in %.1f s.',
                    number_format($result['meters'] ?? 0),
                    $result['behind'],
                );
            }
        }
        $this->say('', $behind ?? '');
    }

    /** @param  list<string>  $arguments
     * @return array<string, mixed> */
    private function artisan(Instance $instance, array $arguments): array
    {
        $process = proc_open(
            $instance->artisan($arguments),
            [['file', '/dev/null', 'r'], ['pipe', 'w']],
            $pipes,
            null,
            $instance->env() + getenv(),
        );
        $out = $process === false ? '' : (string) stream_get_contents($pipes[1]);
        $result = json_decode(trim($out), true);

        return is_array($result) ? $result : throw new Trouble("The bench could not time this: {$out}");
    }

    private function restMemory(Instance $instance): int
    {
        $kilobytes = 0;
        foreach ((array) glob('/proc/[0-9]*') as $process) {
            $line = str_replace("\0", ' ', (string) @file_get_contents("{$process}/cmdline"));
            $inside =
                str_contains($line, $instance->path().'/') ||
                str_contains((string) @readlink("{$process}/cwd"), $instance->path());
            if (
                $inside &&
                preg_match('/^Pss:\s*(\d+)/m', (string) @file_get_contents("{$process}/smaps_rollup"), $found) === 1
            ) {
                $kilobytes += (int) $found[1];
            }
        }

        return (int) round($kilobytes / 1024);
    }

    private function say(string ...$lines): void
    {
        foreach ($lines as $line) {
            $this->report[] = $line;
            echo $line, "\n";
        }
    }
}
