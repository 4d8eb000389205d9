<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;
use App\Register\Models\Asset;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sundial\Work\Isolation\Isolation;
use Sundial\Work\Isolation\IsolationMove;
use Sundial\Work\Isolation\IsolationState;

/**
 * The isolation of an asset, or a permit, behind which one or several orders are worked.
 *
 * @property int $id
 * @property int $site_id
 * @property int $number
 * @property int $asset_id
 * @property string|null $permit the kind of a permit; null: an isolation
 * @property string $points what is locked or demanded, a line each
 * @property IsolationState $state
 * @property string $valid_until
 * @property string $issued_at
 * @property int|null $issued_by
 * @property string $issued_who
 * @property int $version
 * @property-read Asset $asset
 * @property-read Collection<int, IsolationEvent> $events
 * @property-read Collection<int, WorkOrder> $orders
 */
final class OrderIsolation extends Record
{
    protected $table = 'isolations';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    /** @var array<string, string> */
    protected $casts = ['state' => IsolationState::class];

    public function label(): string
    {
        return "I-{$this->number}";
    }

    public function standing(): Isolation
    {
        return Isolation::standing(
            $this->state,
            new DateTimeImmutable($this->valid_until, new DateTimeZone('UTC')),
        );
    }

    /** @return list<IsolationMove> what can be done with it now */
    public function moves(): array
    {
        return IsolationMove::outOf($this->state);
    }

    /** @return BelongsTo<Asset, $this> */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class);
    }

    /** @return HasMany<IsolationEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(IsolationEvent::class, 'isolation_id')->orderBy('id');
    }

    /** @return BelongsToMany<WorkOrder, $this> */
    public function orders(): BelongsToMany
    {
        return $this->belongsToMany(WorkOrder::class, 'isolation_orders', 'isolation_id', 'order_id');
    }
}
