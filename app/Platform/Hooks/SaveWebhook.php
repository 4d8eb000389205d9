<?php

declare(strict_types=1);

namespace App\Platform\Hooks;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Sundial\Hooks\OwnNetwork;
use Sundial\Support\InvalidInput;

/** Has an address told of changes, or of no more of them; and lists machines of one's own network. */
final readonly class SaveWebhook
{
    public function __construct(private Hosts $hosts, private ListedHosts $listed, private Audit $audit)
    {
    }

    /**
     * @param  list<string>  $events
     *
     * @throws InvalidInput no_address, own_network, unknown_host, there_already
     */
    public function add(Actor $by, int $siteId, string $url, array $events): Webhook
    {
        [$host] = OwnNetwork::target($url);
        OwnNetwork::check($url, $this->hosts->ips($host), $this->listed->all());

        return DB::transaction(function () use ($by, $siteId, $url, $events): Webhook {
            if (Webhook::query()->where(['site_id' => $siteId, 'url' => $url, 'active' => true])->exists()) {
                throw InvalidInput::because('there_already', 'url', 'This address is told already.', $url);
            }
            $hook = Webhook::query()->create([
                'site_id' => $siteId,
                'url' => $url,
                'secret' => Str::random(40),
                'events' => $events,
                'active' => true,
            ]);
            $this->audit->record($by, $hook->subject(), "has {$url} told of changes");

            return $hook;
        });
    }

    public function end(Actor $by, Webhook $hook): void
    {
        DB::transaction(function () use ($by, $hook): void {
            $hook->fill(['active' => false])->save();
            Delivery::query()
                ->where('webhook_id', $hook->id)
                ->where('state', Delivery::WAITING)
                ->update(['state' => Delivery::FAILED, 'next_at' => null, 'said' => 'the address is told no more']);
            $this->audit->record($by, $hook->subject(), "has {$hook->url} told no more");
        });
    }

    /** @param  list<string>  $hosts */
    public function allow(Actor $by, int $siteId, array $hosts): void
    {
        $hosts = array_values(array_unique(array_map(strtolower(...), $hosts)));
        sort($hosts);
        foreach ($hosts as $host) {
            if (preg_match('/^[a-z0-9.:-]{1,120}$/D', $host) !== 1) {
                throw InvalidInput::because('no_host', 'hosts', "“{$host}” is no name of a machine.", $host);
            }
        }
        DB::transaction(function () use ($by, $siteId, $hosts): void {
            $before = $this->listed->all();
            if ($hosts === $before) {
                return;
            }
            DB::table('webhook_hosts')->delete();
            DB::table('webhook_hosts')->insert(
                array_map(static fn (string $host): array => ['host' => $host], $hosts),
            );
            $this->audit->record(
                $by,
                Subject::of('site', $siteId, $siteId),
                'listed machines of the own network that may be told',
                ['hosts' => [implode(', ', $before), implode(', ', $hosts)]],
            );
        });
    }

    /** Sends a message once more that was given up, or waits. */
    public function again(Delivery $delivery): void
    {
        DB::transaction(static function () use ($delivery): void {
            $delivery->fill(['state' => Delivery::WAITING, 'attempts' => 0, 'next_at' => null])->save();
            DB::afterCommit(static fn () => SendMessage::dispatch($delivery->id));
        });
    }
}
