<?php

declare(strict_types=1);

namespace Sundial\Calendar;

/** FREQ of RFC 5545, as far as days go (hours and finer are not planned by anybody). */
enum Frequency: string
{
    case Daily = 'DAILY';
    case Weekly = 'WEEKLY';
    case Monthly = 'MONTHLY';
    case Yearly = 'YEARLY';
}
