<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use Closure;
use Illuminate\Database\MariaDbConnection;

/**
 * The connection to the database: where two transactions wait for each other, one is given up by the server, and done
 * again from its beginning. Only the outermost can be: what is inside it has lost its ground as well.
 */
final class RetryingConnection extends MariaDbConnection
{
    private const TRIES = 8;

    /**
     * @template T
     *
     * @param  Closure(static): T  $callback
     * @param  int  $attempts
     * @return T
     */
    public function transaction(Closure $callback, $attempts = 1)
    {
        return parent::transaction($callback, $this->transactionLevel() === 0 ? self::TRIES : 1);
    }
}
