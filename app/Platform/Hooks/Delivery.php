<?php

declare(strict_types=1);

namespace App\Platform\Hooks;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A message to an address, and what became of it.
 *
 * @property int $id
 * @property int $webhook_id
 * @property string $event
 * @property string $body
 * @property string $state waiting, delivered or failed
 * @property int $attempts
 * @property int|null $status
 * @property string|null $said
 * @property string $made_at
 * @property string|null $sent_at
 * @property string|null $next_at
 * @property-read Webhook $webhook
 */
final class Delivery extends Record
{
    public const WAITING = 'waiting';

    public const DELIVERED = 'delivered';

    public const FAILED = 'failed';

    public $timestamps = false;

    protected $table = 'webhook_deliveries';

    protected $guarded = [];

    /** @return BelongsTo<Webhook, $this> */
    public function webhook(): BelongsTo
    {
        return $this->belongsTo(Webhook::class);
    }
}
