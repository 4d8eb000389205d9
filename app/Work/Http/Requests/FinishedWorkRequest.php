<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\People\Models\User;
use App\People\Queries\PeopleOf;
use App\Planning\Queries\OrderTypes;
use App\Platform\Sites\Site;
use App\Register\Queries\WhereByLabel;
use App\Stores\Queries\PartAsTyped;
use App\Work\Inputs\FailureWordsTyped;
use App\Work\Inputs\FinishedWork;
use App\Work\Inputs\HoursWorked;
use App\Work\Inputs\OrderInput;
use App\Work\Inputs\PartUsed;
use App\Work\Orders\FinishInput;
use App\Work\Queries\PriorityRules;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Access\Right;
use Sundial\Costing\WorkedMinutes;
use Sundial\Support\InvalidInput;
use Sundial\Work\AfterFinish;
use Sundial\Work\Failure\FailureWords;
use Sundial\Work\FinishAnswer;
use Sundial\Work\Plan\PlanText;
use Sundial\Work\Request\HowSoon;

/** The one form on which work is written down that is done already. */
final class FinishedWorkRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...FinishInput::RULES,
            ...FailureWordsTyped::rules(),
            'title' => ['required', 'string', 'max:160'],
            'asset' => ['required', 'string', 'max:200'],
            'type' => ['required', 'string', 'max:40'],
            'hours' => ['required', 'array', 'max:20'],
            'hours.*.user_id' => ['nullable', 'integer'],
            'hours.*.time' => ['nullable', 'string', 'max:20'],
            'hours.*.time_half' => ['nullable', 'string', 'max:20'],
            'hours.*.time_double' => ['nullable', 'string', 'max:20'],
            'parts' => ['nullable', 'string', 'max:5000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'title.required' => 'Say in a few words what was done.',
            'asset.required' => 'Say on which asset, or at which place, it was done: its tag.',
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['finished_at' => 'finish', ...FailureWordsTyped::attributes()];
    }

    /** @throws InvalidInput no_asset, unknown_type */
    public function order(Site $site): OrderInput
    {
        $given = $this->validated();
        $where = app(WhereByLabel::class)($site->id, $given['asset']) ?? throw InvalidInput::because(
            'no_asset',
            'asset',
            "No asset or place of this site has the tag or code “{$given['asset']}”.",
        );
        $input = OrderInput::on($where, $given['title']);

        return $input->as(
            app(OrderTypes::class)->named($given['type']),
            app(PriorityRules::class)->table()->proposed(HowSoon::CanWait, $input->asset()?->criticality),
            null,
        );
    }

    /** @throws InvalidInput */
    public function work(Site $site, User $me): FinishedWork
    {
        return new FinishedWork(
            FinishInput::typed($this->validated(), $site->zone(), FinishAnswer::ItIsRight),
            $this->hours($site, $me),
            $this->parts($site->currency),
            $this->failed(),
            $this->boolean('close') && $me->may(Right::ReopenOrders, $site->id)
                ? AfterFinish::Close
                : AfterFinish::Review,
        );
    }

    /**
     * @return list<HoursWorked>
     *
     * @throws InvalidInput not_here, others
     */
    private function hours(Site $site, User $me): array
    {
        $people = app(PeopleOf::class)->with(Right::WorkOnOwnOrders, $site->id)->keyBy('id');
        $hours = [];
        foreach ($this->validated()['hours'] as $i => $row) {
            $typed = static fn (string $kind): string => trim((string) ($row[$kind] ?? ''));
            if ($typed('time').$typed('time_half').$typed('time_double') === '') {
                continue;
            }
            $person = $people->get((int) ($row['user_id'] ?? 0)) ?? throw InvalidInput::because(
                'not_here',
                "hours.{$i}.user_id",
                'Choose somebody who works on orders at this site.',
            );
            if ($person->id !== $me->id && ! $me->may(Right::WorkOnAnyOrder, $site->id)) {
                throw InvalidInput::because(
                    'others',
                    "hours.{$i}.user_id",
                    'You can book your own hours. A planner or supervisor books those of others.',
                );
            }
            $hours[] = new HoursWorked(
                $person,
                WorkedMinutes::typed($typed('time'), $typed('time_half'), $typed('time_double'), "hours.{$i}.time"),
            );
        }

        return $hours;
    }

    /**
     * @return list<PartUsed>
     *
     * @throws InvalidInput no_part
     */
    private function parts(string $currency): array
    {
        $find = app(PartAsTyped::class);
        $used = [];
        foreach (PlanText::parts((string) ($this->validated()['parts'] ?? '')) as $line) {
            $part = $find($line->words) ?? throw InvalidInput::because(
                'no_part',
                'parts',
                "The catalogue has no part “{$line->words}”. Correct the line, or book what was bought on the order.",
            );
            $used[] = PartUsed::ofPart($part, $line->thousandths, $currency);
        }

        return $used;
    }

    /** @throws InvalidInput missing */
    private function failed(): ?FailureWords
    {
        $given = $this->validated();
        if (trim((string) ($given['none_because'] ?? '')) !== '') {
            return FailureWords::none((string) $given['none_because']);
        }
        $words = FailureWordsTyped::of($given);

        return array_filter($words) === [] ? null : FailureWords::of($words);
    }
}
