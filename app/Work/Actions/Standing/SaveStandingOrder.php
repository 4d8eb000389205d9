<?php

declare(strict_types=1);

namespace App\Work\Actions\Standing;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Work\Models\StandingOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderType;

/** Offers a standing order at a site, or offers one again that was retired. */
final readonly class SaveStandingOrder
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, int $siteId, string $title, ?int $teamId, OrderType $type): StandingOrder
    {
        return DB::transaction(function () use ($by, $siteId, $title, $teamId, $type): StandingOrder {
            $order = StandingOrder::query()->lockForUpdate()->firstOrNew(['site_id' => $siteId, 'title' => $title]);
            if ($order->exists && ! $order->retired) {
                throw InvalidInput::because('there_already', 'title', "“{$title}” is offered already.", $title);
            }
            $order->fill(['team_id' => $teamId, 'type' => $type->name, 'retired' => false])->save();
            $this->audit->record(
                $by,
                Subject::of('site', $siteId, $siteId),
                "offered the standing order {$title}",
            );

            return $order;
        });
    }
}
