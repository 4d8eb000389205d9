<?php

declare(strict_types=1);

namespace App\Register\Http\Requests;

use App\Platform\Writing\FieldRules;
use App\Register\Inputs\MeterInput;
use Illuminate\Foundation\Http\FormRequest;

/** The form of a meter. */
final class MeterRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $fields = FieldRules::from(...MeterInput::columns());

        return [
            'name' => $fields->of('meter'),
            'unit' => ['required', ...$fields->of('unit')],
            'decimals' => ['required', ...$fields->of('decimals')],
            'window_days' => ['required', ...$fields->of('window_days')],
        ] +
            $fields->only('kind', 'rolls_over_at', 'expected_per_year', 'low_limit', 'high_limit', 'hysteresis');
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'rolls_over_at' => 'rollover',
            'expected_per_year' => 'expected use',
            'window_days' => 'window',
            'low_limit' => 'lower limit',
            'high_limit' => 'upper limit',
        ];
    }

    public function said(): MeterInput
    {
        /** @var array{name: string, unit: string, decimals: string, window_days: string} $given */
        $given = $this->validated();

        return MeterInput::of($given);
    }
}
