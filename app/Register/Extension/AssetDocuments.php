<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\Platform\Documents\DocumentsOf;
use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use Sundial\Access\Right;

/** Photos and documents on an asset's sheet. */
final readonly class AssetDocuments implements SheetSection
{
    public function kind(): string
    {
        return 'asset';
    }

    public function title(): string
    {
        return 'Documents';
    }

    public function right(): Right
    {
        return Right::SeeOwnLine;
    }

    public function position(): int
    {
        return 60;
    }

    public function view(Subject $subject): array
    {
        $documents = app(DocumentsOf::class)->subject($subject);

        return [
            'documents.section',
            [
                'documents' => $documents,
                'subject' => $subject,
                'mayWrite' => \App\Platform\Access\Rights::has(Right::WriteRegister),
            ],
            $documents->count(),
        ];
    }
}
