<?php

declare(strict_types=1);

namespace App\Planning\Http\Requests;

use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Schedule;
use App\Planning\Queries\PlanningLists;
use App\Planning\Schedules\ScheduleFields;
use App\Platform\Writing\Typed;
use App\Register\Models\Asset;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Calendar\LocalDate;

/** The form of a schedule; one without a name is called as its method. */
final class ScheduleRequest extends FormRequest
{
    protected function prepareForValidation(): void
    {
        if (trim(Typed::word($this, 'name')) === '' && $this->filled('method_id')) {
            $this->merge(['name' => app(PlanningLists::class)->methodName($this->integer('method_id'))]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $on = $this->route('asset') ?? $this->route('schedule');
        $siteId = $on instanceof Asset || $on instanceof Schedule ? $on->site_id : 0;

        return ScheduleFields::rules($siteId) + ['from_on' => ['nullable', 'date_format:Y-m-d']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ScheduleFields::MESSAGES;
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ScheduleFields::names() + ['from_on' => 'day of the change'];
    }

    public function said(): ScheduleInput
    {
        return ScheduleInput::of(array_diff_key(
            $this->validated(),
            ['also' => 1, 'stagger' => 1, 'from_on' => 1],
        ));
    }

    /** @return list<int> further assets that get one of their own */
    public function others(): array
    {
        $given = $this->validated();

        return isset($given['round_id']) ? [] : array_map(intval(...), array_values($given['also'] ?? []));
    }

    /** Days between the first dates of several. */
    public function stagger(): int
    {
        return (int) ($this->validated()['stagger'] ?? 0);
    }

    /** The day from which a change holds; null: at once. */
    public function from(): ?LocalDate
    {
        $day = $this->validated()['from_on'] ?? null;

        return $day === null ? null : LocalDate::parse($day, 'from_on');
    }
}
