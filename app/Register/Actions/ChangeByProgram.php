<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Import\ImportKind;
use App\Platform\Import\WriteRecord;
use App\Platform\Writing\StaleWrite;
use App\Register\Models\Asset;
use App\Register\Models\Meter;
use Illuminate\Support\Facades\DB;
use Sundial\Import\RowOutcome;

/** Changes an asset or a meter as a program sent it, unless somebody else changed it in the meantime. */
final readonly class ChangeByProgram
{
    public function __construct(private WriteRecord $write)
    {
    }

    /**
     * @template T of Asset|Meter
     *
     * @param  T  $record
     * @param  callable(T): array<string, mixed>  $cells  of the record as it stands
     */
    public function __invoke(Actor $by, Asset|Meter $record, mixed $version, ImportKind $kind, callable $cells): void
    {
        DB::transaction(function () use ($by, $record, $version, $kind, $cells): void {
            /** @var T $now */
            $now = $record->newQuery()->lockForUpdate()->whereKey($record->getKey())->firstOrFail();
            if ($now->getAttribute('version') !== $version) {
                throw StaleWrite::of($now);
            }
            ($this->write)($by, $kind, $record->site_id, $cells($now), RowOutcome::Change);
        });
    }
}
