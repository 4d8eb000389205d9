<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Audit\Actor;
use App\Platform\Records\Record;
use Sundial\Calendar\LocalDate;

/**
 * One run of the release: when, by whom, what it made and what it left.
 *
 * @property int $id
 * @property int $site_id
 * @property string $on_day
 * @property int|null $user_id
 * @property string $who
 * @property string $began_at
 * @property string|null $ended_at
 * @property int $made
 * @property string|null $undone_at
 * @property string|null $undone_by
 * @property list<array{schedule: int, name: string, tag: string, because: string}>|null $left_alone
 */
final class ReleaseBatch extends Record
{
    protected $table = 'release_batches';

    protected $guarded = [];

    public $timestamps = false;

    /** @var array<string, string> */
    protected $casts = ['left_alone' => 'array'];

    /** One that begins at an instant, on a day of its site. */
    public static function begin(Actor $by, int $siteId, LocalDate $day, string $at): self
    {
        return self::query()->create([
            'site_id' => $siteId,
            'on_day' => (string) $day,
            'user_id' => $by->id,
            'who' => $by->name,
            'began_at' => $at,
        ]);
    }
}
