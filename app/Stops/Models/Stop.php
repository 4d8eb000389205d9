<?php

declare(strict_types=1);

namespace App\Stops\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use App\Register\Models\Asset;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Stops\StopKind;
use Sundial\Stops\StopSpan;

/**
 * A time during which an asset stood still.
 *
 * @property int $id
 * @property int $site_id
 * @property int $asset_id
 * @property string $from_at
 * @property string|null $to_at null while it goes on
 * @property string $reason
 * @property int|null $reason_id of the list; null: it is said in words alone
 * @property StopKind|null $kind as that reason was when it was said
 * @property bool $planned
 * @property int|null $cause_asset_id the asset that caused it, where that is another
 * @property string $source person, tablet or signal
 * @property string|null $note
 * @property string|null $subject_kind of what mends it
 * @property int|null $subject_id
 * @property string|null $subject_label
 * @property int|null $opened_by
 * @property string $opened_who
 * @property string|null $ended_who
 * @property string|null $struck_at when it was struck out; it is shown no more, and counts no more
 * @property int $version
 * @property-read Asset $asset
 */
final class Stop extends Record
{
    protected $table = 'stops';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    /** @var array<string, string> */
    protected $casts = ['planned' => 'bool', 'opened_by' => 'int', 'kind' => StopKind::class];

    /** @return BelongsTo<Asset, $this> */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class);
    }

    public function subject(): Subject
    {
        return Subject::of('stop', $this->id, $this->site_id);
    }

    public function href(): string
    {
        return "/stops/{$this->id}";
    }

    /** @return BelongsTo<Asset, $this> */
    public function cause(): BelongsTo
    {
        return $this->belongsTo(Asset::class, 'cause_asset_id');
    }

    /** @return array<string, mixed> the columns in which the order that mends it is named */
    public static function mendedBy(Subject $order, string $label): array
    {
        return [
            'subject_kind' => $order->kind,
            'subject_id' => $order->id,
            'subject_label' => mb_substr($label, 0, 120),
        ];
    }

    /** @return Builder<self> those that were not struck out */
    public static function standing(): Builder
    {
        return self::query()->whereNull('struck_at');
    }

    public static function instant(?string $at): ?DateTimeImmutable
    {
        return $at === null ? null : new DateTimeImmutable($at, new DateTimeZone('UTC'));
    }

    public function span(): StopSpan
    {
        return StopSpan::recorded(
            new DateTimeImmutable($this->from_at, new DateTimeZone('UTC')),
            self::instant($this->to_at),
        );
    }
}
