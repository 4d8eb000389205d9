<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\People\Models\User;
use App\People\Queries\PeopleOf;
use App\Work\Inputs\HoursWorked;
use App\Work\Models\WorkOrder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\Overtime;
use Sundial\Costing\WorkedMinutes;
use Sundial\Costing\WorkedTime;
use Sundial\Support\InvalidInput;

/** The grid in which hours are written: a row for each person, a column for each day. */
final class HoursRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(Overtime::class)],
            'hours' => ['required', 'array', 'max:60'],
            'hours.*' => ['array', 'max:31'],
            'hours.*.*' => ['nullable', 'string', 'max:20'],
        ];
    }

    /**
     * @return non-empty-array<string, HoursWorked> by person and day
     *
     * @throws InvalidInput nothing_typed, not_here, others
     */
    public function cells(WorkOrder $order, User $me): array
    {
        $given = $this->validated();
        $people = app(PeopleOf::class)->with(Right::WorkOnOwnOrders, $order->site_id)->keyBy('id');
        $kind = Overtime::from($given['kind']);
        $cells = [];
        foreach ($given['hours'] as $id => $days) {
            foreach ($days as $day => $typed) {
                if (trim((string) $typed) === '') {
                    continue;
                }
                $cell = "{$id}.".LocalDate::parse((string) $day, 'hours');
                $person = $people->get((int) $id) ?? throw InvalidInput::because(
                    'not_here',
                    "hours.{$cell}",
                    'Hours are booked for people who work on orders at this site.',
                );
                if ($person->id !== $me->id && ! $me->may(Right::WorkOnAnyOrder, $order->site_id)) {
                    throw InvalidInput::because(
                        'others',
                        "hours.{$cell}",
                        'You can book your own hours. A planner or supervisor books those of others.',
                    );
                }
                $cells[$cell] = new HoursWorked(
                    $person,
                    WorkedMinutes::at($kind, WorkedTime::minutes((string) $typed, "hours.{$cell}")),
                );
            }
        }

        return $cells === []
            ? throw InvalidInput::because('nothing_typed', 'hours', 'Write at least one time into the grid.')
            : $cells;
    }
}
