<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\Platform\Audit\Actor;
use App\Work\Inputs\HoursWorked;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** Books the hours of several people on several days: all of them, or none. */
final readonly class BookMany
{
    public function __construct(private BookHours $book)
    {
    }

    /**
     * @param  array<string, HoursWorked>  $hours  by person and day, such as "7.2026-03-18"
     * @return int minutes in all
     */
    public function __invoke(Actor $by, WorkOrder $order, array $hours): int
    {
        return DB::transaction(function () use ($by, $order, $hours): int {
            $minutes = 0;
            foreach ($hours as $cell => $one) {
                $day = LocalDate::parse(explode('.', $cell, 2)[1]);
                try {
                    $minutes += ($this->book)($by, $order, $one->person, $day, $one->minutes)->minutes;
                } catch (InvalidInput $e) {
                    throw InvalidInput::because($e->cause(), "hours.{$cell}", $e->getMessage(), $e->value);
                }
            }

            return $minutes;
        });
    }
}
