<?php

declare(strict_types=1);

namespace Sundial\Ops;

/** Writes a configuration file of an instance from a template in ops/templates: {{name}} is replaced. */
final class Template
{
    /**
     * @param  array<string, string>  $values
     * @param  string|null  $reader  the account that reads it, where that is not the one that writes
     */
    public static function write(
        Instance $instance,
        string $template,
        string $to,
        array $values = [],
        ?string $reader = null,
    ): void {
        $values += [
            'var' => $instance->path(),
            'root' => $instance->root,
            'http' => (string) $instance->httpPort,
            'database' => (string) $instance->databasePort,
        ];
        $text = (string) file_get_contents("{$instance->root}/ops/templates/{$template}");
        foreach ($values as $name => $value) {
            $text = str_replace("{{{$name}}}", $value, $text);
        }
        if (@file_put_contents($to, $text) === false) {
            throw new Trouble(
                "{$to} cannot be written. Is the disk full, or does the folder belong to another account?",
            );
        }
        if ($reader !== null) {
            Shell::run(['chown', $reader, $to]);
        }
    }
}
