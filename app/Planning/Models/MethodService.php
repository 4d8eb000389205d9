<?php

declare(strict_types=1);

namespace App\Planning\Models;

use App\Platform\Records\Record;
use Sundial\Planning\Method\NeedLine;

/**
 * What somebody else does at the visits of a revision, from a level of its ladder on.
 *
 * @property int $id
 * @property int $revision_id
 * @property string $what
 * @property int|null $cents
 * @property int $level
 */
final class MethodService extends Record
{
    protected $table = 'method_services';

    public $timestamps = false;

    protected $guarded = [];

    public function line(): NeedLine
    {
        return NeedLine::service($this->what, $this->cents, $this->level);
    }
}
