<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\Platform\Access\Rights;
use App\Platform\Documents\DocumentsOf;
use App\Platform\Extension\SheetSection;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Register\Models\ExpiryDate;
use Sundial\Access\Right;

/** The expiry dates on the sheet of an asset, a person or a supplier, with those that were renewed. */
final readonly class ExpiryOn implements SheetSection
{
    public function __construct(
        private CurrentSite $site,
        private string $kind = 'asset',
        private Right $right = Right::SeePlant,
    ) {
    }

    public function kind(): string
    {
        return $this->kind;
    }

    public function title(): string
    {
        return 'Expiry';
    }

    public function right(): Right
    {
        return $this->right;
    }

    public function position(): int
    {
        return 55;
    }

    public function view(Subject $subject): array
    {
        $all = ExpiryDate::query()
            ->with('document')
            ->where('kind', $subject->kind)
            ->where('subject_id', $subject->id)
            ->orderBy('until')
            ->orderBy('id')
            ->get();
        [$ended, $standing] = $all->partition(static fn (ExpiryDate $date): bool => $date->ended_at !== null);

        return [
            'register.expiry.section',
            [
                'dates' => $standing,
                'ended' => $ended->sortByDesc('until'),
                'subject' => $subject,
                'today' => $this->site->today(),
                'documents' => app(DocumentsOf::class)->subject($subject),
                'mayWrite' => Rights::has($subject->kind === 'person' ? Right::Administer : Right::WriteRegister),
            ],
            $standing->count(),
        ];
    }
}
