<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Platform\Audit\Actor;
use App\Work\Pages\ReviewLine;
use App\Work\Queries\ReviewQueue;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Closes together the orders that were done as planned; of those that were shown, and of no others. */
final readonly class CloseClean
{
    public function __construct(private ReviewQueue $queue, private CloseWorkOrder $close)
    {
    }

    /**
     * @param  list<int>  $shown  ids that stood on the page as clean
     * @return list<string> labels of those that were closed
     */
    public function __invoke(Actor $by, int $siteId, array $shown): array
    {
        return DB::transaction(function () use ($by, $siteId, $shown): array {
            $clean = array_filter(
                ($this->queue)($siteId),
                static fn (ReviewLine $line): bool => $line->review->isClean() &&
                    in_array($line->order->id, $shown, true),
            );
            if ($clean === []) {
                throw InvalidInput::because(
                    'none',
                    'orders',
                    'None of those is waiting any more as it was shown. Nothing was closed; look at the queue again.',
                );
            }

            return array_values(array_map(fn (ReviewLine $line): string => $this->one($by, $line), $clean));
        });
    }

    /** @throws InvalidInput naming the order that cannot be closed */
    private function one(Actor $by, ReviewLine $line): string
    {
        $label = $line->order->label();
        try {
            return ($this->close)($by, $line->order, 'as planned')->label();
        } catch (InvalidInput $e) {
            throw InvalidInput::because($e->cause(), 'orders', "{$label}: {$e->getMessage()} Nothing was closed.");
        }
    }
}
