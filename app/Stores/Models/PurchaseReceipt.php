<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\Platform\Records\Record;

/**
 * What came of a line of a purchase, and was kept or sent back: never edited.
 *
 * @property int $id
 * @property int $site_id
 * @property int $purchase_id
 * @property int $line_id
 * @property string $quantity
 * @property string $outcome
 * @property string $price
 * @property int $variance_cents above 0: it cost more than was agreed
 * @property string|null $note
 * @property int|null $move_id
 * @property string $received_on
 * @property string $who
 */
final class PurchaseReceipt extends Record
{
    protected $table = 'purchase_receipts';

    public $timestamps = false;

    protected $guarded = [];
}
