<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\Platform\Sites\CurrentSite;
use App\Register\Models\Asset;
use App\Stops\Queries\DidItHelp;
use App\Stops\Queries\HelpAsked;
use App\Stops\Wording\HelpedWording;
use Sundial\Calendar\LocalDate;
use Sundial\Life\RateRatio;
use Sundial\Support\InvalidInput;

/** Whether something helped: what is asked, and the answer in words that claim no more than the data. */
final readonly class HelpedPage
{
    public const LEFT_OUT = 30;

    public const DAYS = 180;

    public function __construct(private CurrentSite $site, private DidItHelp $help, private HelpedWording $words)
    {
    }

    /** @return array<string, mixed> */
    public function __invoke(string $reason, string $tag, ?LocalDate $on, int $leftOut, int $days): array
    {
        $asset = $tag === ''
            ? null
            : Asset::query()->where('site_id', $this->site->id())->where('tag', $tag)->first();
        $refused = $tag !== '' && $asset === null ? "There is no asset {$tag} at this site." : null;
        $ratio = null;
        if ($reason !== '' && $on !== null && $refused === null) {
            try {
                $ratio = ($this->help)($this->site->get(), new HelpAsked($reason, $asset?->id, $on, $leftOut, $days));
            } catch (InvalidInput $e) {
                $refused = $e->getMessage();
            }
        }

        return [
            'reason' => $reason,
            'tag' => $tag,
            'asset' => $asset,
            'on' => $on,
            'leftOut' => $leftOut,
            'days' => $days,
            'ratio' => $ratio,
            'says' => $ratio instanceof RateRatio ? $this->words->verdict($ratio) : null,
            'said' => $this->words,
            'refused' => $refused,
        ];
    }
}
