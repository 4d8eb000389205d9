<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\People\Models\User;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Where a person is logged in, and what was tried with which account. */
final readonly class SignIns
{
    /** How many of the log are shown. */
    public const MOST = 300;

    /** @return Collection<int, object> open sessions of a person: id, device, ip, last use; the latest first */
    public function open(User $person): Collection
    {
        return DB::table('sessions')
            ->where('user_id', $person->id)
            ->where('last_activity', '>', time() - 60 * (int) config('session.lifetime'))
            ->orderByDesc('last_activity')
            ->get(['id', 'ip_address as ip', 'user_agent', 'last_activity'])
            ->map(static function (object $row): object {
                $row->device = self::device((string) $row->user_agent);

                return $row;
            });
    }

    /**
     * The log, newest first.
     *
     * @param  list<int>|null  $sites  only accounts of these sites; null: all, and names that nobody has
     * @return Collection<int, object>
     */
    public function log(?array $sites): Collection
    {
        return DB::table('sign_ins as i')
            ->leftJoin('users as u', 'u.id', '=', 'i.user_id')
            ->when(
                $sites !== null,
                static fn ($query) => $query->whereIn('i.user_id', Administering::belonging($sites ?? [])),
            )
            ->orderByDesc('i.id')
            ->limit(self::MOST)
            ->get(['i.at', 'i.login', 'i.what', 'i.ip', 'i.device', 'u.id as user_id', 'u.name'])
            ->map(static function (object $row): object {
                $row->device = self::device((string) $row->device);

                return $row;
            });
    }

    /** A browser and a system, as far as the browser tells. */
    private static function device(string $agent): string
    {
        $find = static function (array $marks) use ($agent): ?string {
            foreach ($marks as $mark => $name) {
                if (str_contains($agent, (string) $mark)) {
                    return $name;
                }
            }

            return null;
        };
        $browser = $find([
            'Edg/' => 'Edge',
            'Firefox/' => 'Firefox',
            'Chrome/' => 'Chrome',
            'Safari/' => 'Safari',
        ]);
        $system = $find([
            'Android' => 'Android',
            'iPhone' => 'iPhone',
            'iPad' => 'iPad',
            'Windows' => 'Windows',
            'Mac OS' => 'macOS',
            'Linux' => 'Linux',
        ]);

        return match (true) {
            $browser !== null && $system !== null => "{$browser} on {$system}",
            default => $browser ?? $system ?? ($agent === '' ? 'unknown' : mb_substr($agent, 0, 40)),
        };
    }
}
