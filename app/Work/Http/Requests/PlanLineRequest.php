<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Platform\Sites\Site;
use App\Stores\Queries\PartAsTyped;
use App\Work\Inputs\Contracted;
use App\Work\Inputs\PlanLine;
use App\Work\Models\OrderAsset;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderRows;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\HourlyRate;
use Sundial\Costing\UnitPrice;
use Sundial\Costing\WorkedTime;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;
use Sundial\Work\Plan\PartSource;

/** The form of a line of an order's plan: a step, labour, a part or a service. */
final class PlanLineRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return match ($this->route('line')) {
            'step' => [
                'text' => ['required', 'string', 'max:250'],
                'step_time' => ['nullable', 'string', 'max:20'],
            ],
            'labour' => [
                'trade_id' => ['required', 'integer', 'exists:trades,id'],
                'people' => ['required', 'integer', 'between:1,99'],
                'labour_time' => ['required', 'string', 'max:20'],
                'contractor_id' => ['nullable', 'integer', 'exists:suppliers,id'],
                'agreed_rate' => ['required_with:contractor_id', 'nullable', 'string', 'max:20'],
                'agreement' => ['nullable', 'string', 'max:60'],
                'agreed_until' => ['nullable', 'date_format:Y-m-d'],
                'for_step' => ['nullable', 'integer', 'between:1,9999'],
            ],
            'part' => [
                'part' => ['required', 'string', 'max:120'],
                'part_quantity' => ['required', 'string', 'max:20'],
                'source' => ['required', Rule::enum(PartSource::class)],
                'part_price' => ['nullable', 'string', 'max:20'],
                'part_step' => ['nullable', 'integer', 'between:1,9999'],
                'part_row' => ['nullable', 'integer'],
            ],
            default => [
                'service' => ['required', 'string', 'max:200'],
                'supplier_id' => ['nullable', 'integer', 'exists:suppliers,id'],
                'amount' => ['nullable', 'string', 'max:20'],
            ],
        };
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'text.required' => 'Say what is to be done.',
            'part.required' => 'Give a part number, or say what is bought in.',
            'service.required' => 'Say what somebody else is to do.',
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'step_time' => 'time',
            'labour_time' => 'time of each',
            'contractor_id' => 'contractor',
            'agreed_rate' => 'agreed rate',
            'agreed_until' => 'valid until',
            'for_step' => 'step',
            'part_step' => 'step',
            'part_row' => 'asset',
            'trade_id' => 'trade',
            'part_quantity' => 'quantity',
            'part_price' => 'price',
        ];
    }

    /** @throws InvalidInput */
    public function line(Site $site): PlanLine
    {
        $given = $this->validated();

        return match ($this->route('line')) {
            'step' => PlanLine::step($given['text'], self::time($given['step_time'] ?? '', 'step_time')),
            'labour' => PlanLine::labour(
                (int) $given['trade_id'],
                (int) $given['people'],
                self::time($given['labour_time'], 'labour_time'),
                self::contracted($given),
            )->forStep(self::step($given['for_step'] ?? null)),
            'part' => $this->part($given, $site)
                ->forStep(self::step($given['part_step'] ?? null))
                ->forAsset($this->asset($given['part_row'] ?? null)),
            default => PlanLine::service(
                $given['service'],
                isset($given['supplier_id']) ? (int) $given['supplier_id'] : null,
                $given['amount'] ?? null,
            ),
        };
    }

    /**
     * @param  array<string, mixed>  $given
     *
     * @throws InvalidInput unless the rate is one
     */
    private static function contracted(array $given): ?Contracted
    {
        if (! isset($given['contractor_id'])) {
            return null;
        }
        try {
            $rate = HourlyRate::parse(str_replace(',', '.', (string) $given['agreed_rate']));
        } catch (InvalidInput $e) {
            throw InvalidInput::because($e->cause(), 'agreed_rate', $e->getMessage(), $e->value);
        }

        return new Contracted(
            (int) $given['contractor_id'],
            $rate,
            $given['agreement'] ?? null,
            isset($given['agreed_until']) ? LocalDate::parse($given['agreed_until'], 'agreed_until') : null,
        );
    }

    /** @param  array<string, mixed>  $given */
    private function part(array $given, Site $site): PlanLine
    {
        $part = app(PartAsTyped::class)($given['part']);
        $quantity = Quantity::parse($given['part_quantity'], 'part_quantity');
        $source = PartSource::from($given['source']);
        if ($part === null && $source === PartSource::FromStore) {
            throw InvalidInput::because(
                'no_part',
                'part',
                "The catalogue has no part “{$given['part']}”. Choose another number, or have it bought in.",
            );
        }
        if ($part?->retired) {
            throw InvalidInput::because(
                'retired_part',
                'part',
                "{$part->number} is not ordered any more. Choose another part.",
            );
        }
        $price = trim((string) ($given['part_price'] ?? ''));

        return $part === null
            ? PlanLine::boughtIn(
                $given['part'],
                $quantity,
                $price === '' ? null : UnitPrice::parse($price, 'part_price'),
            )
            : PlanLine::part($part, $quantity, $source, $site->currency);
    }

    /** The asset of a row of the order. */
    private function asset(mixed $sent): ?int
    {
        $order = $this->route('order');
        $row = $order instanceof WorkOrder ? OrderRows::checked($order->id, $sent) : null;
        $asset = $row === null ? null : OrderAsset::query()->whereKey($row)->value('asset_id');

        return $asset === null ? null : (int) $asset;
    }

    private static function step(mixed $typed): ?int
    {
        return $typed === null ? null : (int) $typed;
    }

    private static function time(string $typed, string $field): int
    {
        return trim($typed) === '' ? 0 : WorkedTime::minutes($typed, $field);
    }
}
