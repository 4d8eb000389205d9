<?php

declare(strict_types=1);

namespace App\Stops\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Sundial\Calendar\LocalDate;
use Sundial\Stops\ShiftPattern;
use Sundial\Stops\ShiftTurn;
use Sundial\Support\InvalidInput;

/** The form of the shifts of a line from a day on. */
final class PatternRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'from_on' => ['required', 'date_format:Y-m-d'],
            'turns' => ['required', 'array', 'max:8'],
            'turns.*.name' => ['nullable', 'string', 'max:40'],
            'turns.*.times' => ['nullable', 'string', 'max:30'],
            'turns.*.breaks' => ['nullable', 'string', 'max:120'],
            'turns.*.weekdays' => ['nullable', 'array', 'max:7'],
            'turns.*.weekdays.*' => ['integer', 'between:1,7'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['from_on' => 'day', 'turns' => 'shifts'];
    }

    public function from(): LocalDate
    {
        return LocalDate::parse($this->validated()['from_on']);
    }

    /** Rows that hold nothing are left away. */
    public function pattern(): ShiftPattern
    {
        $turns = [];
        foreach ($this->validated()['turns'] as $i => $turn) {
            if (trim(($turn['name'] ?? '').($turn['times'] ?? '')) === '') {
                continue;
            }
            try {
                $turns[] = ShiftTurn::of(
                    $turn['name'] ?? '',
                    $turn['times'] ?? '',
                    $turn['breaks'] ?? '',
                    array_values(array_map(intval(...), $turn['weekdays'] ?? [])),
                );
            } catch (InvalidInput $e) {
                throw InvalidInput::because($e->cause(), "turns.{$i}.{$e->field()}", $e->getMessage(), $e->value);
            }
        }
        $pattern = ShiftPattern::of(...$turns);

        return $this->boolean('stands_on_holidays') ? $pattern->standingOnHolidays() : $pattern;
    }
}
