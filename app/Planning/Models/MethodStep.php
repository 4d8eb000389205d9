<?php

declare(strict_types=1);

namespace App\Planning\Models;

use App\Platform\Records\Record;
use Sundial\Planning\Method\AnswerKind;
use Sundial\Planning\Method\Question;

/**
 * @property int $id
 * @property int $revision_id
 * @property int $position
 * @property string $text
 * @property string|null $detail
 * @property string|null $safety
 * @property int $minutes
 * @property int $level
 * @property AnswerKind $answer
 * @property string|null $unit
 * @property string|null $low
 * @property string|null $high
 * @property string|null $choices
 * @property bool $each_asset
 */
final class MethodStep extends Record
{
    protected $table = 'method_steps';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['answer' => AnswerKind::class, 'each_asset' => 'bool'];

    public $timestamps = false;

    public function question(): Question
    {
        return Question::of($this->answer, $this->unit, $this->low, $this->high, $this->choices);
    }
}
