<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;
use Sundial\Costing\SpentOn;

/**
 * What an outside service cost: never edited; a counter-entry takes it back.
 *
 * @property int $id
 * @property int $order_id
 * @property int|null $row_id the asset of the order on which it was; null: all of them
 * @property SpentOn $spent_on
 * @property int|null $line_id the planned line that it answers
 * @property int|null $supplier_id
 * @property string $what
 * @property int $cents
 * @property string|null $invoice
 * @property string $booked_on
 * @property string $who
 * @property string $noted_at
 */
final class ServiceBooking extends Record
{
    protected $table = 'service_bookings';

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['spent_on' => 'plan'];

    /** @var array<string, string> */
    protected $casts = ['spent_on' => SpentOn::class];
}
