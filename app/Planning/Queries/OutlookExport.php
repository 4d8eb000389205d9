<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Platform\Files\Table;
use DateTimeImmutable;
use Sabre\VObject\Component\VCalendar;
use stdClass;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The outlook as CSV, JSON or iCalendar (RFC 5545): whole-day events whose UIDs name schedule and day. */
final class OutlookExport
{
    private const COLUMNS = [
        'planned_on',
        'early_on',
        'late_on',
        'sure',
        'tag',
        'asset',
        'schedule',
        'hours',
        'in_hand',
    ];

    /** @param  iterable<stdClass>  $visits */
    public function __invoke(
        string $format,
        iterable $visits,
        string $name,
        string $title,
        DateTimeImmutable $now,
    ): StreamedResponse {
        return match ($format) {
            'ics' => $this->calendar($visits, $name, $title, $now),
            default => Table::stream($format, $name, self::COLUMNS, self::rows($visits)),
        };
    }

    /** @param  iterable<stdClass>  $visits
     * @return iterable<list<string|float|null>> */
    private static function rows(iterable $visits): iterable
    {
        foreach ($visits as $visit) {
            yield [
                $visit->planned_on,
                $visit->early_on,
                $visit->late_on,
                self::sure($visit),
                $visit->tag,
                $visit->asset,
                $visit->name,
                round($visit->minutes / 60, 2),
                $visit->in_hand,
            ];
        }
    }

    private static function sure(stdClass $visit): string
    {
        return (int) $visit->expected === 1 ? 'expected' : 'planned';
    }

    /** @param  iterable<stdClass>  $visits */
    private function calendar(
        iterable $visits,
        string $name,
        string $title,
        DateTimeImmutable $now,
    ): StreamedResponse {
        return new StreamedResponse(
            static function () use ($visits, $title, $now): void {
                $calendar = new VCalendar(['PRODID' => '-//Sundial//Outlook//EN', 'X-WR-CALNAME' => $title]);
                foreach ($visits as $visit) {
                    $day = new DateTimeImmutable($visit->planned_on);
                    $event = $calendar->createComponent('VEVENT', [
                        'UID' => "visit-{$visit->schedule_id}-{$visit->planned_on}@sundial",
                        'SUMMARY' => "{$visit->tag} {$visit->name}".((int) $visit->expected === 1 ? ' (expected)' : ''),
                        'DTSTAMP' => $now,
                    ]);
                    $event->add('DTSTART', $day, ['VALUE' => 'DATE']);
                    $event->add('DTEND', $day->modify('+1 day'), ['VALUE' => 'DATE']);
                    $event->add(
                        'DESCRIPTION',
                        "{$visit->asset}, ".
                            round($visit->minutes / 60, 2).
                            ' h'.
                            ($visit->early_on === null
                                ? ''
                                : ", between {$visit->early_on} and ".($visit->late_on ?? 'an open date')),
                    );
                    $event->add('TRANSP', 'TRANSPARENT');
                    $calendar->add($event);
                }
                echo $calendar->serialize();
            },
            200,
            [
                'Content-Type' => 'text/calendar; charset=utf-8',
                'Content-Disposition' => "attachment; filename=\"{$name}.ics\"",
            ],
        );
    }
}
