<?php

declare(strict_types=1);

namespace App\Stores\Http\Requests;

use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Stores\Inputs\LotsTyped;
use App\Stores\Inputs\Repaired;
use App\Stores\Inputs\SecondPerson;
use App\Stores\Inputs\SentForRepair;
use App\Stores\Models\Part;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;

/** The forms with which pieces are sent for repair and taken back. */
final class RepairRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(CurrentSite $site): array
    {
        $sends = $this->routeIs('stores.repairs.send') ? 'required' : 'nullable';

        return [
            'store_id' => [$sends, OnSite::record('stores', $site->id(), 'store')],
            'quantity' => [$sends, 'string', 'max:20'],
            'supplier_id' => ['nullable', 'integer', 'exists:suppliers,id'],
            'expected_on' => ['nullable', 'date_format:Y-m-d'],
            'came_off' => ['nullable', 'string', 'max:200'],
            'lots' => ['nullable', 'string', 'max:4000'],
            'mended_lots' => ['nullable', 'string', 'max:4000'],
            'mended' => ['nullable', 'string', 'max:20'],
            'beyond' => ['nullable', 'string', 'max:20'],
            'cost' => ['nullable', 'string', 'max:20'],
            'note' => ['nullable', 'string', 'max:250'],
            'second_id' => ['nullable', OnSite::person($site->id())],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'store_id' => 'store',
            'supplier_id' => 'who repairs it',
            'expected_on' => 'day',
            'second_id' => 'second person',
        ];
    }

    public function storeId(): int
    {
        return (int) $this->validated()['store_id'];
    }

    /** @throws InvalidInput */
    public function many(Part $part, string $field): int
    {
        $typed = trim((string) ($this->validated()[$field] ?? ''));

        return $typed === '' ? 0 : $part->typed($typed, null, $field);
    }

    public function sent(): SentForRepair
    {
        $given = $this->validated();
        $cameOff = trim((string) ($given['came_off'] ?? ''));

        return new SentForRepair(
            isset($given['supplier_id']) ? (int) $given['supplier_id'] : null,
            isset($given['expected_on']) ? LocalDate::parse($given['expected_on']) : null,
            $cameOff === '' ? null : $cameOff,
            LotsTyped::of($given['lots'] ?? null),
        );
    }

    /** @throws InvalidInput */
    public function back(Part $part): Repaired
    {
        $given = $this->validated();
        $cost = trim((string) ($given['cost'] ?? ''));

        return new Repaired(
            $this->many($part, 'mended'),
            $this->many($part, 'beyond'),
            $cost === '' ? 0 : Money::parse($cost, 'cost'),
            LotsTyped::of($given['mended_lots'] ?? null),
            $given['note'] ?? null,
            SecondPerson::in($given),
        );
    }
}
