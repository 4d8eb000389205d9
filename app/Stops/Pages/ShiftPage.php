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

    public function known(ShiftRecord $record): ShiftKnown
    {
        $record->loadMissing(['line.asset.class', 'line.parts', 'runs.product', 'runs.reasons', 'team']);
        $now = $this->clock->now()->getTimestamp();
        $line = $record->line;
        $stops = $this->facts->stops($line, $record);
        $outcome = ShiftOutcome::of($this->facts->ofEach($line, collect([$record]), $stops, $now)[0], $now);

        return new ShiftKnown(
            $record,
            $now,
            $stops,
            $outcome,
            OeeSum::ofLine($record->shift, $outcome->oee, $outcome->wanted, $line->hour_cents),
        );
    }

    /** @return array<string, mixed> the head, and the band */
    public function __invoke(ShiftKnown $known, string $scale, ?Span $zoom = null): array
    {
        $record = $known->record;

        return [
            ...$this->shared($known),
            ...$this->banded($record, $scale, $zoom),
            'cent' => Rights::has(Right::SeeCosts) ? $known->sum->lostCents : null,
            'fields' => self::FIELDS,
            'lastWeek' => $this->shifts->lastWeek($record),
            'around' => $this->shifts->around($record),
            'above' => $this->words->above($known->outcome->oee, $this->onlyIdeal($record)),
        ];
    }

    /** @return array<string, mixed> the band alone */
    public function banded(ShiftRecord $record, string $scale, ?Span $zoom = null): array
    {
        $record->loadMissing(['line.asset.class', 'line.parts']);
        $records = $this->shifts->records($record, self::SCALES[$scale]);
        $window = $zoom ?? $this->window($records, $record, $scale);

        return [
            'record' => $record,
            'line' => $record->line,
            'said' => $this->words,
            'band' => $this->band->of($record->line, $window, $records),
            'scale' => $scale,
            'scales' => array_keys(self::SCALES),
            'window' => $window,
            'hours' => [
                'begins' => intdiv($window->from - $record->span()->from, 60),
                'ends' => intdiv($window->to - $record->span()->from, 60),
                'all' => intdiv($record->span()->seconds(), 60),
            ],
        ];
    }

    /** @return array<string, mixed> where its minutes went, why it stood, what it made, and its signature */
    public function rest(ShiftKnown $known): array
    {
        $record = $known->record;
        $reasons = $this->reasons->of($record, $known->now);

        return [
            ...$this->shared($known),
            'seesCosts' => Rights::has(Right::SeeCosts),
            'oee' => $known->sum->oee,
            'fall' => $this->fall($known->sum),
            'reasons' => array_map(static fn (array $row): array => $row + [
                'look' => BandLook::ofStop($row['kind'] === null ? null : StopKind::from($row['kind']))->value,
            ], $reasons),
            'most' => max(1, ...array_column($reasons, 'seconds'), ...[1]),
            'stops' => $known->stops->map(static fn (stdClass $stop): array => [
                'is' => $stop,
                'minutes' => intdiv(ShiftFactsOf::span($stop, $known->now)->seconds(), 60),
            ]),
            'rests' => array_map(static fn (array $rest): array => [
                'from' => ShiftRecord::at($rest['from']),
                'to' => ShiftRecord::at($rest['to']),
                'worked' => $rest['worked'],
            ], $record->breaks),
            'shorts' => $this->facts->shorts($record),
            'call' => $this->calls->ofLine($record->line_id),
            'isOver' => $record->to_at <= ShiftRecord::at($known->now),
            'form' => $this->shifts->offered($record),
        ];
    }

    /** @return array<string, mixed> */
    private function shared(ShiftKnown $known): array
    {
        return [
            'record' => $known->record,
            'hasBegun' => $known->record->from_at <= ShiftRecord::at($known->now),
            'line' => $known->record->line,
            'sum' => $known->sum,
            'said' => $this->words,
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
