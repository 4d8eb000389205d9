<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Inputs\SiteInput;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\DaysOfRestChanged;
use App\Platform\Sites\Site;
use App\Platform\Sites\SiteDays;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Role;

/** Adds a site, or changes its zone, currency and weekly rest; whoever adds one belongs to it. */
final readonly class SaveSite
{
    public function __construct(private Audit $audit, private SiteDays $sites)
    {
    }

    public function __invoke(Actor $by, ?Site $site, SiteInput $input, ?int $version = null): Site
    {
        return DB::transaction(function () use ($by, $site, $input, $version): Site {
            $isNew = $site === null;
            $site = $isNew ? new Site() : Versioned::lock($site, $version);
            $before = $isNew ? [] : $site->only(array_keys($input->facts()));
            $site->fill($input->facts());
            if (! Versioned::save($site)) {
                return $site;
            }
            if ($isNew && $by->id !== null) {
                $new = ['user_id' => $by->id, 'site_id' => $site->id];
                DB::table('user_sites')->insertOrIgnore($new);
                DB::table('user_roles')->insertOrIgnore($new + ['role' => Role::Administrator->value]);
            }
            $this->sites->forget($site->id);
            $this->audit->record(
                $by,
                Subject::of('site', $site->id, $site->id),
                $isNew ? "added site {$site->name}" : "changed site {$site->name}",
                Audit::difference($before, $input->facts()),
            );
            if (! $isNew && $site->wasChanged('rest_weekdays')) {
                event(new DaysOfRestChanged($site->id, null));
            }

            return $site;
        });
    }
}
