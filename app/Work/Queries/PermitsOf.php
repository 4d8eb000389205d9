<?php

declare(strict_types=1);

namespace App\Work\Queries;

use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Isolation\Permits;

/** The kinds of permits that the plant knows, and those that an order needs before it starts. */
final readonly class PermitsOf
{
    public function needed(int $orderId): Permits
    {
        return Permits::needed(
            array_values(
                DB::table('order_permits')
                    ->where('order_id', $orderId)
                    ->orderBy('permit')
                    ->pluck('permit')
                    ->all(),
            ),
        );
    }

    /** @return list<string> those that are offered */
    public function offered(): array
    {
        return array_values(
            DB::table('permit_kinds')->where('retired', false)->orderBy('position')->pluck('name')->all(),
        );
    }

    /** @throws InvalidInput unknown_permit */
    public function known(string $name): string
    {
        return DB::table('permit_kinds')->where('name', $name)->exists()
            ? $name
            : throw InvalidInput::because(
                'unknown_permit',
                'permit',
                "“{$name}” is no permit of this plant. Choose one of those that are offered.",
                $name,
            );
    }
}
