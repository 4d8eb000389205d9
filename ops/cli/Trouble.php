<?php

declare(strict_types=1);

namespace Sundial\Ops;

use RuntimeException;

/** Something that stops a command: one clear sentence, and the way out. */
final class Trouble extends RuntimeException
{
}
