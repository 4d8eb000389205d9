<?php

declare(strict_types=1);

namespace Sundial\Ops;

/**
 * Processes of an instance that live on without its supervisor. They are known by a mark in their environment or, where
 * a server writes over that, by what they hold: the instance's folder, its logs, its socket.
 */
final readonly class Leftovers
{
    private const MARK = 'SUNDIAL_OWNER';

    /** The servers that write over their environment; anything else that looks into the folder is left alone. */
    private const SERVERS = ['nginx', 'php-fpm8.2', 'mariadbd'];

    /** @param  array<int, string>  $found  by process id, what each is */
    private function __construct(public array $found)
    {
    }

    /** @return array<string, string> what every process of the instance carries in its environment */
    public static function mark(Instance $instance): array
    {
        return [self::MARK => $instance->path()];
    }

    /** What belongs to the instance and is neither this process nor one of those given. */
    public static function of(Instance $instance, int ...$known): self
    {
        $found = [];
        foreach ((array) glob('/proc/[0-9]*', GLOB_ONLYDIR) as $folder) {
            $pid = (int) basename((string) $folder);
            if ($pid !== getmypid() && ! in_array($pid, $known, true) && self::belongs($pid, $instance)) {
                $found[$pid] = trim((string) @file_get_contents("/proc/{$pid}/comm"))." (process {$pid})";
            }
        }

        return new self($found);
    }

    /**
     * Ends them, asked first and then by force.
     *
     * @return list<string> what was ended
     */
    public function end(): array
    {
        foreach ([SIGTERM, SIGKILL] as $signal) {
            foreach (array_keys($this->found) as $pid) {
                posix_kill($pid, $signal);
            }
            for ($i = 0; $i < 60 && $this->anyLives(); $i++) {
                usleep(50_000);
            }
        }

        return array_values($this->found);
    }

    private function anyLives(): bool
    {
        foreach (array_keys($this->found) as $pid) {
            $state = (string) @file_get_contents("/proc/{$pid}/stat");
            if ($state !== '' && ! str_contains($state, ') Z ')) {
                return true;
            }
        }

        return false;
    }

    private static function belongs(int $pid, Instance $instance): bool
    {
        $environment = (string) @file_get_contents("/proc/{$pid}/environ");
        if (str_contains($environment, self::MARK.'='.$instance->path()."\0")) {
            return true;
        }
        if (! in_array(trim((string) @file_get_contents("/proc/{$pid}/comm")), self::SERVERS, true)) {
            return false;
        }
        $folder = $instance->path().'/';
        if (str_starts_with(((string) @readlink("/proc/{$pid}/cwd")).'/', $folder)) {
            return true;
        }
        foreach ((array) glob("/proc/{$pid}/fd/*") as $handle) {
            if (str_starts_with((string) @readlink((string) $handle), $folder)) {
                return true;
            }
        }

        return false;
    }
}
