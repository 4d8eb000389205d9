<?php

declare(strict_types=1);

namespace App\Register\Pages;

use App\People\Queries\PeopleLists;
use App\Platform\Access\Rights;
use App\Platform\Documents\DocumentsOf;
use App\Platform\Extension\Extensions;
use App\Platform\Sites\CurrentSite;
use App\Register\Models\Asset;
use App\Register\Queries\AssetLine;
use App\Register\Queries\FactSheet;
use App\Register\Queries\RegisterLists;
use App\Register\Queries\Whereabouts;
use stdClass;
use Sundial\Access\Right;
use Sundial\Register\Criticality;

/** The head of an asset's sheet and its first sections: where it stands, what is due, and what is being done. */
final readonly class AssetPage
{
    /** Sections that stand in the first answer; the others may follow. */
    public const FIRST = 2;

    public function __construct(
        private CurrentSite $site,
        private Extensions $extensions,
        private DocumentsOf $documents,
        private Whereabouts $whereabouts,
        private RegisterLists $register,
        private PeopleLists $people,
        private FactSheet $facts,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(Asset $asset, stdClass $names, bool $isEdited): array
    {
        return [
            'asset' => $asset,
            'names' => $names,
            'site' => $this->site->get(),
            'line' => AssetLine::of($names, $this->site->today()),
            'crumbs' => $this->whereabouts->crumbs($asset->path),
            'sections' => $this->extensions->sections($asset->subject(), 0, self::FIRST),
            'offers' => $this->extensions->actions($asset->subject()),
            'documents' => $this->documents->subject($asset->subject()),
            'editing' => $isEdited,
            'seesCosts' => Rights::has(Right::SeeCosts),
            ...($isEdited ? ['facts' => $this->facts->of($asset), ...$this->choices($asset->site_id, $asset)] : []),
        ];
    }

    /** @return array<string, mixed> what the form of an asset offers */
    public function choices(int $siteId, ?Asset $asset = null): array
    {
        return [
            'classes' => $this->register->classes(),
            'teams' => $this->people->teams($siteId),
            'standings' => $this->whereabouts->choices($siteId),
            'stands' => $asset === null ? null : $this->register->standsIn($asset),
            'suppliers' => $this->people->suppliers($asset?->supplier_id),
            'centres' => $this->people->costCentres(),
            'criticalities' => Criticality::letters(),
            'meanings' => $this->register->meanings(),
        ];
    }
}
