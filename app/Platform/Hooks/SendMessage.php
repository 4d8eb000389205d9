<?php

declare(strict_types=1);

namespace App\Platform\Hooks;

use App\Platform\Clock\Clock;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Sundial\Hooks\OwnNetwork;
use Sundial\Hooks\Retries;
use Sundial\Hooks\Signature;
use Sundial\Support\InvalidInput;
use Throwable;

/**
 * Sends one message, and again later where it was not taken. Run twice, it is sent once more and known by its number.
 */
final class SendMessage implements ShouldQueue
{
    use Dispatchable, Queueable;

    private const SECONDS = 10;

    public int $tries = 1;

    public function __construct(public readonly int $deliveryId)
    {
    }

    public function handle(Clock $clock, Hosts $hosts, ListedHosts $listed): void
    {
        $delivery = Delivery::query()->with('webhook')->find($this->deliveryId);
        if ($delivery === null || $delivery->state !== Delivery::WAITING || ! $delivery->webhook->active) {
            return;
        }
        [$status, $said] = $this->send($delivery, $clock, $hosts, $listed);
        $attempts = $delivery->attempts + 1;
        $isTaken = $status !== null && $status >= 200 && $status < 300;
        $wait = $isTaken ? null : Retries::after($attempts);
        $now = $clock->now();
        DB::transaction(static fn () => $delivery->fill([
            'attempts' => $attempts,
            'status' => $status,
            'said' => mb_substr($said, 0, 250),
            'sent_at' => $now->format('Y-m-d H:i:s.u'),
            'next_at' => $wait === null ? null : $now->modify("+{$wait} minutes")->format('Y-m-d H:i:s.u'),
            'state' => match (true) {
                $isTaken => Delivery::DELIVERED,
                $wait === null => Delivery::FAILED,
                default => Delivery::WAITING,
            },
        ])->save());
        if ($wait !== null) {
            self::dispatch($delivery->id)->delay($wait * 60);
        }
    }

    /** @return array{int|null, string} the status of the answer, and what was said */
    private function send(Delivery $delivery, Clock $clock, Hosts $hosts, ListedHosts $listed): array
    {
        try {
            [$host, $port] = OwnNetwork::target($delivery->webhook->url);
            $ips = $hosts->ips($host);
            OwnNetwork::check($delivery->webhook->url, $ips, $listed->all());
            $signature = Signature::of(
                $delivery->webhook->secret,
                $clock->now()->getTimestamp(),
                $delivery->body,
            );
            $answer = Http::timeout(self::SECONDS)
                ->withoutRedirecting()
                // The machine that was looked at is the one that is told: its name may lead elsewhere a moment later.
                ->withOptions(['curl' => [CURLOPT_RESOLVE => ["{$host}:{$port}:".implode(',', $ips)]]])
                ->withHeaders([
                    'Sundial-Event' => $delivery->event,
                    'Sundial-Delivery' => (string) $delivery->id,
                    'Sundial-Signature' => $signature->header(),
                ])
                ->withBody($delivery->body, 'application/json')
                ->post($delivery->webhook->url);

            return [$answer->status(), trim($answer->body())];
        } catch (InvalidInput $refused) {
            return [null, $refused->getMessage()];
        } catch (Throwable $broken) {
            return [null, $broken->getMessage()];
        }
    }
}
