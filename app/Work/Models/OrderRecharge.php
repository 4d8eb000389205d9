<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;

/**
 * What somebody else is asked to pay for an order.
 *
 * @property int $order_id
 * @property string $customer
 * @property string|null $customer_order
 * @property int $discount_cents
 * @property int|null $set_cents the total as it was set by hand
 * @property string|null $set_reason
 * @property string|null $invoice
 * @property array<string, string> $references
 * @property string $who
 * @property int $version
 */
final class OrderRecharge extends Record
{
    protected $table = 'order_recharges';

    public $incrementing = false;

    protected $primaryKey = 'order_id';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'references' => '[]', 'discount_cents' => 0];

    /** @var array<string, string> */
    protected $casts = ['references' => 'array'];
}
