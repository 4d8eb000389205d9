<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\SheetAction;
use App\Platform\Subject;
use Sundial\Access\Right;
use Sundial\Register\ShortCode;

/** On the sheet of an asset: the way to an order by hand. */
final readonly class RaiseOnAsset implements SheetAction
{
    public function kind(): string
    {
        return 'asset';
    }

    public function offer(Subject $subject): ?array
    {
        return Rights::has(Right::PlanOrders)
            ? [
                'label' => 'Raise an order',
                'href' => '/orders/new?asset='.ShortCode::of($subject->id)->code,
                'strong' => false,
            ]
            : null;
    }
}
