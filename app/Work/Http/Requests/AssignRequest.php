<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\People\Queries\PeopleOf;
use App\Platform\Sites\OnSite;
use App\Work\Inputs\Assignment;
use App\Work\Models\WorkOrder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** The form that says who does an order, and when. */
final class AssignRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(PeopleOf $people): array
    {
        $order = $this->route('order');
        $siteId = $order instanceof WorkOrder ? $order->site_id : 0;

        return [
            'team_id' => ['nullable', OnSite::record('teams', $siteId, 'team')],
            'assignee_id' => [
                'nullable',
                'integer',
                Rule::in($people->with(Right::WorkOnOwnOrders, $siteId)->pluck('id')),
            ],
            'planned_on' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['assignee_id.in' => 'Choose somebody who works on orders at this site.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['team_id' => 'team', 'assignee_id' => 'person', 'planned_on' => 'planned day'];
    }

    public function said(): Assignment
    {
        $given = $this->validated();

        return new Assignment(
            isset($given['team_id']) ? (int) $given['team_id'] : null,
            isset($given['assignee_id']) ? (int) $given['assignee_id'] : null,
            isset($given['planned_on']) ? LocalDate::parse($given['planned_on'], 'planned_on') : null,
        );
    }
}
