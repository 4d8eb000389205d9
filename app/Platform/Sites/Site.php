<?php

declare(strict_types=1);

namespace App\Platform\Sites;

use App\Platform\Records\Record;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\WorkingDays;

/**
 * A site of the plant: its zone, currency and calendar. Everything else stands within one.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 * @property string $timezone
 * @property string $currency
 * @property string $rest_weekdays
 * @property int $release_hour
 * @property string|null $report_code what reporters without an account are asked for; none: they cannot report
 * @property string|null $last_released_on
 * @property string|null $day_on
 * @property int $version
 * @property-read Collection<int, RestDay> $restDays
 */
final class Site extends Record
{
    protected $table = 'sites';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    /** @return HasMany<RestDay, $this> */
    public function restDays(): HasMany
    {
        return $this->hasMany(RestDay::class)->orderBy('day');
    }

    public function zone(): DateTimeZone
    {
        return new DateTimeZone($this->timezone);
    }

    /** The local day on which an instant falls here. */
    public function dayOf(DateTimeImmutable $instant): LocalDate
    {
        return LocalDate::parse($instant->setTimezone($this->zone())->format('Y-m-d'));
    }

    /** Epoch seconds of the middle of a day here: when a thing of that day was done, where nobody said. */
    public function middayOf(LocalDate $day): int
    {
        return (new DateTimeImmutable("{$day} 12:00:00", $this->zone()))->getTimestamp();
    }

    /** Epoch seconds of the last second of a day here. */
    public function endOf(LocalDate $day): int
    {
        return (new DateTimeImmutable("{$day->plusDays(1)} 00:00:00", $this->zone()))->getTimestamp() - 1;
    }

    /** @return list<int> 1 Monday to 7 Sunday */
    public function restWeekdays(): array
    {
        $days = array_filter(explode(',', $this->rest_weekdays), static fn (string $day): bool => $day !== '');

        return array_values(array_map(intval(...), $days));
    }

    public function workingDays(): WorkingDays
    {
        $this->loadMissing('restDays');

        return WorkingDays::except(
            $this->restWeekdays(),
            array_values(
                $this->restDays
                    ->map(static fn (RestDay $rest): LocalDate => LocalDate::parse($rest->day))
                    ->values()
                    ->all(),
            ),
        );
    }
}
