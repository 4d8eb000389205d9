<?php

declare(strict_types=1);

namespace App\Stops\Models;

use App\Platform\Records\Record;
use Sundial\Stops\ShiftPattern;
use Sundial\Stops\ShiftTurn;

/**
 * The shifts of a line from a day on.
 *
 * @property int $id
 * @property int $line_id
 * @property string $from_on
 * @property list<array{name: string, times: string, breaks: string, weekdays: list<int>}> $turns
 * @property bool $stands_on_holidays
 */
final class LinePattern extends Record
{
    protected $guarded = [];

    public $timestamps = false;

    protected $table = 'line_patterns';

    /** @var array<string, string> */
    protected $casts = ['turns' => 'array', 'stands_on_holidays' => 'bool'];

    /** "early 06:00-14:00; late 14:00-22:00". */
    public function words(): string
    {
        $turns = array_map(static fn (array $one): string => "{$one['name']} {$one['times']}", $this->turns);

        return implode('; ', $turns).($this->stands_on_holidays ? '; not on days of rest' : '');
    }

    public function pattern(): ShiftPattern
    {
        $pattern = ShiftPattern::of(...array_map(
            static fn (array $one): ShiftTurn => ShiftTurn::of(
                $one['name'],
                $one['times'],
                $one['breaks'],
                $one['weekdays'],
            ),
            $this->turns,
        ));

        return $this->stands_on_holidays ? $pattern->standingOnHolidays() : $pattern;
    }
}
