<?php

declare(strict_types=1);

namespace App\Stores\Http\Requests;

use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Stores\Models\Store;
use App\Stores\Queries\StockToCount;
use Illuminate\Foundation\Http\FormRequest;

/** The form of a new count: which parts of which store. */
final class CountRequest extends FormRequest
{
    private const MOST = 400;

    /** @return array<string, list<mixed>> */
    public function rules(CurrentSite $site): array
    {
        return [
            'store_id' => ['required', OnSite::record('stores', $site->id(), 'store')],
            'which' => ['required', 'in:due,bins,all'],
            'bins' => ['required_if:which,bins', 'nullable', 'string', 'max:20'],
            'most' => ['nullable', 'integer', 'between:1,'.self::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['bins.required_if' => 'Say with what the bins begin: C, or C-1.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['store_id' => 'store', 'most' => 'number of parts'];
    }

    public function store(): Store
    {
        return Store::query()->findOrFail((int) $this->validated()['store_id']);
    }

    public function about(): string
    {
        return match ($this->validated()['which']) {
            'due' => "due in {$this->store()->name}",
            'bins' => "bins {$this->validated()['bins']} of {$this->store()->name}",
            default => "all of {$this->store()->name}",
        };
    }

    /** @return list<int> */
    public function stockIds(int $siteId): array
    {
        $given = $this->validated();
        $store = (int) $given['store_id'];
        $most = (int) ($given['most'] ?? self::MOST);
        $stock = app(StockToCount::class);

        return $given['which'] === 'due'
            ? $stock->due($siteId, $store, $most)
            : $stock->bins($store, $given['which'] === 'bins' ? (string) $given['bins'] : '', $most);
    }
}
