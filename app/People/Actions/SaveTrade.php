<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\Trade;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use Illuminate\Support\Facades\DB;

/** Adds a trade, or renames one. */
final readonly class SaveTrade
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, ?Trade $trade, string $name, ?int $version = null): Trade
    {
        return DB::transaction(function () use ($by, $trade, $name, $version): Trade {
            $isNew = $trade === null;
            $trade = $isNew ? new Trade() : Versioned::lock($trade, $version);
            $before = $isNew ? [] : $trade->only(['name']);
            $trade->name = $name;
            if (! Versioned::save($trade)) {
                return $trade;
            }
            $this->audit->record(
                $by,
                Subject::of('trade', $trade->id),
                $isNew ? "added trade {$name}" : "renamed trade to {$name}",
                Audit::difference($before, ['name' => $name]),
            );

            return $trade;
        });
    }
}
