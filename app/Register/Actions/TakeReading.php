<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Platform\Subject;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use App\Register\Projections\MeterStanding;
use App\Register\Projections\ReadingsTogether;
use App\Register\Queries\MeterHistory;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Meters\CounterReading;
use Sundial\Meters\Doubt;
use Sundial\Meters\Totals;
use Sundial\Meters\Turn;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/**
 * Takes a reading of a meter. An implausible one is questioned first; a fall is taken only as a rollover or a
 * replacement.
 */
final readonly class TakeReading
{
    public const CONFIRMED = 'confirmed';

    public function __construct(
        private MeterHistory $history,
        private MeterStanding $stand,
        private Audit $audit,
        private Clock $clock,
        private SiteDays $sites,
        private ReadingsTogether $together,
    ) {
    }

    /**
     * @param  string  $turn  empty, "rolled over", "replaced", or "confirmed" by whoever was asked
     * @param  string|null  $oldFinal  what the old meter showed last, for a replacement
     * @param  string  $source  where it comes from: by hand, an order, import
     * @return array{Reading, list<string>} the reading, and what followed from it
     */
    public function __invoke(
        Actor $by,
        Meter $meter,
        string $shown,
        DateTimeImmutable $at,
        string $turn = '',
        ?string $oldFinal = null,
        ?string $note = null,
        string $source = 'by hand',
        ?Subject $order = null,
    ): array {
        $take = function () use ($by, $meter, $shown, $at, $turn, $oldFinal, $note, $source, $order): array {
            $meter = Meter::query()->lockForUpdate()->findOrFail($meter->id);
            $reading = $this->reading($meter, $shown, $at, $turn, $oldFinal);
            if ($this->together->gathers() && ! MeterHistory::isAgain($meter, $reading, $this->today($meter))) {
                $this->together->writeOf($meter->id);
            }
            $beside = $meter->isGauge() ? null : $this->history->beside($meter, $reading, $this->today($meter));
            $doubt = $beside === null ? null : $this->doubt($meter, $beside, $reading);
            if ($doubt !== null && ($doubt === Doubt::Falls || $turn === '')) {
                throw InvalidInput::because(
                    $doubt->value,
                    'turn',
                    $this->question($meter, $doubt, $reading),
                    $shown,
                );
            }
            $row = Reading::query()->create([
                'meter_id' => $meter->id,
                'at' => $at->format('Y-m-d H:i:s'),
                'on_day' => (string) $reading->day,
                'shown' => Quantity::plain($reading->shown),
                'turn' => $reading->turn->value,
                'old_final' => $reading->turn === Turn::Replaced ? Quantity::plain($reading->oldFinal) : null,
                'source' => $source,
                'user_id' => $by->id,
                'who' => $by->name,
                'note' => $note,
                'taken_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            ]);
            $said = $this->stand->after($meter, $row, $reading, $beside);
            $this->audit->record(
                $by,
                $meter->subject(),
                "read {$meter->text($reading->shown)} on {$meter->name}".
                    ($reading->turn === Turn::Read ? '' : ", {$reading->turn->value}"),
                [],
                $note,
                array_values(array_filter([Subject::of('asset', $meter->asset_id, $meter->site_id), $order])),
            );

            return [$row, $said];
        };

        // Where many are taken at once, they have one transaction together.
        return $this->together->gathers() ? $take() : DB::transaction($take);
    }

    private function reading(
        Meter $meter,
        string $shown,
        DateTimeImmutable $at,
        string $turn,
        ?string $oldFinal,
    ): CounterReading {
        if ($at > $this->clock->now()->modify('+5 minutes')) {
            throw InvalidInput::because(
                'ahead',
                'at',
                'The time of a reading cannot lie ahead. Give the time at which it was read.',
            );
        }
        $kind = $meter->isGauge() ? Turn::Read : Turn::tryFrom($turn) ?? Turn::Read;
        if ($kind === Turn::Replaced && ($oldFinal === null || trim($oldFinal) === '')) {
            throw InvalidInput::because(
                'missing',
                'old_final',
                'Say what the old meter showed last; its total is carried on from there.',
            );
        }
        $day = $this->sites->site($meter->site_id)->dayOf($at);

        if ($meter->isGauge()) {
            return CounterReading::ofGauge($at->getTimestamp(), $day, Quantity::parse($shown, 'shown'));
        }

        $meter->counter()->check(Quantity::parse($shown, 'shown'), 'shown');

        return CounterReading::of(
            $at->getTimestamp(),
            $day,
            Quantity::parse($shown, 'shown'),
            $kind,
            $kind === Turn::Replaced ? Quantity::parse((string) $oldFinal, 'old_final') : 0,
        );
    }

    private function doubt(Meter $meter, Totals $beside, CounterReading $reading): ?Doubt
    {
        return MeterHistory::isAgain($meter, $reading, $this->today($meter))
            ? Doubt::sameDay($meter->counter(), $beside, $reading, $meter->standing()?->fast)
            : Doubt::about($meter->counter(), $beside, $reading);
    }

    private function today(Meter $meter): LocalDate
    {
        return $this->sites->today($meter->site_id);
    }

    private function question(Meter $meter, Doubt $doubt, CounterReading $reading): string
    {
        $last = $meter->last_shown === null ? 'nothing yet' : $meter->text($meter->last_shown);

        return match ($doubt) {
            Doubt::Falls => $reading->turn === Turn::Read
                ? "{$meter->text($reading->shown)} does not fit between the readings around it (the last one is ".
                    "{$last}), and a counter never falls. Did it roll over, was it replaced, or is this mistyped?"
                : "{$meter->text($reading->shown)} does not fit the readings around it (the last one is {$last}) ".
                    "even as “{$reading->turn->value}”. Check the values, and what the meter's settings say.",
            Doubt::TooFast => "{$meter->text($reading->shown)} is far more than this meter ever did in the time ".
                "since the reading before (the last one is {$last}). Is it right, did it roll over, was the meter ".
                'replaced, or is it mistyped?',
            Doubt::MoreThanADayHolds => "{$meter->text($reading->shown)} would be more than 24 hours a day since ".
                "the reading before (the last one is {$last}). Is it right, was the meter replaced, or is it mistyped?",
        };
    }
}
