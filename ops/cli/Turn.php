<?php

declare(strict_types=1);

namespace Sundial\Ops;

/** Lets one process at a time do what two would spoil: whoever comes second is told, and waits. */
final class Turn
{
    /** @param  callable(): void  $then */
    public static function take(string $file, string $what, callable $then): void
    {
        $handle = @fopen($file, 'ce');
        if ($handle === false) {
            throw new Trouble("The file {$file} cannot be opened. Does it belong to another account?");
        }
        if (! flock($handle, LOCK_EX | LOCK_NB)) {
            echo "Another start of Sundial is {$what}; waiting for it ...\n";
            flock($handle, LOCK_EX);
        }
        try {
            $then();
        } finally {
            flock($handle, LOCK_UN);
            fclose($handle);
        }
    }
}
