<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Work\Queries\WorkWaiting;
use Illuminate\Support\Facades\DB;
use Sundial\Work\Waiting\AgreedStay;
use Sundial\Work\Waiting\Lane;

/** Sets how many days work may stand in each lane at a site. */
final readonly class SetAgreedStay
{
    public function __construct(private WorkWaiting $waiting, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, int $siteId, AgreedStay $agreed): void
    {
        DB::transaction(function () use ($by, $siteId, $agreed): void {
            DB::table('sites')->where('id', $siteId)->lockForUpdate()->value('id');
            $before = self::days($this->waiting->agreed($siteId));
            foreach (self::days($agreed) as $lane => $days) {
                DB::table('agreed_stays')->updateOrInsert(['site_id' => $siteId, 'lane' => $lane], ['days' => $days]);
            }
            $this->audit->record(
                $by,
                Subject::of('site', $siteId, $siteId),
                'changed how long work may stand',
                Audit::difference($before, self::days($agreed)),
            );
        });
    }

    /** @return array<string, int> by lane */
    private static function days(AgreedStay $agreed): array
    {
        $days = [];
        foreach (Lane::cases() as $lane) {
            $days[$lane->value] = $agreed->days($lane);
        }

        return $days;
    }
}
