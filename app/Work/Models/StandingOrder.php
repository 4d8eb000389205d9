<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\People\Models\Team;
use App\People\Models\User;
use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Access\Right;

/**
 * What small jobs are booked on: one order a month, made when the first of them is booked.
 *
 * @property int $id
 * @property int $site_id
 * @property string $title
 * @property int|null $team_id who books on it; null: whoever works at the site
 * @property string $type
 * @property bool $retired
 * @property-read Team|null $team
 */
final class StandingOrder extends Record
{
    protected $table = 'standing_orders';

    public $timestamps = false;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['retired' => 'boolean'];

    /** @return BelongsTo<Team, $this> */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
    }

    public function isOpenTo(User $person): bool
    {
        return $this->team_id === null ||
            in_array($this->team_id, $person->teamIds(), true) ||
            $person->may(Right::WorkOnAnyOrder, $this->site_id);
    }
}
