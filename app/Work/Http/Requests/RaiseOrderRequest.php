<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\People\Queries\PeopleOf;
use App\Planning\Models\Method;
use App\Planning\Queries\OrderTypes;
use App\Planning\Queries\PlanningLists;
use App\Platform\Sites\OnSite;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Register\Queries\WhereByLabel;
use App\Work\Inputs\Assignment;
use App\Work\Inputs\OrderInput;
use App\Work\Models\WorkOrder;
use App\Work\Queries\OrderByLabel;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\Priority;

/** The form from which an order is raised: by hand, or when a request is accepted. */
final class RaiseOrderRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'asset' => ['nullable', 'string', 'max:200'],
            'tag' => ['nullable', 'string', 'max:40'],
            'title' => ['required', 'string', 'max:160'],
            'about' => ['nullable', 'string', 'max:5000'],
            'type' => ['required', 'string', 'max:40'],
            'priority' => ['required', Rule::enum(Priority::class)],
            'due_on' => ['nullable', 'date_format:Y-m-d'],
            'method_id' => ['nullable', 'integer', 'exists:methods,id'],
            'team_id' => ['nullable', 'integer'],
            'assignee_id' => ['nullable', 'integer'],
            'former' => ['nullable', 'string', 'max:20'],
            'repeats' => ['nullable', 'string', 'max:20'],
            'requests' => ['nullable', 'array', 'max:40'],
            'requests.*' => ['integer'],
            'schedules' => ['nullable', 'array', 'max:40'],
            'schedules.*' => ['integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['title.required' => 'Say in a few words what is to be done.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'due_on' => 'due day',
            'method_id' => 'method',
            'team_id' => 'team',
            'assignee_id' => 'person',
            'former' => 'former order',
        ];
    }

    /**
     * @param  Asset|Location|null  $where  what it is on where nothing is named
     *
     * @throws InvalidInput no_asset, other_site
     */
    public function said(int $siteId, Asset|Location|null $where): OrderInput
    {
        $given = $this->validated();
        // Programs name it by its tag, as they do everywhere.
        $named = trim((string) ($given['asset'] ?? ($given['tag'] ?? '')));
        $on = $named === '' ? $where : app(WhereByLabel::class)($siteId, $named);
        if ($on === null) {
            throw InvalidInput::because(
                'no_asset',
                'asset',
                $named === ''
                    ? 'Say on which asset, or at which place, it is done: its tag.'
                    : "No asset or place of this site has the tag or code “{$named}”.",
            );
        }
        $due = isset($given['due_on']) ? LocalDate::parse($given['due_on'], 'due_on') : null;

        return OrderInput::on($on, $given['title'], $given['about'] ?? null)
            ->as(app(OrderTypes::class)->named($given['type']), Priority::from($given['priority']), $due)
            ->for($this->assignment($siteId, $due))
            ->by($this->planned())
            ->like($this->former($siteId, 'former'))
            ->repeating($this->former($siteId, 'repeats'));
    }

    private function assignment(int $siteId, ?LocalDate $due): Assignment
    {
        $given = $this->validated();
        $team = isset($given['team_id']) ? (int) $given['team_id'] : null;
        $person = isset($given['assignee_id']) ? (int) $given['assignee_id'] : null;
        if ($team !== null && ! OnSite::record('teams', $siteId, 'team')->holds($team)) {
            throw InvalidInput::because('other_site', 'team_id', 'Choose a team of this site.');
        }
        $works = app(PeopleOf::class)->with(Right::WorkOnOwnOrders, $siteId)->pluck('id')->all();
        if ($person !== null && ! in_array($person, $works, true)) {
            throw InvalidInput::because(
                'other_site',
                'assignee_id',
                'Choose somebody who works on orders at this site.',
            );
        }

        return new Assignment($team, $person, $due);
    }

    /** @return list<int> what was ticked to be taken into the order: 'requests', 'schedules' */
    public function ticked(string $what): array
    {
        return array_values(array_map(intval(...), $this->validated()[$what] ?? []));
    }

    /** @throws InvalidInput no_order */
    private function former(int $siteId, string $field): ?WorkOrder
    {
        $typed = trim((string) ($this->validated()[$field] ?? ''));

        return $typed === ''
            ? null
            : app(OrderByLabel::class)($siteId, $typed) ?? throw InvalidInput::because(
                'no_order',
                $field,
                "This site has no order “{$typed}”.",
            );
    }

    private function planned(): ?Method
    {
        $id = $this->validated()['method_id'] ?? null;

        return $id === null ? null : app(PlanningLists::class)->method((int) $id);
    }
}
