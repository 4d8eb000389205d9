<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Work\Inputs\FoundOn;
use App\Work\Inputs\OrderInput;
use App\Work\Inputs\ReportInput;
use App\Work\Models\WorkOrder;
use App\Work\Queries\PriorityRules;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Support\TextLines;
use Sundial\Work\OrderType;
use Sundial\Work\Request\HowSoon;

/** The form with which something is reported that was found during the work on an order. */
final class FoundRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'found_what' => ['required', 'string', 'max:1000'],
            'found_soon' => ['required', Rule::enum(HowSoon::class)],
            'found_step' => ['nullable', 'integer', 'between:1,9999'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['found_what.required' => 'Say what was found.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['found_what' => 'what you found', 'found_soon' => 'how soon', 'found_step' => 'step'];
    }

    /**
     * On the asset of the step, or of the order.
     *
     * @throws InvalidInput no_step
     */
    public function said(WorkOrder $order, string $who): ReportInput
    {
        [$where, $found] = $this->found($order);

        return ReportInput::of($where, null, $this->validated()['found_what'], $who)
            ->wanted(HowSoon::from($this->validated()['found_soon']))
            ->foundOn($found);
    }

    /**
     * The same as an order at once, as urgent as the plant's table says.
     *
     * @throws InvalidInput no_step
     */
    public function order(WorkOrder $order, LocalDate $today): OrderInput
    {
        [$where, $found] = $this->found($order);
        $what = $this->validated()['found_what'];
        $table = app(PriorityRules::class)->table();
        $priority = $table->proposed(
            HowSoon::from($this->validated()['found_soon']),
            $where instanceof Asset ? $where->criticality : null,
        );

        return OrderInput::on($where, TextLines::of($what)[0] ?? $what, $what)
            ->as(OrderType::corrective(), $priority, $table->due($priority, $today))
            ->foundOn($found);
    }

    /**
     * @return array{Asset|Location, FoundOn} where it is, and during what it was found
     *
     * @throws InvalidInput no_step
     */
    private function found(WorkOrder $order): array
    {
        $given = $this->validated();
        $position = isset($given['found_step']) ? (int) $given['found_step'] : null;
        $step = $position === null ? null : $order->steps()->with('asset')->where('position', $position)->first();
        if ($position !== null && $step === null) {
            throw InvalidInput::because('no_step', 'found_step', 'This order has no such step.');
        }

        return [$step->asset ?? $order->worksite(), new FoundOn($order, $position)];
    }
}
