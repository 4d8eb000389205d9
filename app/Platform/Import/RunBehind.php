<?php

declare(strict_types=1);

namespace App\Platform\Import;

use App\Platform\Audit\Actor;

/** Tries or loads a file behind the page; of two presses only one turns the state. */
final readonly class RunBehind
{
    public function __invoke(Actor $by, Import $import, string $todo, string $from, ?int $work): void
    {
        $turned = Import::query()
            ->whereKey($import->id)
            ->where('state', $from)
            ->update(['state' => Import::WAITING, 'failure' => null]);
        if ($turned === 1) {
            RunImport::dispatch($import->id, $todo, $by->id, $by->name, $work);
        }
    }
}
