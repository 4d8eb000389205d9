<?php

declare(strict_types=1);

namespace App\Register\Models;

use App\Platform\Documents\Document;
use App\Platform\Records\Record;
use App\Platform\Subject;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Calendar\LocalDate;
use Sundial\Register\Expiry;

/**
 * Something of an asset or a person that holds until a day. A renewal is a row of its own; the old one stays.
 *
 * @property int $id
 * @property int|null $site_id
 * @property string $kind
 * @property int $subject_id
 * @property string $what
 * @property string $until
 * @property int $warn_days
 * @property string $warn_from
 * @property int|null $document_id
 * @property string|null $note
 * @property int|null $renewed_by_id
 * @property string|null $ended_at
 * @property int $version
 * @property-read Document|null $document
 */
final class ExpiryDate extends Record
{
    protected $table = 'expiry_dates';

    public const WARRANTY = 'warranty';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    /** @return BelongsTo<Document, $this> */
    public function document(): BelongsTo
    {
        return $this->belongsTo(Document::class);
    }

    public function expiry(): Expiry
    {
        return Expiry::on(LocalDate::parse($this->until), $this->warn_days);
    }

    public function about(): Subject
    {
        return Subject::of($this->kind, $this->subject_id, $this->site_id);
    }

    /** @return Builder<self> those that hold or ran out, not renewed and not ended, first to run out first */
    public static function standing(): Builder
    {
        return self::query()->whereNull('ended_at')->orderBy('until')->orderBy('id');
    }
}
