<?php

declare(strict_types=1);

namespace Sundial\Stock;

/** Whether somebody who takes what is promised elsewhere said so, and may. */
enum Consent
{
    case NotAsked;
    case WithoutRight;
    case WithRight;
}
