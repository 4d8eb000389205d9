<?php

declare(strict_types=1);

namespace App\Register\Pages;

use App\Platform\Access\Rights;
use App\Platform\Audit\LogQuery;
use App\Platform\Documents\DocumentsOf;
use App\Platform\Extension\Extensions;
use App\Platform\Sites\CurrentSite;
use App\Register\Models\Asset;
use App\Register\Queries\DirectContent;
use App\Register\Queries\FactSheet;
use stdClass;
use Sundial\Access\Right;

/** The lower sections of an asset's sheet: what other floors know of it, its facts, what stands inside it, its log. */
final readonly class AssetRest
{
    private const LOG = 12;

    public function __construct(
        private CurrentSite $site,
        private Extensions $extensions,
        private DocumentsOf $documents,
        private DirectContent $content,
        private FactSheet $facts,
        private LogQuery $log,
    ) {
    }

    /**
     * @param  int|null  $before  only what the log says before this entry
     * @return array<string, mixed>
     */
    public function __invoke(Asset $asset, stdClass $names, bool $isEdited, ?int $before): array
    {
        $subject = $asset->subject();

        return [
            'asset' => $asset,
            'names' => $names,
            'site' => $this->site->get(),
            'sections' => $this->extensions->sections($subject, AssetPage::FIRST),
            'documents' => $this->documents->subject($subject),
            'editing' => $isEdited,
            'facts' => $this->facts->of($asset),
            'inside' => $this->content->assets($asset, $this->site->today()),
            'seesCosts' => Rights::has(Right::SeeCosts),
            'log' => $this->log->of($subject, $this->site->get()->zone(), self::LOG, $before),
        ];
    }
}
