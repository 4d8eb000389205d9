<?php

declare(strict_types=1);

namespace Sundial\Work\Request;

/** Whether a machine found faulty may run on until it is mended. */
enum MayRun: string
{
    case Yes = 'yes';
    case Restricted = 'restricted';
    case No = 'no';
}
