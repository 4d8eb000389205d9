<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;
use Sundial\Costing\CostKind;

/**
 * What an order cost in the system that was used before, as that system told it.
 *
 * @property int $order_id
 * @property string $on_day
 * @property int $minutes
 * @property int|null $labour_cents
 * @property int|null $parts_cents
 * @property int|null $services_cents
 */
final class FormerCost extends Record
{
    protected $table = 'former_costs';

    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'order_id';

    protected $guarded = [];

    /** @return array<string, array{int|null, int}> cents and minutes of what was told, by kind */
    public function byKind(): array
    {
        $told = [
            CostKind::Labour->value => [$this->labour_cents, $this->minutes],
            CostKind::Parts->value => [$this->parts_cents, 0],
            CostKind::Services->value => [$this->services_cents, 0],
        ];

        return array_filter($told, static fn (array $one): bool => $one[0] !== null || $one[1] > 0);
    }
}
