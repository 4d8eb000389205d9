<?php

declare(strict_types=1);

namespace App\Stops\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;

/**
 * One shift of a site handed over to the next: what was told, who gave and who took it.
 *
 * @property int $id
 * @property int $site_id
 * @property string $day
 * @property string $shift
 * @property string|null $remarks
 * @property array<string, mixed>|null $told as it stood when it was given
 * @property string|null $given_at
 * @property int|null $given_by
 * @property string|null $given_who
 * @property string|null $taken_at
 * @property int|null $taken_by
 * @property string|null $taken_who
 * @property int $version
 */
final class ShiftHandover extends Record
{
    protected $table = 'shift_handovers';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    /** @var array<string, string> */
    protected $casts = ['told' => 'array'];

    public function subject(): Subject
    {
        return Subject::of('handover', $this->id, $this->site_id);
    }
}
