<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderType;
use Sundial\Work\WorkKind;

/** The plant's types of orders: those that are offered, and any by its name. */
final class OrderTypes
{
    /** @var array<string, array{OrderType, bool}>|null by name: the type, and whether it is retired */
    private ?array $all = null;

    /**
     * @param  string|null  $current  what stands there already: it is offered too, though it be retired
     * @return list<OrderType>
     */
    public function offered(?string $current = null): array
    {
        $offered = array_filter(
            $this->all(),
            static fn (array $one): bool => ! $one[1] || $one[0]->name === $current,
        );

        return array_values(array_map(static fn (array $one): OrderType => $one[0], $offered));
    }

    /** @throws InvalidInput unknown_type */
    public function named(string $name): OrderType
    {
        return $this->all()[$name][0] ?? throw InvalidInput::because(
            'unknown_type',
            'type',
            "“{$name}” is no type of orders at this plant. Choose one of those that are offered.",
            $name,
        );
    }

    /** @return array<string, array{OrderType, bool}> */
    private function all(): array
    {
        return $this->all ??= DB::table('order_types')
            ->orderBy('position')
            ->get()
            ->mapWithKeys(
                static fn ($row): array => [
                    (string) $row->name => [
                        OrderType::of((string) $row->name, WorkKind::from((string) $row->kind)),
                        (bool) $row->retired,
                    ],
                ],
            )
            ->all();
    }
}
