<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\Platform\Records\Record;

/**
 * Somebody who has, or had, a special tool.
 *
 * @property int $id
 * @property int $site_id
 * @property int $tool_id
 * @property int|null $to_id
 * @property string $to_who
 * @property string|null $label what for
 * @property string $lent_on
 * @property string|null $back_by
 * @property string|null $back_on null: it is out
 * @property string $lent_who
 * @property string|null $back_who
 * @property string|null $note in which state it came back
 */
final class ToolLoan extends Record
{
    protected $table = 'tool_loans';

    public $timestamps = false;

    protected $guarded = [];
}
