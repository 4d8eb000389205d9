<?php

declare(strict_types=1);

namespace Sundial\Planning\Method;

/** What became of a step between two revisions of a method. */
enum StepChange: string
{
    case Same = 'same';
    case Changed = 'changed';
    case Added = 'added';
    case Gone = 'taken away';
}
