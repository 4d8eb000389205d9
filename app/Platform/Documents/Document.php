<?php

declare(strict_types=1);

namespace App\Platform\Documents;

use App\Platform\Records\Record;
use App\Platform\Subject;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Files\FileKind;

/**
 * A document or photo that hangs on a record; its content is kept once, as a stored file.
 *
 * @property int $id
 * @property int $file_id
 * @property string $kind
 * @property int $subject_id
 * @property int|null $site_id
 * @property string $name
 * @property bool $main
 * @property list<array{tool: string, points: list<array{int, int}>, text: string}>|null $marks
 * @property string $who
 * @property string $added_at
 * @property string|null $removed_at
 * @property int $version
 * @property-read StoredFile $file
 */
final class Document extends Record
{
    protected $table = 'documents';

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'main' => false];

    /** @var array<string, string> */
    protected $casts = ['main' => 'bool', 'marks' => 'array'];

    /** @return BelongsTo<StoredFile, $this> */
    public function file(): BelongsTo
    {
        return $this->belongsTo(StoredFile::class);
    }

    public function about(): Subject
    {
        return Subject::of($this->kind, $this->subject_id, $this->site_id);
    }

    public function isPhoto(): bool
    {
        return FileKind::ofType($this->file->type) === FileKind::Photo;
    }

    /** @return Builder<self> those that stand on a record, photos' main one first */
    public static function ofSubject(Subject $subject): Builder
    {
        return self::query()
            ->with('file')
            ->where('kind', $subject->kind)
            ->where('subject_id', $subject->id)
            ->whereNull('removed_at')
            ->orderByDesc('main')
            ->orderBy('id');
    }
}
