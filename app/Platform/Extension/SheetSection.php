<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use App\Platform\Subject;
use Sundial\Access\Right;

/** A section that a higher floor adds to the sheet of a lower one, such as the orders on an asset's sheet. */
interface SheetSection
{
    /** The kind of record on whose sheet it stands. */
    public function kind(): string;

    /** Its place among the sections, low first. */
    public function position(): int;

    public function title(): string;

    public function right(): Right;

    /**
     * The view (empty where there is nothing to show), its data, and how many records it lists (null for none to
     * count).
     *
     * @return array{string, array<string, mixed>, int|null}
     */
    public function view(Subject $subject): array;
}
