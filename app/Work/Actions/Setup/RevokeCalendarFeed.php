<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\People\Models\User;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use App\Work\Models\CalendarFeed;
use Illuminate\Support\Facades\DB;

/** Takes a secret address away from whatever reads it; pressed twice it is gone all the same. */
final readonly class RevokeCalendarFeed
{
    public function __construct(private Audit $audit, private Clock $clock)
    {
    }

    public function __invoke(User $person, int $feedId): void
    {
        DB::transaction(function () use ($person, $feedId): void {
            $feed = CalendarFeed::query()
                ->where('user_id', $person->id)
                ->whereKey($feedId)
                ->whereNull('revoked_at')
                ->lockForUpdate()
                ->first();
            if ($feed !== null) {
                $feed->fill(['revoked_at' => $this->clock->now()->format('Y-m-d H:i:s.u')])->save();
                $this->audit->record(
                    $person->actor(),
                    Subject::of('person', $person->id),
                    'revoked a calendar address: '.$feed->title(),
                );
            }
        });
    }
}
