<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\People\Models\User;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use App\Work\Models\CalendarFeed;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Sundial\Support\InvalidInput;

/** Makes a secret address for a calendar elsewhere; it stands nowhere but in the answer. */
final readonly class MakeCalendarFeed
{
    private const MOST = 20;

    public function __construct(private Audit $audit, private Clock $clock)
    {
    }

    /** @return string the secret */
    public function __invoke(User $person, int $siteId, string $what, ?int $teamId): string
    {
        return DB::transaction(function () use ($person, $siteId, $what, $teamId): string {
            User::query()->lockForUpdate()->findOrFail($person->id);
            if (
                CalendarFeed::query()->where('user_id', $person->id)->whereNull('revoked_at')->count() >= self::MOST
            ) {
                throw InvalidInput::because(
                    'too_many',
                    'what',
                    'You have '.self::MOST.' addresses. Revoke one that is no longer used first.',
                );
            }
            $secret = Str::random(40);
            $feed = CalendarFeed::query()->create([
                'user_id' => $person->id,
                'site_id' => $siteId,
                'what' => $what,
                'team_id' => $what === CalendarFeed::TEAM ? $teamId : null,
                'secret_hash' => hash('sha256', $secret),
                'made_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            ]);
            $this->audit->record(
                $person->actor(),
                Subject::of('person', $person->id),
                'made a calendar address: '.$feed->title(),
            );

            return $secret;
        });
    }
}
