<?php

declare(strict_types=1);

namespace App\Platform\Documents;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use Illuminate\Support\Facades\DB;
use Sundial\Files\PhotoMarks;
use Sundial\Support\InvalidInput;

/**
 * Renames a document, makes a photo the main one, keeps what was drawn on it, or takes it off its record; its content
 * stays.
 */
final readonly class ChangeDocument
{
    public function __construct(private Audit $audit, private Clock $clock)
    {
    }

    /** @param  array{name?: string, main?: bool, removed?: bool, marks?: mixed}  $input */
    public function __invoke(Actor $by, Document $document, array $input, ?int $version = null): Document
    {
        return DB::transaction(function () use ($by, $document, $input, $version): Document {
            $document = Versioned::lock($document, $version);
            $document->load('file');
            $did = [];
            $before = $document->name;
            if (isset($input['name']) && trim($input['name']) !== $before) {
                $document->name = mb_substr(
                    trim($input['name']) === ''
                        ? throw InvalidInput::because('missing', 'name', 'A document needs a name.')
                        : trim($input['name']),
                    0,
                    150,
                );
                $did[] = "renamed {$before} to {$document->name}";
            }
            if ($input['main'] ?? false) {
                if (! $document->isPhoto()) {
                    throw InvalidInput::because(
                        'no_photo',
                        'form',
                        "{$document->name} is no photo, so it cannot be the main one.",
                    );
                }
                Document::query()
                    ->where('kind', $document->kind)
                    ->where('subject_id', $document->subject_id)
                    ->whereKeyNot($document->id)
                    ->update(['main' => false]);
                $document->main = true;
                $did[] = "made {$document->name} the main photo";
            }
            $drawn = array_key_exists('marks', $input) ? PhotoMarks::of($input['marks'])->marks : null;
            if ($drawn !== null && $drawn !== ($document->marks ?? [])) {
                $document->marks = $drawn;
                $did[] =
                    $document->marks === []
                        ? "wiped what was drawn on {$document->name}"
                        : "drew on {$document->name}";
            }
            if ($input['removed'] ?? false) {
                [$document->removed_at, $document->main] = [$this->clock->now()->format('Y-m-d H:i:s.u'), false];
                $did[] = "took off {$document->name}";
            }
            if ($did === []) {
                return $document->refresh();
            }
            $document->save();
            foreach ($did as $line) {
                $this->audit->record(
                    $by,
                    Subject::of('document', $document->id, $document->site_id),
                    $line,
                    [],
                    null,
                    [$document->about()],
                );
            }

            return $document;
        });
    }
}
