<?php

declare(strict_types=1);

namespace App\Stores\Extension;

use App\Platform\Access\Rights;
use App\Platform\Documents\DocumentsOf;
use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use Sundial\Access\Right;

/** Photos and documents on a part's sheet. */
final readonly class PartDocuments implements SheetSection
{
    public function __construct(private DocumentsOf $documents)
    {
    }

    public function kind(): string
    {
        return 'part';
    }

    public function title(): string
    {
        return 'Documents';
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function position(): int
    {
        return 60;
    }

    public function view(Subject $subject): array
    {
        $documents = $this->documents->subject($subject);

        return [
            'documents.section',
            [
                'documents' => $documents,
                'subject' => $subject,
                'mayWrite' => Rights::has(Right::WriteParts),
            ],
            $documents->count(),
        ];
    }
}
