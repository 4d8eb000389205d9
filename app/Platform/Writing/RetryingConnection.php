<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use Closure;
use Illuminate\Database\MariaDbConnection;
use PDOException;

/**
 * The connection to the database: where two transactions wait for each other, one is given up by the server, and done
 * again from its beginning. Only the outermost can be: what is inside it has lost its ground as well.
 */
final class RetryingConnection extends MariaDbConnection
{
    private const TRIES = 10;

    /** The longest pause before the second try, longer before each other: so that the two do not meet again. µs. */
    private const PAUSE = 15000;

    /**
     * @template T
     *
     * @param  Closure(static): T  $callback
     * @param  int  $attempts
     * @return T
     */
    public function transaction(Closure $callback, $attempts = 1)
    {
        for ($try = 1; ; $try++) {
            try {
                return parent::transaction($callback);
            } catch (PDOException $e) {
                if (
                    $this->transactionLevel() > 0 ||
                    $try >= self::TRIES ||
                    ! str_contains($e->getMessage(), 'Deadlock found')
                ) {
                    throw $e;
                }
                usleep(random_int(1000, self::PAUSE * $try));
            }
        }
    }
}
