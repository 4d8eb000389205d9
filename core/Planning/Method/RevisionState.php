<?php

declare(strict_types=1);

namespace Sundial\Planning\Method;

/** A revision is written, then in force, then superseded by the next one. */
enum RevisionState: string
{
    case Draft = 'draft';

    case InForce = 'in force';

    case Superseded = 'superseded';
}
