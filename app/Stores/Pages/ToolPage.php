<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\People\Queries\PeopleOf;
use App\Platform\Access\Rights;
use App\Platform\Audit\LogQuery;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\Tool;
use App\Stores\Queries\ToolsOfSite;
use Sundial\Access\Right;

/** The sheet of a special tool. */
final readonly class ToolPage
{
    private const LOANS = 30;

    public function __construct(
        private CurrentSite $site,
        private ToolsOfSite $tools,
        private PeopleOf $people,
        private LogQuery $log,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(Tool $tool): array
    {
        $today = $this->site->today();
        $shown = $this->tools->one($tool, $today);
        $keeps = Rights::has(Right::KeepStores);

        return [
            'tool' => $tool,
            'shown' => $shown,
            'where' => $this->tools->where($shown),
            'isLate' => $shown->isLate($today),
            'isOver' => $tool->calibrated_until !== null && $tool->calibrated_until < (string) $today,
            'clashes' => $shown->clashes(),
            'loans' => $tool->loans()->limit(self::LOANS)->get(),
            'keeps' => $keeps,
            'people' => $keeps ? $this->people->with(Right::SeePlant, $tool->site_id) : collect(),
            'log' => $this->log->of($tool->subject(), $this->site->get()->zone()),
        ];
    }
}
