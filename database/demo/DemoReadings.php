<?php

declare(strict_types=1);

namespace Database\Demo;

use App\People\Models\User;
use App\Platform\Clock\SetClock;
use App\Register\Actions\StrikeReading;
use App\Register\Actions\TakeReading;
use App\Register\Models\Meter;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;

/**
 * Reads the counters of the plant once a week: one rolls over, one is replaced, and once somebody types a digit too
 * many.
 */
final readonly class DemoReadings
{
    /** Percent of the usual week, one after the other. */
    private const WEEKS = [100, 92, 104, 110, 97, 88, 101, 106, 95, 60, 99, 103, 108];

    public function __construct(private TakeReading $read, private StrikeReading $strike)
    {
    }

    /** @param  array<string, User>  $people */
    public function take(SetClock $clock, LocalDate $day, LocalDate $today, array $people): void
    {
        $week = intdiv($day->daysUntil($today), 7);
        foreach (DemoPlant::meterPlans() as $i => $plan) {
            if ($day->daysUntil($today) % 7 !== ($i % 5) + 1 || $day->daysUntil($today) > 360) {
                continue;
            }
            $clock->set(sprintf('%s 05:%02d:00', $day, 10 + 3 * $i));
            $meter = Meter::query()
                ->whereHas('asset', static fn ($asset) => $asset->where('tag', $plan['tag']))
                ->sole();
            $by = $people[$plan['site'] === 'OM' ? ($i % 2 === 0 ? 'technician' : 'smoor') : 'dwold']->actor();
            $rise = intdiv($plan['week'] * 1000 * self::WEEKS[($week + 5 * $i) % 13], 100);
            $rise = $meter->decimals === 0 ? intdiv($rise, 1000) * 1000 : $rise;
            $shown = Quantity::parse((string) $meter->last_shown) + $rise;
            $rolls = isset($plan['rolls']) ? $plan['rolls'] * 1000 : null;
            if (isset($plan['replaced']) && intdiv($plan['replaced']['days'], 7) === $week) {
                ($this->read)(
                    $by,
                    $meter,
                    Quantity::plain($plan['replaced']['first'] * 1000),
                    $clock->now(),
                    'replaced',
                    Quantity::plain($shown),
                    'Display dead; new meter fitted.',
                );
            } elseif ($rolls !== null && $shown >= $rolls) {
                ($this->read)($by, $meter, Quantity::plain($shown - $rolls), $clock->now(), 'rolled over');
            } else {
                ($this->read)($by, $meter, Quantity::plain($shown), $clock->now(), 'confirmed');
            }
            if ($plan['tag'] === 'DYE-P03' && $week === 5) {
                $this->mistype($clock, $meter, $shown, $people);
            }
        }
    }

    /** @param  array<string, User>  $people */
    private function mistype(SetClock $clock, Meter $meter, int $shown, array $people): void
    {
        $clock->set($clock->now()->modify('+2 minutes'));
        [$wrong] = ($this->read)(
            $people['dwold']->actor(),
            $meter,
            Quantity::plain(10 * $shown),
            $clock->now(),
            'confirmed',
        );
        $clock->set($clock->now()->modify('+3 hours'));
        ($this->strike)($people['planner']->actor(), $wrong, 'A digit too many.');
    }
}
