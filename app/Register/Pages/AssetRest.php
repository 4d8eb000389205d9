<?php

declare(strict_types=1);

namespace App\Register\Pages;

use App\Platform\Access\Rights;
use App\Platform\Audit\LogQuery;
use App\Platform\Documents\DocumentsOf;
use App\Platform\Extension\Extensions;
use App\Platform\Frame\Wording;
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
        private Wording $words,
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
            'known' => $this->known($asset, $names),
            'facts' => $this->facts->of($asset),
            'inside' => $this->content->assets($asset, $this->site->today()),
            'log' => $this->log->of($subject, $this->site->get()->zone(), self::LOG, $before),
        ];
    }

    /** @return array<string, string|null> what every asset has a place for, by name; costs for whoever may see them */
    private function known(Asset $asset, stdClass $names): array
    {
        $day = fn (?string $day): ?string => $day === null ? null : $this->words->day($day);
        $money = fn (?int $cents): ?string => $cents === null ? null : $this->words->money($cents);
        $costs = [
            'purchase price' => $money($asset->purchase_cents),
            'replacement value' => $money($asset->replacement_cents),
        ];

        return [
            'make' => $asset->make,
            'model' => $asset->model,
            'serial number' => $asset->serial,
            'in service since' => $day($asset->in_service_on),
            'team' => $names->team_name,
            'cost centre' => $names->centre_code === null ? null : "{$names->centre_code} {$names->centre_name}",
            'bought on' => $day($asset->purchased_on),
            ...(Rights::has(Right::SeeCosts) ? $costs : []),
            'warranty until' => $day($asset->warranty_until),
            'code of its label' => $asset->shortCode(),
        ];
    }
}
