<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Work\Inputs\FoundOn;
use App\Work\Inputs\ReportInput;
use App\Work\Models\WorkOrder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Sundial\Support\InvalidInput;
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
        $given = $this->validated();
        $position = isset($given['found_step']) ? (int) $given['found_step'] : null;
        $step = $position === null ? null : $order->steps()->with('asset')->where('position', $position)->first();
        if ($position !== null && $step === null) {
            throw InvalidInput::because('no_step', 'found_step', 'This order has no such step.');
        }

        return ReportInput::of($step->asset ?? $order->worksite(), null, $given['found_what'], $who)
            ->wanted(HowSoon::from($given['found_soon']))
            ->foundOn(new FoundOn($order, $position));
    }
}
