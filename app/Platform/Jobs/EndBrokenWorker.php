<?php

declare(strict_types=1);

namespace App\Platform\Jobs;

use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Throwable;

/**
 * Ends a queue worker whose connection is lost or has a transaction open that nobody will end, as happens when the
 * database dies within a job. The supervisor starts a new one at once.
 */
final readonly class EndBrokenWorker
{
    public function __construct(private ExceptionHandler $failures)
    {
    }

    /** @return bool|null false: no further job, the worker ends now */
    public function __invoke(): ?bool
    {
        $broken = $this->brokenBecause();
        if ($broken === null) {
            return null;
        }
        $this->failures->report(new RuntimeException("The queue worker ends itself: {$broken}."));
        app('queue.worker')->shouldQuit = true;

        return false;
    }

    private function brokenBecause(): ?string
    {
        try {
            if (DB::transactionLevel() > 0 || DB::connection()->getPdo()->inTransaction()) {
                return 'a transaction was left open';
            }
            DB::connection()->getPdo()->query('SELECT 1');

            return null;
        } catch (Throwable $lost) {
            return "the database is not there ({$lost->getMessage()})";
        }
    }
}
