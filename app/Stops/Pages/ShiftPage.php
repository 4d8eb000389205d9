<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\Platform\Access\Rights;
use App\Platform\Clock\Clock;
use App\Stops\Models\ShiftRecord;
use App\Stops\Queries\CallsOf;
use App\Stops\Queries\OeeSum;
use App\Stops\Queries\ShiftFactsOf;
use App\Stops\Queries\ShiftReasons;
use App\Stops\Queries\ShiftsAround;
use App\Stops\Wording\OeeWording;
use Illuminate\Support\Collection;
use stdClass;
use Sundial\Access\Right;
use Sundial\Stops\BandLook;
use Sundial\Stops\ShiftOutcome;
use Sundial\Stops\Span;
use Sundial\Stops\StopKind;

/** A shift of a line: its band, where its minutes went, why it stood, what it made, and the shifts beside it. */
final readonly class ShiftPage
{
    /** Widths of the band that may be chosen: how many days around it. */
    public const SCALES = ['shift' => 0, 'day' => 1, 'week' => 7];

    private const BAR = 360;

    /** Of its forms: what may be refused. */
    private const FIELDS = [
        'form', 'version', 'because', 'hour', 'stops', 'minutes', 'why', 'short_because', 'call', 'call_words',
    ];

    public function __construct(
        private ShiftFactsOf $facts,
        private ShiftReasons $reasons,
        private ShiftsAround $shifts,
        private BandDrawn $band,
        private CallsOf $calls,
        private OeeWording $words,
        private Clock $clock,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(ShiftRecord $record, string $scale, ?Span $zoom = null): array
    {
        $record->loadMissing(['line.asset.class', 'line.parts', 'runs.product', 'runs.reasons', 'team']);
        $now = $this->clock->now()->getTimestamp();
        $line = $record->line;
        $stops = $this->facts->stops($line, $record);
        $outcome = ShiftOutcome::of($this->facts->ofEach($line, collect([$record]), $stops, $now)[0], $now);
        $sum = OeeSum::ofLine($record->shift, $outcome->oee, $outcome->wanted, $line->hour_cents);
        $reasons = $this->reasons->of($record, $now);
        $records = $this->shifts->records($record, self::SCALES[$scale]);
        $window = $zoom ?? $this->window($records, $record, $scale);

        return [
            'record' => $record,
            'line' => $line,
            'sum' => $sum,
            'said' => $this->words,
            'cent' => Rights::has(Right::SeeCosts) ? $sum->lostCents : null,
            'seesCosts' => Rights::has(Right::SeeCosts),
            'fall' => $this->fall($sum),
            'band' => $this->band->of($line, $window, $records),
            'scale' => $scale,
            'fields' => self::FIELDS,
            'window' => $window,
            'reasons' => array_map(static fn (array $row): array => $row + [
                'look' => BandLook::ofStop($row['kind'] === null ? null : StopKind::from($row['kind']))->value,
            ], $reasons),
            'most' => max(1, ...array_column($reasons, 'seconds'), ...[1]),
            'stops' => $stops->map(static fn (stdClass $stop): array => [
                'is' => $stop,
                'minutes' => intdiv(ShiftFactsOf::span($stop, $now)->seconds(), 60),
            ]),
            'scales' => array_keys(self::SCALES),
            'hours' => [
                'begins' => intdiv($window->from - $record->span()->from, 60),
                'ends' => intdiv($window->to - $record->span()->from, 60),
                'all' => intdiv($record->span()->seconds(), 60),
            ],
            'rests' => array_map(static fn (array $rest): array => [
                'from' => ShiftRecord::at($rest['from']),
                'to' => ShiftRecord::at($rest['to']),
                'worked' => $rest['worked'],
            ], $record->breaks),
            'shorts' => $this->facts->shorts($record),
            'call' => $this->calls->ofLine($line->id),
            'lastWeek' => $this->shifts->lastWeek($record),
            'around' => $this->shifts->around($record),
            'isOver' => $record->to_at <= ShiftRecord::at($now),
            'hasBegun' => $record->from_at <= ShiftRecord::at($now),
            'above' => $this->words->above($outcome->oee, $this->onlyIdeal($record)),
            'form' => $this->shifts->offered($record),
        ];
    }

    /**
     * Where the minutes went, as bars that fall from planned to good.
     *
     * @return list<array{name: string, sign: string, minutes: float, x: float, width: float, says: string}>
     */
    private function fall(OeeSum $sum): array
    {
        $losses = $sum->oee->losses();
        $planned = $sum->oee->planned / 60;
        $scale = self::BAR / max(1, $planned, $planned - min(0, $losses['speed']));
        $bars = [[
            'name' => 'planned',
            'sign' => '',
            'minutes' => $planned,
            'x' => 0.0,
            'width' => $planned * $scale,
            'says' => '',
        ]];
        $left = $planned;
        $shares = [
            'stops' => ['availability', $sum->oee->availability()],
            'speed' => ['performance', $sum->oee->performance()],
            'rejects' => ['quality', $sum->oee->quality()],
        ];
        foreach ($shares as $name => [$word, $share]) {
            $left -= $losses[$name];
            $bars[] = [
                'name' => $name,
                'sign' => $losses[$name] < 0 ? '+ ' : '− ',
                'minutes' => $losses[$name],
                'x' => min($left, $left + $losses[$name]) * $scale,
                'width' => abs($losses[$name]) * $scale,
                'says' => "{$word} {$this->words->percent($share)}",
            ];
        }

        return [...$bars, [
            'name' => 'good',
            'sign' => '',
            'minutes' => $losses['good'],
            'x' => 0.0,
            'width' => $losses['good'] * $scale,
            'says' => 'OEE '.$this->words->percent($sum->oee->oee()),
        ]];
    }

    /** @param  Collection<int, ShiftRecord>  $records */
    private function window(Collection $records, ShiftRecord $record, string $scale): Span
    {
        return $scale === 'shift'
            ? $record->span()
            : Span::between(
                (int) $records->min(static fn (ShiftRecord $one): int => $one->span()->from),
                (int) $records->max(static fn (ShiftRecord $one): int => $one->span()->to),
            );
    }

    private function onlyIdeal(ShiftRecord $record): ?string
    {
        $ideals = $record->runs->pluck('ideal_seconds')->unique();

        return $ideals->count() === 1 ? (string) $ideals->first() : null;
    }
}
