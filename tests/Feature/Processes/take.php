<?php

declare(strict_types=1);

/* Somebody who takes one of a part for an order. Prints that it is taken, or why it is not. */

use App\Platform\Audit\Actor;
use App\Stores\Models\Part;
use App\Work\Actions\Booking\UsePart;
use App\Work\Inputs\PartUsed;
use App\Work\Models\WorkOrder;
use Illuminate\Contracts\Console\Kernel;
use Sundial\Support\InvalidInput;

require 'vendor/autoload.php';
$app = require 'bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
[, $order, $part] = $argv;
try {
    $app->make(UsePart::class)(
        Actor::sundial(),
        WorkOrder::query()->findOrFail((int) $order),
        PartUsed::ofPart(Part::query()->findOrFail((int) $part), 1000, 'EUR'),
    );
    echo 'taken';
} catch (InvalidInput $e) {
    echo $e->getMessage();
}
