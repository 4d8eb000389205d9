<?php

declare(strict_types=1);

namespace App\Planning\Http\Requests;

use App\Planning\Inputs\MethodInput;
use App\Planning\Methods\MethodRules;
use App\Planning\Models\Method;
use Illuminate\Foundation\Http\FormRequest;

/** The form of a method; lines of steps and labour that hold nothing are left out. */
final class MethodRequest extends FormRequest
{
    /** What stands in a line that nobody filled in. */
    private const PLAIN = ['level' => 1, 'answer' => 'tick', 'each_asset' => 0];

    protected function prepareForValidation(): void
    {
        $this->merge([
            'steps' => $this->lines('steps', static fn (array $step): bool => self::holdsWords($step)),
            'labour' => $this->lines('labour', static fn (array $line): bool => ($line['trade_id'] ?? '') !== ''),
        ]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $method = $this->route('method');

        return MethodRules::for($method instanceof Method ? $method : null);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return MethodRules::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return MethodRules::names();
    }

    public function said(): MethodInput
    {
        return MethodInput::of($this->validated());
    }

    public function staysDraft(): bool
    {
        return $this->input('as') === 'draft';
    }

    /**
     * @param  callable(array<mixed>): bool  $isFilled
     * @return list<mixed>
     */
    private function lines(string $field, callable $isFilled): array
    {
        return array_values(
            array_filter(
                (array) $this->input($field, []),
                static fn (mixed $line): bool => is_array($line) && $isFilled($line),
            ),
        );
    }

    /** @param  array<mixed>  $step */
    private static function holdsWords(array $step): bool
    {
        $words = array_filter(array_diff_key($step, self::PLAIN), is_scalar(...));

        return trim(implode('', array_map(strval(...), $words))) !== '';
    }
}
