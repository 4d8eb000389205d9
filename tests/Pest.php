<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature/People', 'Feature/Register', 'Feature/Stops', 'Feature/Planning', 'Feature/Work', 'Feature/Platform');
// Two processes have to see each other's rows: no transaction around the test.
pest()->extend(TestCase::class)->in('Feature/Processes');

/** Polls, bounded, until so many connections wait for a lock. */
function untilWaiting(int $count): void
{
    // The server renews what it tells only when nobody has asked for a tenth of a second.
    for ($i = 0; $i < 120; $i++) {
        $waiting = DB::selectOne("SELECT COUNT(*) AS n FROM information_schema.INNODB_TRX WHERE trx_state = 'LOCK WAIT'")->n;
        if ((int) $waiting >= $count) {
            return;
        }
        usleep(150_000);
    }
    throw new RuntimeException("Never {$count} connections waited for a lock.");
}
