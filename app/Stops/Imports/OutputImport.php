<?php

declare(strict_types=1);

namespace App\Stops\Imports;

use App\Platform\Audit\Actor;
use App\Platform\Import\ImportKind;
use App\Platform\Import\Trace;
use App\Platform\Sites\SiteDays;
use App\Stops\Actions\EnterShift;
use App\Stops\Inputs\RunTyped;
use App\Stops\Models\ProductRun;
use App\Stops\Queries\LineByTag;
use App\Stops\Queries\RunsTyped;
use App\Stops\Queries\ShiftNamed;
use DateTimeImmutable;
use Sundial\Access\Right;
use Sundial\Import\CellKind;
use Sundial\Import\Column;
use Sundial\Import\Plan;
use Sundial\Import\RowOutcome;
use Sundial\Import\Sheet;
use Sundial\Stops\ShiftClock;
use Sundial\Support\InvalidInput;

/** What shifts made, in and out: a row for each run. */
final readonly class OutputImport implements ImportKind
{
    public function __construct(
        private EnterShift $enter,
        private LineByTag $lines,
        private ShiftNamed $shifts,
        private RunsTyped $runs,
        private SiteDays $days,
    ) {
    }

    public function key(): string
    {
        return 'output';
    }

    public function title(): string
    {
        return 'Output of shifts';
    }

    public function about(): string
    {
        return 'A row is a run of a product in a shift, known again by the tag of the line, the day, the shift and '.
            'when it began. Shifts that are signed are refused.'.self::CHANGES;
    }

    public function right(): Right
    {
        return Right::ReportStops;
    }

    public function href(): string
    {
        return '/stops/oee/shifts';
    }

    public function columns(int $siteId): array
    {
        return [
            Column::text('line', 40)->needed()->saying('the tag of its asset'),
            Column::of('day', CellKind::Date)->needed()->saying('on which the shift begins'),
            Column::text('shift', 40)->needed(),
            Column::text('from', 5)->needed()->saying('by the clock of the site, such as 06:00'),
            Column::text('to', 5)->needed(),
            Column::text('product', 40)->needed()->saying('its number'),
            Column::whole('made', 0, 100_000_000)->needed(),
            Column::whole('rejected', 0, 100_000_000),
            Column::whole('reworked', 0, 100_000_000),
        ];
    }

    public function examples(): array
    {
        return [[
            'line' => 'LM-14',
            'day' => '2026-03-17',
            'shift' => 'early',
            'from' => '06:00',
            'to' => '14:00',
            'product' => 'MP-280',
            'made' => '920',
            'rejected' => '20',
        ]];
    }

    public function plan(int $siteId, Sheet $sheet): Plan
    {
        $days = array_filter(array_map(static fn (array $row): ?string => $row['cells']['day'] ?? null, $sheet->rows));
        $standing = [];
        foreach ($days === [] ? [] : $this->runs($siteId, min($days), max($days)) as $run) {
            $cells = $this->cells($run);
            $standing[self::keyOf($cells)] = ['id' => $run->id, 'cells' => $cells];
        }

        return Plan::compare($sheet->rows, $sheet->problems, self::keyOf(...), $standing, 'line');
    }

    public function isTried(): bool
    {
        return true;
    }

    public function load(Actor $by, int $siteId, Plan $plan, Trace $trace): void
    {
        foreach ($plan->rows as $row) {
            $trace->attempt($row, function () use ($by, $siteId, $row, $trace): void {
                if ($row->does === RowOutcome::Make) {
                    $trace->made('run', $this->put($by, $siteId, $row->cells)->id);
                } elseif ($row->does === RowOutcome::Change) {
                    $changed = array_map(static fn (array $change): ?string => $change[1], $row->changes);
                    $this->put($by, $siteId, $changed + $row->cells);
                    $trace->changedBy($row, 'run', (int) $row->id);
                }
            });
        }
    }

    /** @param  array<string, string|null>  $cells */
    private function put(Actor $by, int $siteId, array $cells): ProductRun
    {
        $line = $this->lines->find($siteId, (string) $cells['line']) ?? throw InvalidInput::because(
            'no_line',
            'line',
            'There is no line of that tag at this site.',
        );
        $product = $this->lines->products($siteId)[(string) $cells['product']] ?? throw InvalidInput::because(
            'no_product',
            'product',
            'There is no product of that number at this site. Add it first.',
        );
        $record = $this->shifts->find($line->id, (string) $cells['day'], (string) $cells['shift']);
        $span = ShiftClock::of($record->span(), $this->days->site($siteId)->zone())
            ->stretch((string) $cells['from'], (string) $cells['to']);
        $run = new RunTyped(
            $product,
            $span,
            (int) $cells['made'],
            [],
            (int) ($cells['rejected'] ?? 0),
            (int) ($cells['reworked'] ?? 0),
            'row',
            'file',
        );
        $kept = ($this->enter)($by, $record, $this->runs->of($record, $span->from, $run), null);

        return $kept->runs->firstOrFail(static fn (ProductRun $one): bool => $one->span()->from === $span->from);
    }

    public function takeBack(Actor $by, int $siteId, array $did): void
    {
        foreach ($did as $line) {
            $run = ProductRun::query()->with('record')->find($line['id']);
            if ($run === null) {
                continue;
            }
            if ($line['did'] === 'made') {
                ($this->enter)($by, $run->record, $this->runs->of($run->record, $run->span()->from), null);

                continue;
            }
            $now = $this->cells($run->load(['record.line.asset', 'product']));
            $back = Trace::back($line, $now);
            $back === [] ? null : $this->put($by, $siteId, $back + $now);
        }
    }

    public function standing(int $siteId): iterable
    {
        foreach ($this->runs($siteId, '0001-01-01', '9999-12-31') as $run) {
            yield $this->cells($run);
        }
    }

    /** @return iterable<ProductRun> */
    private function runs(int $siteId, string $from, string $to): iterable
    {
        return ProductRun::query()
            ->with(['record.line.asset', 'product'])
            ->whereHas('record', static fn ($record) => $record
                ->where('site_id', $siteId)
                ->where('day', '>=', $from)
                ->where('day', '<=', $to))
            ->orderBy('id')
            ->lazy(500);
    }

    /** @return array<string, string|null> */
    private function cells(ProductRun $run): array
    {
        $zone = $this->days->site($run->record->site_id)->zone();
        $clock = static fn (int $at): string => (new DateTimeImmutable("@{$at}"))->setTimezone($zone)->format('H:i');

        return [
            'line' => $run->record->line->asset->tag,
            'day' => $run->record->day,
            'shift' => $run->record->shift,
            'from' => $clock($run->span()->from),
            'to' => $clock($run->span()->to),
            'product' => $run->product->number,
            'made' => (string) $run->total,
            'rejected' => (string) $run->rejects,
            'reworked' => (string) $run->reworked,
        ];
    }

    /** @param  array<string, string|null>  $cells */
    private static function keyOf(array $cells): string
    {
        $parts = array_map(
            static fn (string $key): string => mb_strtolower(trim((string) ($cells[$key] ?? ''))),
            ['line', 'day', 'shift', 'from'],
        );

        return in_array('', $parts, true) ? '' : implode(' ', $parts);
    }
}
