<?php

declare(strict_types=1);

namespace App\Platform\Documents;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;

/** Hangs a file on a record. A content that hangs there already is not hung there twice. */
final readonly class Attach
{
    public function __construct(private KeepFile $keep, private Audit $audit, private Clock $clock)
    {
    }

    /** @return array{Document, bool} the document, and whether it is new there */
    public function __invoke(Actor $by, Subject $subject, string $path, string $name, string $field = 'file'): array
    {
        $file = ($this->keep)($path, $name, $field);

        return DB::transaction(function () use ($by, $subject, $file, $name): array {
            $standing = Document::ofSubject($subject)->lockForUpdate()->get();
            $same = $standing->firstWhere('file_id', $file->id);
            if ($same !== null) {
                return [$same, false];
            }
            $document = new Document([
                'file_id' => $file->id,
                'kind' => $subject->kind,
                'subject_id' => $subject->id,
                'site_id' => $subject->siteId,
                'name' => mb_substr($name, 0, 150),
                'user_id' => $by->id,
                'who' => $by->name,
                'added_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            ]);
            $document->setRelation('file', $file);
            $document->main =
                $document->isPhoto() && $standing->every(static fn (Document $one): bool => ! $one->main);
            $document->save();
            $this->audit->record(
                $by,
                Subject::of('document', $document->id, $subject->siteId),
                'added the '.($document->isPhoto() ? 'photo' : 'document')." {$document->name}",
                [],
                null,
                [$subject],
            );

            return [$document, true];
        });
    }
}
