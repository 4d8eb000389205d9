<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\People\Queries\PeopleOf;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Work\Actions\Many\ChangeOrders;
use App\Work\Inputs\OrderSlice;
use App\Work\Table\OrderTable;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Access\Right;
use Sundial\Support\InvalidInput;
use Sundial\Work\Many\ChangeOfMany;
use Sundial\Work\Many\DayChange;
use Sundial\Work\Priority;

/** The form below the table of orders: which orders, what of them, and what it is to be. */
final class ManyOrdersRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'orders' => ['nullable', 'array', 'max:'.ChangeOrders::MOST],
            'orders.*' => ['integer'],
            'everything' => ['nullable', 'boolean'],
            'set' => ['required', 'string', 'max:80'],
            'value' => ['nullable', 'string', 'max:250'],
            'back' => ['nullable', 'string', 'max:4000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['set.required' => 'Choose what is to be changed.'];
    }

    public function what(): ChangeOfMany
    {
        return ChangeOfMany::tryFrom(explode('=', $this->validated('set'), 2)[0])
            ?? throw InvalidInput::because('unknown', 'set', 'Choose what is to be changed.');
    }

    /** @throws InvalidInput where the value is none that such a change can have */
    public function value(PeopleOf $people, CurrentSite $site): ?string
    {
        $set = explode('=', $this->validated('set'), 2);
        $typed = trim($set[1] ?? (string) $this->validated('value'));
        $refuse = static fn (string $says): never => throw InvalidInput::because('no_value', 'value', $says, $typed);
        $what = $this->what();
        $isOne = match ($what) {
            ChangeOfMany::Team => $typed === '' || OnSite::record('teams', $site->id(), 'team')->holds((int) $typed),
            ChangeOfMany::Person => $typed === '' ||
                $people->with(Right::WorkOnOwnOrders, $site->id())->contains('id', (int) $typed),
            ChangeOfMany::Priority => Priority::tryFrom($typed) !== null,
            default => true,
        };
        if (! $isOne) {
            $refuse('Choose one of those that are offered.');
        }
        if (in_array($what, [ChangeOfMany::Planned, ChangeOfMany::Due], true)) {
            DayChange::parse($typed, 'value');
        }
        if ($what === ChangeOfMany::Cancel && $typed === '') {
            $refuse('Say why they are cancelled, beside it.');
        }

        return $typed === '' ? null : $typed;
    }

    /**
     * @return list<int>
     *
     * @throws InvalidInput none, too_many, other_site
     */
    public function ids(OrderTable $table, CurrentSite $site): array
    {
        $most = ChangeOrders::MOST;
        $ids = $this->boolean('everything')
            ? $table->ids(
                $site->id(),
                $this->user(),
                OrderSlice::carried((string) $this->validated('back'), $site->today()),
                $most + 1,
            )
            : array_values(array_map(intval(...), $this->validated('orders') ?? []));
        if ($ids === [] || count($ids) > $most) {
            throw InvalidInput::because('count', 'orders', $ids === []
                ? 'Choose at least one order first.'
                : "At most {$most} orders are changed at once. Narrow the list further, and do it in parts.");
        }
        if (! OnSite::record('work_orders', $site->id(), 'order')->holds(...$ids)) {
            throw InvalidInput::because('other_site', 'orders', 'Some of these orders are not of this site.');
        }

        return $ids;
    }
}
