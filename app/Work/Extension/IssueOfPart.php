<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\SheetAction;
use App\Platform\Subject;
use Sundial\Access\Right;

/** A part is handed over to an order from its own sheet. */
final readonly class IssueOfPart implements SheetAction
{
    public function kind(): string
    {
        return 'part';
    }

    public function offer(Subject $subject): ?array
    {
        return Rights::has(Right::KeepStores)
            ? ['label' => 'Issue', 'href' => "/parts/{$subject->id}/issue", 'strong' => true]
            : null;
    }
}
