<?php

declare(strict_types=1);

namespace App\Stops\Http\Requests;

use App\Stops\Inputs\ProductInput;
use Illuminate\Foundation\Http\FormRequest;

/** The form of a product. */
final class ProductRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'number' => ['required', 'string', 'max:40'],
            'name' => ['required', 'string', 'max:120'],
            'unit' => ['required', 'string', 'max:12'],
            'version' => ['nullable', 'integer'],
        ];
    }

    public function said(): ProductInput
    {
        $given = $this->validated();

        return new ProductInput(
            trim($given['number']),
            trim($given['name']),
            trim($given['unit']),
            $this->route('product') !== null && ! $this->boolean('in_use'),
        );
    }
}
