<?php

declare(strict_types=1);

namespace Sundial\Ops;

/** A receiver of webhooks to try them with: checks each signature and says what came. */
final readonly class Receive
{
    public function __construct(private string $root)
    {
    }

    /** @param  list<string>  $arguments */
    public function run(array $arguments): int
    {
        [$port, $secret] = [9000, ''];
        for ($given = $arguments; $given !== [];) {
            $option = array_shift($given);
            [$option, $value] = array_pad(explode('=', $option, 2), 2, null);
            $value ??= array_shift($given);
            match ($option) {
                '--port' => $port = (int) $value,
                '--secret' => $secret = (string) $value,
                default => throw new Trouble("“{$option}” is no option here. `./sundial receive --help` lists them."),
            };
        }
        if ($secret === '' || $port < 1 || $port > 65535) {
            throw new Trouble('Give the secret that Setup showed, such as `./sundial receive --secret …`.');
        }
        echo "It listens at http://127.0.0.1:{$port}/ and says what comes. Stop it with Ctrl-C.\n";
        $script = escapeshellarg("{$this->root}/ops/receiver.php");
        putenv("SUNDIAL_HOOK_SECRET={$secret}");
        passthru('exec '.escapeshellarg(PHP_BINARY)." -S 127.0.0.1:{$port} {$script}", $result);

        return $result;
    }
}
