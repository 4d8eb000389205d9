<?php

declare(strict_types=1);

namespace App\Planning\Methods;

use App\Planning\Models\Method;
use Illuminate\Validation\Rule;
use Sundial\Planning\Method\AnswerKind;
use Sundial\Work\Priority;

/** How a method may be written, whether it is typed or comes in a file. */
final class MethodRules
{
    /** @return array<string, list<mixed>> */
    public static function for(?Method $method): array
    {
        $line = ['nullable', 'string', 'max:20'];

        return [
            'code' => [
                'required',
                'string',
                'max:20',
                'regex:/^\S+$/',
                Rule::unique('methods')->ignore($method?->id),
            ],
            'name' => ['required', 'string', 'max:120'],
            'class_id' => ['nullable', 'exists:equipment_classes,id'],
            'purpose' => ['nullable', 'string', 'max:5000'],
            'order_type' => ['required', 'string', 'exists:order_types,name'],
            'priority' => ['required', Rule::enum(Priority::class)],
            'ladder' => ['nullable', 'string', 'max:250'],
            'tools' => ['nullable', 'string', 'max:2000'],
            'precautions' => ['nullable', 'string', 'max:5000'],
            'parts' => ['nullable', 'string', 'max:5000'],
            'services' => ['nullable', 'string', 'max:5000'],
            'why' => ['nullable', 'string', 'max:250'],
            'steps' => ['required', 'array', 'max:200'],
            'steps.*.text' => ['required', 'string', 'max:250'],
            'steps.*.minutes' => ['nullable', 'integer', 'between:0,9999'],
            'steps.*.detail' => ['nullable', 'string', 'max:5000'],
            'steps.*.safety' => ['nullable', 'string', 'max:2000'],
            'steps.*.level' => ['nullable', 'integer', 'between:1,999'],
            'steps.*.answer' => ['nullable', Rule::enum(AnswerKind::class)],
            'steps.*.unit' => $line,
            'steps.*.low' => $line,
            'steps.*.high' => $line,
            'steps.*.choices' => ['nullable', 'string', 'max:500'],
            'steps.*.each_asset' => ['nullable'],
            'labour' => ['array', 'max:20'],
            'labour.*.trade_id' => ['required', 'exists:trades,id'],
            'labour.*.level' => ['nullable', 'integer', 'between:1,999'],
            'labour.*.people' => ['required', 'integer', 'between:1,99'],
            'labour.*.minutes' => ['required', 'integer', 'between:1,9999'],
        ];
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        return [
            'steps.required' => 'A method needs at least one step.',
            'steps.*.text.required' => 'Step :position has no text. Write what is to be done, or empty the whole line.',
            'code.regex' => 'A code is written without spaces.',
            'labour.*.trade_id.required' => 'Labour line :position names no trade that is known. Add the trade '.
                'under Setup, or correct its name.',
        ];
    }

    /** @return array<string, string> */
    public static function names(): array
    {
        return [
            'steps.*.minutes' => 'minutes of step :position',
            'steps.*.answer' => 'answer of step :position',
            'labour.*.people' => 'people of labour line :position',
            'labour.*.minutes' => 'minutes of labour line :position',
            'class_id' => 'class',
        ];
    }
}
