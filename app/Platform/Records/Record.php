<?php

declare(strict_types=1);

namespace App\Platform\Records;

use Illuminate\Database\Eloquent\Model;

/** A row of a table. */
abstract class Record extends Model
{
    use PlainRecord;
}
