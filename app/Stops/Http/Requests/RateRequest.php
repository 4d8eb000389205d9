<?php

declare(strict_types=1);

namespace App\Stops\Http\Requests;

use App\Stops\Models\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Sundial\Calendar\LocalDate;

/** The form of the ideal time of a line for one piece of a product. */
final class RateRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $line = $this->route('plantLine');

        return [
            'product_id' => [
                'required',
                'integer',
                Rule::exists('products', 'id')->where('site_id', $line instanceof Line ? $line->site_id : 0),
            ],
            'rate_from' => ['required', 'date_format:Y-m-d'],
            'ideal' => ['required', 'string', 'max:16', 'regex:/^\d{1,8}([.,]\d{1,6})?$/D'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['product_id' => 'product', 'rate_from' => 'day', 'ideal' => 'seconds'];
    }

    public function productId(): int
    {
        return (int) $this->validated()['product_id'];
    }

    public function from(): LocalDate
    {
        return LocalDate::parse($this->validated()['rate_from']);
    }

    public function seconds(): string
    {
        return str_replace(',', '.', $this->validated()['ideal']);
    }
}
