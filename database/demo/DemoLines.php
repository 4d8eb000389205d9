<?php

declare(strict_types=1);

namespace Database\Demo;

use App\People\Models\Team;
use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Clock\SetClock;
use App\Register\Models\Asset;
use App\Stops\Actions\EnterShift;
use App\Stops\Actions\NoteShortStops;
use App\Stops\Actions\OpenShifts;
use App\Stops\Actions\SaveLine;
use App\Stops\Actions\SaveProduct;
use App\Stops\Actions\SaveRejectReason;
use App\Stops\Actions\SetIdealRate;
use App\Stops\Actions\SetPattern;
use App\Stops\Actions\SignShift;
use App\Stops\Inputs\LineInput;
use App\Stops\Inputs\ProductInput;
use App\Stops\Inputs\RejectReasonInput;
use App\Stops\Inputs\RunTyped;
use App\Stops\Inputs\ShiftTyped;
use App\Stops\Inputs\ShortTyped;
use App\Stops\Inputs\StopSaid;
use App\Stops\Models\Line;
use App\Stops\Models\Product;
use App\Stops\Models\RejectReason;
use App\Stops\Models\ShiftRecord;
use App\Stops\Queries\ShiftFactsOf;
use DateTimeImmutable;
use Sundial\Calendar\LocalDate;
use Sundial\Stops\LineTime;
use Sundial\Stops\ShiftFacts;
use Sundial\Stops\ShiftPattern;
use Sundial\Stops\ShiftTurn;
use Sundial\Stops\Span;

/** The three lines of Ollerfell Mill and what they made: two shifts a day, entered and signed as they went over. */
final class DemoLines
{
    /** Tag, an hour of it in cents, what stops it besides, and products with the seconds for one. */
    private const LINES = [
        ['LM-14', 6400, [], [['MP-280', '25.2'], ['HT-320', '31.5']]],
        ['STN-02', 21000, [], [['MP-280', '3.6'], ['HT-320', '4.2'], ['FF-450', '5.4']]],
        ['RSE-01', 9800, ['RSE-02'], [['FF-450', '6.8'], ['BL-600', '9.5']]],
    ];

    private const PRODUCTS = [
        ['MP-280', 'Moor plaid 280'],
        ['HT-320', 'Heather twill 320'],
        ['FF-450', 'Fell fleece 450'],
        ['BL-600', 'Beck blanket 600'],
    ];

    private const REJECTED = ['Weft float', 'Stain', 'Wrong width', 'Broken end', 'Uneven pile'];

    /** Days of which is told hour by hour. */
    private const TOLD = 7;

    /** For so many days supervisors sign. */
    private const SIGNED = 120;

    /** What stands on the lines in the last days: tag, minute of the day, how long at least and at the most, why. */
    private const STANDS = [
        ['LM-14', 395, 8, 14, 'Weft sensor'],
        ['LM-14', 470, 5, 6, 'Warp break'],
        ['LM-14', 520, 20, 18, 'Weft sensor'],
        ['LM-14', 590, 6, 3, StopSaid::NOT_YET],
        ['LM-14', 660, 12, 15, 'No yarn'],
        ['LM-14', 720, 18, 20, 'Weft sensor'],
        ['LM-14', 930, 14, 12, 'Weft sensor'],
        ['LM-14', 1010, 30, 12, 'Change of style'],
        ['LM-14', 1130, 8, 9, 'Warp break'],
        ['STN-02', 455, 24, 14, 'Change of style'],
        ['STN-02', 640, 9, 12, 'No steam'],
        ['STN-02', 905, 22, 16, 'Change of style'],
        ['STN-02', 1090, 12, 10, 'Next machine full'],
        ['RSE-01', 430, 10, 9, 'Next machine full'],
        ['RSE-01', 560, 30, 30, 'Drive belt'],
        ['RSE-01', 980, 15, 20, 'Cleaning'],
    ];

    private const ONE_SHIFT = 'RSE-01';

    private const EVERY_DAY = [1, 2, 3, 4, 5];

    /** @var list<Line> */
    private array $lines = [];

    /** @var array<int, list<array{int, string}>> by line: product and the seconds for one */
    private array $makes = [];

    /** @var list<int> */
    private array $reasons = [];

    /** @var list<int> */
    private array $crews = [];

    public function __construct(
        private readonly SaveLine $save,
        private readonly SetPattern $pattern,
        private readonly SaveProduct $product,
        private readonly SetIdealRate $rate,
        private readonly SaveRejectReason $reason,
        private readonly OpenShifts $open,
        private readonly EnterShift $enter,
        private readonly SignShift $sign,
        private readonly NoteShortStops $short,
        private readonly ShiftFactsOf $facts,
        private readonly DemoStops $stops,
    ) {
    }

    public function setUp(LocalDate $start): void
    {
        $by = Actor::sundial();
        $site = Asset::query()->where('tag', 'LM-14')->sole()->site_id;
        $made = [];
        foreach (self::PRODUCTS as [$number, $name]) {
            $made[$number] = ($this->product)(
                $by,
                new Product(['site_id' => $site]),
                new ProductInput($number, $name, 'm'),
            );
        }
        foreach (self::LINES as [$tag, $hour, $parts, $rates]) {
            $asset = Asset::query()->where('tag', $tag)->sole();
            $line = ($this->save)(
                $by,
                new Line(['site_id' => $site, 'asset_id' => $asset->id]),
                new LineInput(
                    array_values(Asset::query()->whereIn('tag', $parts)->pluck('id')->map(intval(...))->all()),
                    120,
                    $hour,
                    90,
                ),
            );
            $turns = [ShiftTurn::of('early', '06:00-14:00', '10:00-10:30', self::EVERY_DAY)];
            if ($tag !== self::ONE_SHIFT) {
                $turns[] = ShiftTurn::of('late', '14:00-22:00', '18:00-18:30', self::EVERY_DAY);
            }
            ($this->pattern)($by, $line, $start, ShiftPattern::of(...$turns)->standingOnHolidays());
            foreach ($rates as [$number, $seconds]) {
                ($this->rate)($by, $line, $made[$number]->id, $start, $seconds);
                $this->makes[$line->id][] = [$made[$number]->id, $seconds];
            }
            $this->lines[] = $line->load(['asset', 'parts', 'patterns']);
        }
        foreach (self::REJECTED as $name) {
            $this->reasons[] = ($this->reason)($by, new RejectReason(), new RejectReasonInput($name))->id;
        }
        $this->crews = array_values(Team::query()->whereIn('name', ['Red crew', 'Blue crew'])
            ->orderBy('id')->pluck('id')->map(intval(...))->all());
    }

    /** What was made on a day, told on the next morning; the last days are told once all that stood is. */
    public function day(SetClock $clock, LocalDate $day, LocalDate $today): void
    {
        if ($day->daysUntil($today) >= self::TOLD) {
            $clock->set(new DateTimeImmutable("{$day->plusDays(1)} 04:00:00 UTC"));
            $this->enterDay($clock, $day, $today);
        }
    }

    /** The last days, hour by hour. */
    public function lately(SetClock $clock, LocalDate $today, DateTimeImmutable $now): void
    {
        for ($ago = self::TOLD - 1; $ago >= 0; $ago--) {
            $day = $today->plusDays(-$ago);
            $clock->set(min(new DateTimeImmutable("{$day->plusDays(1)} 04:00:00 UTC"), $now));
            $this->enterDay($clock, $day, $today);
        }
    }

    /**
     * What stood on the lines in the last days.
     *
     * @return list<array{string, DateTimeImmutable, DateTimeImmutable, string}> tag, from, to and why
     */
    public function stood(LocalDate $today, DateTimeImmutable $now): array
    {
        $stood = [];
        for ($ago = self::TOLD - 1; $ago >= 0; $ago--) {
            $day = $today->plusDays(-$ago);
            foreach (self::STANDS as $n => [$tag, $at, $least, $more, $why]) {
                $dice = crc32("{$ago} {$n}");
                $from = (new DateTimeImmutable("{$day} 00:00:00 UTC"))->modify('+'.($at + $dice % 37).' minutes');
                $to = $from->modify('+'.($least + ($dice >> 4) % $more).' minutes');
                if ($day->weekday() < 6 && ($dice >> 2) % 4 !== 0 && $to < $now) {
                    $stood[] = [$tag, $from, $to, $why];
                }
            }
        }

        return $stood;
    }

    private function enterDay(SetClock $clock, LocalDate $day, LocalDate $today): void
    {
        $operator = User::query()->where('login', 'operator')->sole()->actor();
        $supervisor = User::query()->where('login', 'supervisor')->sole()->actor();
        foreach ($this->lines as $n => $line) {
            ($this->open)($line, $day);
            $records = ShiftRecord::query()
                ->where('line_id', $line->id)
                ->where('day', (string) $day)
                ->orderBy('from_at')
                ->get();
            foreach ($records as $record) {
                $dice = crc32("{$day->daysUntil($today)} {$n} {$record->shift}");
                // Now and then nobody entered anything.
                if ($dice % 41 === 7 && $day->daysUntil($today) > 3) {
                    continue;
                }
                $record->setRelation('line', $line);
                $until = $clock->now();
                $this->noOrder($operator, $clock, $record, $day->daysUntil($today));
                $clock->set($until);
                $kept = $this->shift(
                    $operator,
                    $record,
                    $dice,
                    $clock->now()->getTimestamp(),
                    $day->daysUntil($today) < self::TOLD,
                );
                $ago = $day->daysUntil($today);
                if ($kept !== null && $ago > 1 && $ago < self::SIGNED) {
                    ($this->sign)($supervisor, $kept, $kept->version);
                }
            }
        }
    }

    private function shift(Actor $by, ShiftRecord $record, int $dice, int $now, bool $isHourly): ?ShiftRecord
    {
        $span = $record->span();
        $until = min($span->to, intdiv($now, 3600) * 3600);
        if ($until <= $span->from) {
            return null;
        }
        if (! $this->isShortFriday($record)) {
            $this->shortStops($by, $record, $dice, $until);
        }
        $makes = $this->makes[$record->line_id];
        $middle = $span->from + (2 + $dice % 4) * 3600;
        $edges = match (true) {
            $isHourly => range($span->from, $until, 3600),
            $dice % 3 === 0 && $middle < $until => [$span->from, $middle, $until],
            default => [$span->from, $until],
        };
        $facts = ($this->facts)($record->load('runs'), $until);
        $runs = [];
        for ($i = 1; $i < count($edges); $i++) {
            $runs[] = $this->run(
                $record,
                $facts,
                $makes[($dice + ($edges[$i - 1] >= $middle ? 1 : 0)) % count($makes)],
                Span::between($edges[$i - 1], $edges[$i]),
                ($dice >> $i) & 0xFFFF,
            );
        }
        $week = intdiv(LocalDate::parse($record->day)->epochDay + 3, 7);

        return ($this->enter)($by, $record, new ShiftTyped(
            $runs,
            [],
            $this->crews[($week + ($record->shift === 'late' ? 1 : 0)) % 2],
            null,
        ), null);
    }

    /** For a quarter of a year now, nothing was ordered for the end of the week. */
    private function isShortFriday(ShiftRecord $record): bool
    {
        return $record->shift === 'late' && LocalDate::parse($record->day)->weekday() === 5;
    }

    private function noOrder(Actor $by, SetClock $clock, ShiftRecord $record, int $ago): void
    {
        if ($ago < 92 && $ago >= self::TOLD && $this->isShortFriday($record)) {
            $from = new DateTimeImmutable('@'.($record->span()->from + 7200));
            $this->stops->stand($by, $clock, [$record->line->asset->tag, 'No order'], [
                $from,
                new DateTimeImmutable("@{$record->span()->to}"),
            ]);
        }
    }

    /** The late shift has many: they are what it loses, and no average of percentages shows it. */
    private function shortStops(Actor $by, ShiftRecord $record, int $dice, int $until): void
    {
        $isLate = $record->shift === 'late';
        $hours = $isLate ? [1 + $dice % 6] : ($dice % 4 === 0 ? [4] : []);
        foreach ($hours as $hour) {
            $at = $record->span()->from + $hour * 3600;
            if ($at + 3600 > $until) {
                continue;
            }
            $stops = $isLate ? 14 + ($dice >> $hour) % 22 : 3 + $dice % 5;
            ($this->short)($by, $record->line, new ShortTyped(
                new DateTimeImmutable("@{$at}"),
                $stops,
                $stops * (40 + ($dice >> ($hour + 1)) % 25),
                $record->line->asset->tag === 'LM-14' ? 'Warp break' : 'Next machine full',
            ));
        }
    }

    /** In thousandths of the ideal rate; with little to make, it is made without haste and without a hitch. */
    private function speed(ShiftRecord $record, int $dice): int
    {
        return $this->isShortFriday($record) ? 985 : 860 + $dice % 110;
    }

    /** @param  array{int, string}  $makes */
    private function run(ShiftRecord $record, ShiftFacts $facts, array $makes, Span $span, int $dice): RunTyped
    {
        [$product, $ideal] = $makes;
        $ran = LineTime::of($facts->breaks, $facts->plannedStops, $facts->lost)->run($span)->seconds();
        $ran -= intdiv($facts->shortSeconds * $span->seconds(), $record->span()->seconds());
        $total = max(0, (int) floor($ran * $this->speed($record, $dice) / 1000 / (float) $ideal));
        $rejects = intdiv($total * (8 + $dice % 27), 1000);
        $by = [];
        if ($rejects > 0) {
            $first = $this->reasons[$dice % 5];
            $second = $this->reasons[($dice + 2) % 5];
            $by = [$first => $rejects - intdiv($rejects, 3), $second => intdiv($rejects, 3)];
        }

        return new RunTyped($product, $span, $total, array_filter($by), $rejects, 0, 'runs.0');
    }
}
