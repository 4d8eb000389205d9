<?php

declare(strict_types=1);

namespace Sundial\Ops;

/** Runs programs in the foreground and finds out about the machine. */
final class Shell
{
    private const LOOK = 10_000;

    /** @var resource|null the program that is waited for */
    private static $running = null;

    private static bool $isBrokenOff = false;

    /**
     * Runs a program; its output goes to the terminal, or to a log file that is quoted when it fails.
     *
     * @param  list<string>  $command
     * @param  array<string, string>  $env  added to the present environment
     */
    public static function run(array $command, array $env = [], ?string $log = null, ?string $input = null): int
    {
        // Without a log the program inherits our outputs: handed over as streams, a file they lead into would be
        // written over.
        $out = $log === null ? [] : [1 => ($handle = fopen($log, 'a')), 2 => $handle];
        $process = proc_open(
            $command,
            [$input === null ? ['file', '/dev/null', 'r'] : ['pipe', 'r']] + $out,
            $pipes,
            null,
            $env + getenv(),
        );
        if ($process === false) {
            throw new Trouble("{$command[0]} could not be started.");
        }
        if ($input !== null) {
            fwrite($pipes[0], $input);
            fclose($pipes[0]);
        }

        self::$running = $process;
        // Looked at again and again, not waited for: a signal is heard in between.
        while (($status = proc_get_status($process))['running']) {
            usleep(self::LOOK);
        }
        self::$running = null;
        proc_close($process);

        return $status['exitcode'];
    }

    /** Ends the program that is waited for, when this one is told to stop. */
    public static function breakOff(): void
    {
        if (self::$running !== null) {
            self::$isBrokenOff = true;
            proc_terminate(self::$running);
        }
    }

    /**
     * The same, but a failure is trouble: says what was tried and shows the end of the log.
     *
     * @param  list<string>  $command
     * @param  array<string, string>  $env
     */
    public static function must(string $what, array $command, array $env, string $log): void
    {
        if (self::run($command, $env, $log) !== 0) {
            if (self::$isBrokenOff) {
                throw new Trouble("{$what} was broken off. Begin again with the same command.");
            }
            $tail = implode("\n", array_slice(explode("\n", trim((string) file_get_contents($log))), -15));
            throw new Trouble("{$what} failed. The whole output is in {$log}; its end:\n\n{$tail}\n");
        }
    }

    /**
     * What a command prints.
     *
     * @param  list<string>  $command
     * @param  array<string, string>  $env
     */
    public static function output(array $command, array $env): string
    {
        $log = (string) tempnam(sys_get_temp_dir(), 'sundial');
        $result = self::run($command, $env, $log);
        $printed = (string) file_get_contents($log);
        unlink($log);

        return $result === 0 ? $printed : throw new Trouble(trim($printed));
    }

    public static function which(string $program): ?string
    {
        foreach ([...explode(':', (string) getenv('PATH')), '/usr/sbin', '/sbin', '/usr/local/sbin'] as $folder) {
            if ($folder !== '' && is_executable("{$folder}/{$program}")) {
                return "{$folder}/{$program}";
            }
        }

        return null;
    }

    public static function isRoot(): bool
    {
        return posix_geteuid() === 0;
    }

    public static function freePort(): int
    {
        $socket =
            stream_socket_server('tcp://127.0.0.1:0') ?:
            throw new Trouble('No free port could be found on 127.0.0.1.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    public static function portIsFree(int $port): bool
    {
        $socket = @stream_socket_server("tcp://127.0.0.1:{$port}");
        if ($socket === false) {
            return false;
        }
        fclose($socket);

        return true;
    }

    public static function remove(string $path): void
    {
        if (is_link($path) || is_file($path)) {
            unlink($path);
        } elseif (is_dir($path)) {
            foreach (array_diff((array) scandir($path), ['.', '..']) as $entry) {
                self::remove("{$path}/{$entry}");
            }
            rmdir($path);
        }
    }
}
