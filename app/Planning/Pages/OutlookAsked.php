<?php

declare(strict_types=1);

namespace App\Planning\Pages;

use App\Planning\Queries\OutlookQuery;
use App\Platform\Subject;
use Sundial\Calendar\LocalDate;

/** Which outlook is asked for: of what, from when to when, of which class and team, and after which visit. */
final readonly class OutlookAsked
{
    /**
     * @param  array{class: int|null, team: int|null}  $only
     * @param  array{string, int}|null  $after  the day and the schedule of the last visit that was seen
     */
    public function __construct(
        public Subject $subject,
        public string $about,
        public LocalDate $from,
        public LocalDate $to,
        public string $reach,
        public array $only,
        public ?array $after,
        public OutlookAddress $address,
    ) {
    }

    /** How long each stretch of it is: a week, or a month. */
    public function by(): string
    {
        return OutlookQuery::REACH[$this->reach][1];
    }
}
