<?php

declare(strict_types=1);

namespace App\People\Access;

use App\Platform\Clock\Clock;
use Illuminate\Support\Facades\DB;

/**
 * Counts the tries to log in to an account from an address, whether it exists or not. Each try is counted in one
 * statement before its password is looked at, so that many at once are not more than one after the other.
 */
final readonly class SignInTries
{
    /** Tries within a minute; the next one waits. A right password takes the count back. */
    private const MOST = 6;

    private const SECONDS = 60;

    public function __construct(private Clock $clock)
    {
    }

    /** @return int seconds to wait; 0: this try may be judged */
    public function count(string $account, string $ip): int
    {
        $now = $this->clock->now();
        $at = $now->format('Y-m-d H:i:s.u');
        $until = $now->modify('+'.self::SECONDS.' seconds')->format('Y-m-d H:i:s.u');
        $key = hash('sha256', "{$account} {$ip}");
        DB::statement(
            'INSERT INTO sign_in_tries (counted, tries, until) VALUES (?, 1, ?) ON DUPLICATE KEY UPDATE '.
                'tries = IF(until < ?, 1, tries + 1), until = IF(until < ?, VALUES(until), until)',
            [$key, $until, $at, $at],
        );
        $row = DB::table('sign_in_tries')->where('counted', $key)->first(['tries', 'until']);

        return $row === null || $row->tries <= self::MOST
            ? 0
            : max(1, strtotime("{$row->until} UTC") - $now->getTimestamp());
    }

    /** Counts that have run out say nothing any more. */
    public function forgetOld(): void
    {
        DB::table('sign_in_tries')->where('until', '<', $this->clock->now()->format('Y-m-d H:i:s.u'))->delete();
    }

    public function forget(string $account, string $ip): void
    {
        DB::table('sign_in_tries')->where('counted', hash('sha256', "{$account} {$ip}"))->delete();
    }
}
