<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Platform\Records\Record;
use App\Platform\Sites\Site;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * People of a site who share work.
 *
 * @property int $id
 * @property int $site_id
 * @property string $name
 * @property int $version
 * @property-read Site $site
 * @property-read Collection<int, User> $people
 */
final class Team extends Record
{
    protected $table = 'teams';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsToMany<User, $this> */
    public function people(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'team_users')->orderBy('name');
    }
}
