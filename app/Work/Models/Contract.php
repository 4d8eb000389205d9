<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\People\Models\Supplier;
use App\People\Models\User;
use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Work\Contract\ContractState;

/**
 * An order to a contractor: what was agreed in the plan of our order, who looks after them, and what they reported.
 *
 * @property int $id
 * @property int $order_id
 * @property int $site_id
 * @property int $supplier_id
 * @property int $host_id who looks after them on the site
 * @property ContractState $state
 * @property string|null $note
 * @property string $secret_hash of the address by which they report
 * @property string $who
 * @property string $ordered_on
 * @property string|null $report
 * @property string|null $reporter
 * @property int|null $minutes that their people worked, together
 * @property string|null $reported_at
 * @property string|null $accepted_on
 * @property string|null $accepted_who
 * @property-read Supplier $supplier
 * @property-read User $host
 * @property-read WorkOrder $order
 */
final class Contract extends Record
{
    protected $table = 'contracts';

    public $timestamps = false;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['state' => ContractState::class];

    public function label(): string
    {
        return "K-{$this->id}";
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<User, $this> */
    public function host(): BelongsTo
    {
        return $this->belongsTo(User::class, 'host_id');
    }

    /** @return BelongsTo<WorkOrder, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(WorkOrder::class, 'order_id');
    }
}
