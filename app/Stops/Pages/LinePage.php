<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\Platform\Audit\LogQuery;
use App\Platform\Sites\CurrentSite;
use App\Stops\Models\Line;
use App\Stops\Queries\LineSettings;

/** How a line is set up: its parts, shifts, products and tablets. */
final readonly class LinePage
{
    public function __construct(private LineSettings $settings, private CurrentSite $site)
    {
    }

    /** @return array<string, mixed> */
    public function __invoke(Line $line): array
    {
        $line->load(['asset', 'parts', 'patterns', 'rates.product']);

        return [
            'line' => $line,
            'candidates' => $this->settings->candidates($line),
            'products' => $this->settings->products($line->site_id),
            'tablets' => $this->settings->tablets($line->id),
            'last' => $line->patterns->last(),
            'today' => $this->site->today(),
            'log' => (new LogQuery())->of($line->subject(), $this->site->get()->zone()),
            'weekdays' => ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'],
        ];
    }
}
