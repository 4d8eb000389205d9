<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use App\Platform\Subject;

/** Something to do next that a higher floor offers at the head of a lower one's sheet. */
interface SheetAction
{
    public function kind(): string;

    /**
     * The word on the button and where it leads; "post" where it does something at once; null where there is nothing
     * to do, or no right to it.
     *
     * @return array{label: string, href: string, strong: bool, post?: bool}|null */
    public function offer(Subject $subject): ?array;
}
