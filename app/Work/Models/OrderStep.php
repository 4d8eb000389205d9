<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\People\Models\User;
use App\Platform\Records\Record;
use App\Register\Models\Asset;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Planning\Method\AnswerKind;
use Sundial\Planning\Method\Question;
use Sundial\Planning\Record\Verdict;

/**
 * A step of an order, copied from its method when the order was made.
 *
 * @property int $id
 * @property int $order_id
 * @property int $position
 * @property string $text
 * @property string|null $detail
 * @property string|null $safety
 * @property int $minutes
 * @property string|null $ticked_at
 * @property int|null $ticked_by
 * @property AnswerKind $answer
 * @property string|null $unit
 * @property string|null $low
 * @property string|null $high
 * @property string|null $choices
 * @property string|null $value
 * @property Verdict|null $verdict
 * @property int|null $asset_id
 * @property int|null $visit_id
 * @property int|null $reading_id
 * @property int|null $document_id
 * @property-read Asset|null $asset
 * @property-read User|null $ticker
 */
final class OrderStep extends Record
{
    protected $table = 'order_steps';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['answer' => AnswerKind::class, 'verdict' => Verdict::class];

    public $timestamps = false;

    public function question(): Question
    {
        return Question::of($this->answer, $this->unit, $this->low, $this->high, $this->choices);
    }

    /** What was answered, as a report of it begins: the step, and what stood there. */
    public function answered(): string
    {
        $value = $this->value === null ? '' : ": {$this->value}".($this->unit === null ? '' : " {$this->unit}");

        return "{$this->text}{$value}";
    }

    /** Whether its answer says that something has to be done: faulty, or out of limits. */
    public function isFinding(): bool
    {
        return $this->verdict?->isFinding() === true;
    }

    /** @return BelongsTo<Asset, $this> the one of its round that it is for */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class);
    }

    /** @return BelongsTo<User, $this> */
    public function ticker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'ticked_by');
    }
}
