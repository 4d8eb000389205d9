<?php

declare(strict_types=1);

namespace App\Work\Actions\Shutdown;

use App\Platform\Audit\Actor;
use App\Register\Models\Asset;
use App\Work\Inputs\ShutdownInput;
use App\Work\Models\Shutdown;
use App\Work\Models\WorkOrder;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderState;
use Sundial\Work\Shutdown\ShutdownWindow;

/** Takes ready work into the while for which something stands: a small shutdown, planned for that day. */
final readonly class TakeWindow
{
    public function __construct(private SaveShutdown $save, private AddToShutdown $add)
    {
    }

    public function __invoke(Actor $by, Asset $asset, ShutdownWindow $window, WorkOrder ...$orders): Shutdown
    {
        return DB::transaction(function () use ($by, $asset, $window, $orders): Shutdown {
            foreach ($orders as $order) {
                if ($order->state !== OrderState::Approved) {
                    throw InvalidInput::because(
                        'not_ready',
                        'orders',
                        "{$order->label()} is {$order->state->value} by now. Look again at what is ready.",
                    );
                }
            }
            $title = mb_substr("{$asset->name} stands from {$window->from->format('H:i')}", 0, 160);
            $utc = new DateTimeZone('UTC');
            $input = ShutdownInput::of(
                $title,
                ShutdownWindow::of(self::in($window->from, $utc), self::in($window->to, $utc)),
                $asset,
            );
            $shutdown = ($this->save)($by, $asset->site_id, $input);
            ($this->add)($by, $shutdown, null, ...$orders);

            return $shutdown;
        });
    }

    private static function in(DateTimeImmutable $at, DateTimeZone $zone): DateTimeImmutable
    {
        return $at->setTimezone($zone);
    }
}
