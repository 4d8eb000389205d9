<?php

declare(strict_types=1);

namespace App\Planning\Pages;

use Sundial\Planning\Visit\Nearness;

/** What the sheet of a schedule shows beside the schedule itself, in words. */
final readonly class ScheduleShown
{
    /**
     * @param  Nearness|null  $near  how near its next visit is; null where it makes no orders or has no date
     * @param  int|null  $consumed  thousandths of its interval that have passed
     * @param  int|null  $other  the same of the trigger that does not lead
     * @param  int|null  $lead  thousandths after which its order is made
     * @param  bool  $going  it has not ended and nothing holds it up
     * @param  string|null  $day  the day of its next visit: about Thu 26 Mar
     * @param  string  $order  when its order is made, a sentence; nothing where one covers it
     * @param  string|null  $onTime  from when to when it is on time
     * @param  string|null  $pause  what is said of a pause: how long, and why
     * @param  string  $first  which of its triggers comes first, where there are two
     * @param  string  $toMeter  the words that lead to its meter
     * @param  list<array{day: string, level: string|null, between: string|null, made: string}>  $then  those after it
     * @param  list<array{string, string, string|null}>  $facts  what was agreed: name, words, address
     * @param  list<array{number: int, level: string, planned: string, became: string, why: string|null,
     *     label: string|null}>  $past
     * @param  string|null  $moveHint  how far its next visit may be moved; null where it cannot
     * @param  string  $countFrom  the day that "count from here" offers
     */
    public function __construct(
        public ?Nearness $near,
        public ?int $consumed,
        public ?int $other,
        public ?int $lead,
        public bool $going,
        public ?string $day,
        public ?string $level,
        public string $order,
        public ?string $onTime,
        public ?string $pause,
        public bool $isPaused,
        public string $first,
        public string $toMeter,
        public ?string $weekday,
        public array $then,
        public array $facts,
        public array $past,
        public ?string $moveHint,
        public string $countFrom,
        public bool $hasLadder,
    ) {
    }
}
