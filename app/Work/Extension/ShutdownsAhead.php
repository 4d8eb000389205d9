<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Extension\HorizonSource;
use App\Platform\Frame\HorizonMark;
use App\Platform\Frame\MarkKind;
use App\Platform\Sites\SiteDays;
use App\Platform\Subject;
use App\Work\Models\Shutdown;
use Sundial\Calendar\LocalDate;

/** The window of a shutdown on its own horizon. */
final readonly class ShutdownsAhead implements HorizonSource
{
    public function __construct(private SiteDays $days)
    {
    }

    public function marks(Subject $subject, LocalDate $from, LocalDate $to): array
    {
        $one = $subject->kind === 'shutdown' ? Shutdown::query()->find($subject->id) : null;
        if ($one === null) {
            return [];
        }
        $site = $this->days->site($one->site_id);
        [$first, $last] = [$site->dayOf($one->window()->from), $site->dayOf($one->window()->to)];

        return $last->isBefore($from) || $first->isAfter($to)
            ? []
            : [
                HorizonMark::bar(
                    MarkKind::listed('shutdown', static fn (): string => '/shutdowns'),
                    LocalDate::later($from, $first),
                    $last->plusDays(1),
                    "{$one->label()} {$one->title}",
                    'in hand',
                    "/shutdowns/{$one->id}",
                ),
            ];
    }
}
