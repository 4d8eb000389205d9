<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sundial\Calendar\LocalDate;

/**
 * A special tool of a site: there is one of it, and several want it.
 *
 * @property int $id
 * @property int $site_id
 * @property string $number
 * @property string $name
 * @property string|null $place where it lies when nobody has it
 * @property string|null $calibrated_until null: it needs no calibration
 * @property string|null $note
 * @property bool $retired
 * @property int $version
 */
final class Tool extends Record
{
    protected $table = 'tools';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'retired' => false];

    /** @var array<string, string> */
    protected $casts = ['retired' => 'bool'];

    public function subject(): Subject
    {
        return Subject::of('tool', $this->id, $this->site_id);
    }

    public function calibratedUntil(): ?LocalDate
    {
        return $this->calibrated_until === null ? null : LocalDate::parse($this->calibrated_until);
    }

    /** @return HasMany<ToolLoan, $this> */
    public function loans(): HasMany
    {
        return $this->hasMany(ToolLoan::class)->orderByDesc('id');
    }
}
