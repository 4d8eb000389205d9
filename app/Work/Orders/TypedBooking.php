<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\People\Models\User;
use App\Platform\Sites\OnSite;
use App\Work\Actions\Booking\BookHours;
use App\Work\Models\Booking;
use App\Work\Models\WorkOrder;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\SpentOn;
use Sundial\Costing\WorkedMinutes;

/** Books hours as they were typed on the sheet of an order: one's own, or those of others for whoever may. */
final readonly class TypedBooking
{
    public function __construct(private BookHours $book)
    {
    }

    /** @param  array<string, mixed>  $typed */
    public function __invoke(User $me, WorkOrder $order, array $typed): Booking
    {
        $given = Validator::make($typed, self::rules($order->site_id), [], [
            'user_id' => 'person',
            'worked_on' => 'day',
        ])->validate();
        $person = User::query()->findOrFail((int) $given['user_id']);
        if ($person->id !== $me->id && ! $me->may(Right::WorkOnAnyOrder)) {
            throw new AuthorizationException(
                'You can book your own hours. A planner or supervisor books those of others.',
            );
        }

        return ($this->book)(
            $me->actor(),
            $order,
            $person,
            LocalDate::parse($given['worked_on'], 'worked_on'),
            WorkedMinutes::typed(
                $given['time'] ?? '',
                $given['time_half'] ?? '',
                $given['time_double'] ?? '',
                'time',
            ),
            $given['note'] ?? null,
            SpentOn::from($given['spent_on'] ?? SpentOn::Plan->value),
            OrderRows::checked($order->id, $given['row_id'] ?? null),
        );
    }

    /** @return array<string, list<mixed>> */
    private static function rules(int $siteId): array
    {
        return [
            'user_id' => ['required', OnSite::person($siteId)],
            'worked_on' => ['required', 'date_format:Y-m-d'],
            'time' => ['nullable', 'string', 'max:20'],
            'time_half' => ['nullable', 'string', 'max:20'],
            'time_double' => ['nullable', 'string', 'max:20'],
            'note' => ['nullable', 'string', 'max:250'],
            'spent_on' => ['nullable', Rule::enum(SpentOn::class)],
            'row_id' => ['nullable', 'integer'],
        ];
    }
}
