<?php

declare(strict_types=1);

namespace App\Platform\Hooks;

use App\Platform\Clock\Clock;
use Closure;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Puts messages into the queue, in the transaction of what they tell of: what is taken back was never told. The same
 * instance reads the addresses of a site once.
 */
final class Outbox
{
    private const DAYS = 90;

    /** @var array<int, Collection<int, Webhook>> */
    private array $hooks = [];

    public function __construct(private readonly Clock $clock)
    {
    }

    /** @param  Closure(): array<string, mixed>  $says  asked only where somebody wants to know */
    public function tell(int $siteId, string $event, Closure $says): void
    {
        $hooks = $this->of($siteId)->filter(
            static fn (Webhook $one): bool => $one->events === [] || in_array($event, $one->events, true),
        );
        if ($hooks->isNotEmpty()) {
            $this->put($event, $says(), ...$hooks->values()->all());
        }
    }

    /** @param  array<string, mixed>  $says */
    public function put(string $event, array $says, Webhook ...$hooks): void
    {
        $now = $this->clock->now();
        $body = json_encode(
            ['event' => $event, 'at' => $now->format('Y-m-d\TH:i:s\Z')] + $says,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
        foreach ($hooks as $hook) {
            $delivery = Delivery::query()->create([
                'webhook_id' => $hook->id,
                'event' => $event,
                'body' => $body,
                'state' => Delivery::WAITING,
                'attempts' => 0,
                'made_at' => $now->format('Y-m-d H:i:s.u'),
                'next_at' => $now->format('Y-m-d H:i:s.u'),
            ]);
            DB::afterCommit(static fn () => SendMessage::dispatch($delivery->id));
        }
    }

    /** What became of a message is shown for so long. */
    public function forgetOld(): void
    {
        $before = $this->clock->now()->modify('-'.self::DAYS.' days');
        DB::table('webhook_deliveries')->where('made_at', '<', $before->format('Y-m-d H:i:s'))->delete();
    }

    /** @return Collection<int, Webhook> */
    private function of(int $siteId): Collection
    {
        return $this->hooks[$siteId] ??= Webhook::query()
            ->where('site_id', $siteId)
            ->where('active', true)
            ->orderBy('id')
            ->get()
            ->toBase();
    }
}
