<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\Platform\Clock\Clock;
use App\Platform\Sites\CurrentSite;
use App\Stops\Models\Line;
use App\Stops\Models\ProductRun;
use App\Stops\Models\ShiftRecord;
use App\Stops\Queries\ShiftFactsOf;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Collection;
use stdClass;
use Sundial\Stops\BandBlock;
use Sundial\Stops\BandLook;
use Sundial\Stops\LitBand;
use Sundial\Stops\Span;
use Sundial\Stops\StopKind;

/** The lit band of a line over some time, as it is drawn: blocks in pixels, hours beneath, products below them. */
final readonly class BandDrawn
{
    public const LEFT = 40;

    public const WIDTH = 660;

    /** How high the ideal rate stands, and where the ground is. */
    public const HIGH = 96;

    public const GROUND = 124;

    /** Nothing is drawn higher than that share of the ideal rate. */
    private const MOST = 1.2;

    /** How wide a letter of a label is, about; and what is free between two labels. */
    private const LETTER = 5.2;

    private const BETWEEN = 6;

    /** A product is said with its ideal time where there is so much room. */
    private const ROOM = 220;

    public function __construct(
        private ShiftFactsOf $facts,
        private Clock $clock,
        private CurrentSite $site,
    ) {
    }

    /**
     * @param  Collection<int, ShiftRecord>  $records  with their runs and products
     * @return array<string, mixed>
     */
    public function of(Line $line, Span $window, Collection $records): array
    {
        $now = $this->clock->now()->getTimestamp();
        $stops = $this->facts->between(
            $line,
            min(ShiftRecord::at($window->from), (string) $records->min('from_at')),
            max(ShiftRecord::at($window->to), (string) $records->max('to_at')),
        );
        $said = $stops->keyBy('id');
        $band = LitBand::of(
            $this->facts->ofEach($line, $records, $stops, $now),
            array_values($stops->map(static fn (stdClass $one): array => [
                ShiftFactsOf::span($one, $now),
                $one->kind === null ? null : StopKind::from($one->kind),
                (int) $one->id,
            ])->all()),
            $now,
        );
        $scale = self::WIDTH / max(1, $window->seconds());
        $x = static fn (int $second): float => round(self::LEFT + ($second - $window->from) * $scale, 1);

        return [
            'blocks' => $this->blocks($band, $window, $x, $said, $line),
            'ticks' => $this->ticks($window, $x),
            'runs' => $this->runs($records, $window, $x),
            'now' => $window->holds($now) ? $x($now) : null,
            'ends' => $x($window->to),
            'ideal' => self::GROUND - self::HIGH,
            'ground' => self::GROUND,
            'left' => self::LEFT,
        ];
    }

    /**
     * @param  callable(int): float  $x
     * @param  Collection<array-key, stdClass>  $said
     * @return list<array<string, mixed>>
     */
    private function blocks(LitBand $band, Span $window, callable $x, Collection $said, Line $line): array
    {
        $drawn = [];
        $last = -100.0;
        $zone = $this->site->get()->zone();
        foreach ($band->blocks as $block) {
            $span = $block->span->cut($window);
            if ($span->isEmpty()) {
                continue;
            }
            $stop = $block->look === BandLook::Lit || $block->of === null ? null : $said->get($block->of);
            [$from, $to] = [$x($span->from), $x($span->to)];
            $high = $block->look === BandLook::Lit
                ? round(self::HIGH * min(self::MOST, $block->rate), 1)
                : self::HIGH;
            $label = $stop !== null && $to - $from >= 5 ? $this->label($block, $stop, $span) : null;
            $half = self::LETTER * mb_strlen((string) $label) / 2;
            $hasRoom = $label !== null && ($from + $to) / 2 - $half > $last;
            $last = $hasRoom ? ($from + $to) / 2 + $half + self::BETWEEN : $last;
            $drawn[] = [
                'look' => $block->look->value,
                'x' => $from,
                'width' => max(0.6, round($to - $from, 1)),
                'y' => round(self::GROUND - $high, 1),
                'height' => $high,
                'rejected' => round(($to - $from) * $block->rejected, 1),
                'label' => $hasRoom ? $label : null,
                'middle' => round(($from + $to) / 2, 1),
                'words' => self::words($block, $stop, $span, $zone),
                'href' => $stop === null ? ($block->look === BandLook::Lit ? '#output' : null) : "/stops/{$stop->id}",
            ];
        }

        return $drawn;
    }

    private function label(BandBlock $block, stdClass $stop, Span $span): string
    {
        return $block->look === BandLook::Unsaid
            ? '?'
            : mb_strimwidth(mb_strtolower($stop->reason), 0, 16, '…').' '.intdiv($span->seconds(), 60);
    }

    private static function words(BandBlock $block, ?stdClass $stop, Span $span, DateTimeZone $zone): string
    {
        $times = self::clockOf($span->from, $zone).' to '.self::clockOf($span->to, $zone);
        $long = $span->seconds() < 60 ? "{$span->seconds()} s" : intdiv($span->seconds(), 60).' min';

        return match (true) {
            $stop !== null => "{$times}, {$stop->reason}, {$long}",
            $block->look === BandLook::Lit => "{$times}, ran at ".number_format(100 * $block->rate, 0).' % of the rate',
            $block->look === BandLook::Rest => "{$times}, break",
            default => "{$times}, nothing is known",
        };
    }

    /**
     * @param  callable(int): float  $x
     * @return list<array{float, string}>
     */
    private function ticks(Span $window, callable $x): array
    {
        $hours = $window->seconds() / 3600;
        $step = match (true) {
            $hours <= 3 => 1800,
            $hours <= 14 => 3600,
            $hours <= 30 => 3 * 3600,
            default => 24 * 3600,
        };
        $ticks = [];
        $last = $window->from - 1;
        // By the clock on the wall: where it is put forward or back, the hours and days after that stand elsewhere.
        $day = (new DateTimeImmutable("@{$window->from}"))->setTimezone($this->site->get()->zone())->setTime(0, 0);
        for (; $day->getTimestamp() <= $window->to; $day = $day->modify('+1 day')) {
            for ($minute = 0; $minute < 1440; $minute += intdiv($step, 60)) {
                $local = $day->setTime(intdiv($minute, 60), $minute % 60);
                $at = $local->getTimestamp();
                if ($at > $last && $at <= $window->to) {
                    $ticks[] = [$x($at), $step >= 86_400 ? $local->format('D j M') : $local->format('H:i')];
                    $last = $at;
                }
            }
        }

        return $ticks;
    }

    /**
     * @param  Collection<int, ShiftRecord>  $records
     * @param  callable(int): float  $x
     * @return list<array{from: float, to: float, says: string}>
     */
    private function runs(Collection $records, Span $window, callable $x): array
    {
        $spans = $records->flatMap(static fn (ShiftRecord $record) => $record->runs->map(
            static fn (ProductRun $run): array => [$run->span()->cut($window), $run],
        ));
        $drawn = [];
        foreach ($spans as [$span, $run]) {
            if ($span->isEmpty()) {
                continue;
            }
            [$from, $to] = [$x($span->from), $x($span->to)];
            $before = array_pop($drawn);
            $goesOn = $before !== null && $before['name'] === $run->product->name && $before['to'] === $from;
            if ($before !== null && ! $goesOn) {
                $drawn[] = $before;
            }
            $drawn[] = [
                'from' => $goesOn ? $before['from'] : $from,
                'to' => $to,
                'name' => $run->product->name,
                'ideal' => (float) $run->ideal_seconds,
                'unit' => $run->product->unit,
            ];
        }

        return array_map(static fn (array $one): array => [
            'from' => $one['from'],
            'to' => $one['to'],
            'says' => $one['to'] - $one['from'] > self::ROOM
                ? "{$one['name']}, ideal {$one['ideal']} s a {$one['unit']}"
                : $one['name'],
        ], $drawn);
    }

    private static function clockOf(int $second, DateTimeZone $zone): string
    {
        return (new DateTimeImmutable("@{$second}"))->setTimezone($zone)->format('H:i');
    }
}
