<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\People\Models\Team;
use App\People\Models\User;
use App\Platform\Records\Record;
use App\Platform\Sites\Site;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A secret address under which a calendar elsewhere reads visits and orders.
 *
 * @property int $id
 * @property int $user_id
 * @property int $site_id
 * @property string $what
 * @property int|null $team_id
 * @property string $secret_hash
 * @property string $made_at
 * @property string|null $used_at
 * @property string|null $revoked_at
 * @property-read User $owner
 * @property-read Site $site
 * @property-read Team|null $team
 */
final class CalendarFeed extends Record
{
    protected $table = 'calendar_feeds';

    public const MINE = 'mine';

    public const TEAM = 'team';

    public const SITE = 'site';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<Team, $this> */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
    }

    public function title(): string
    {
        return match ($this->what) {
            self::MINE => "Work of {$this->owner->name}",
            self::TEAM => "Work of {$this->team?->name}",
            default => "Visits and work of {$this->site->name}",
        };
    }

    public static function bySecret(string $secret): ?self
    {
        return self::query()
            ->where('secret_hash', hash('sha256', $secret))
            ->whereNull('revoked_at')
            ->with(['owner', 'site', 'team'])
            ->first();
    }
}
