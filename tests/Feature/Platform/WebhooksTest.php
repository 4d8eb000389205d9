<?php

declare(strict_types=1);

use App\Platform\Clock\Clock;
use App\Platform\Clock\SystemClock;
use App\Platform\Hooks\Delivery;
use App\Platform\Hooks\Hosts;
use App\Platform\Hooks\Outbox;
use App\Platform\Hooks\SendMessage;
use App\Platform\Hooks\Webhook;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use Sundial\Hooks\Signature;
use Tests\Feature\Plant;

/** Names lead to public addresses here, and nobody is asked. */
function known(string $ip = '203.0.114.7'): void
{
    app()->instance(Hosts::class, new class($ip) extends Hosts
    {
        public function __construct(private string $ip)
        {
        }

        public function ips(string $host): array
        {
            return [filter_var($host, FILTER_VALIDATE_IP) === false ? $this->ip : $host];
        }
    });
}

/** An address that is told of some changes. */
function told(string $url = 'https://hooks.example.org/in', array $events = []): Webhook
{
    test()->as('administrator')->post('/setup/webhooks', ['url' => $url, 'events' => $events])
        ->assertSessionHasNoErrors();
    app()->forgetInstance(Outbox::class);

    return Webhook::query()->orderByDesc('id')->firstOrFail();
}

it('tells an address of the moves of an order that it wants to know, signed', function () {
    known();
    Http::fake(['*' => Http::response('', 200)]);
    $plant = Plant::build();
    $hook = told(events: ['order.approved']);
    $order = $plant->through($plant->raised(), 'approve', 'start');
    $delivery = Delivery::query()->sole();
    expect([$delivery->event, $delivery->state, $delivery->status])->toBe(['order.approved', 'delivered', 200]);
    Http::assertSent(function (Request $sent) use ($hook, $order): bool {
        $body = $sent->body();

        return $sent->url() === $hook->url &&
            Signature::isRight($sent->header('Sundial-Signature')[0], $hook->secret, $body, 1773820800) &&
            json_decode($body, true)['order']['number'] === $order->label() &&
            json_decode($body, true)['order']['before'] === 'planned' &&
            ! str_contains($body, 'cost');
    });
    $this->as('administrator')
        ->get('/setup/webhooks')
        ->assertSee('order.approved')
        ->assertSee('delivered, answer 200');
});

it('tells of a request that is received, and not who reported it', function () {
    known();
    Http::fake(['*' => Http::response('', 200)]);
    $plant = Plant::build();
    told(events: ['request.received']);
    $plant->report('It squeals');
    $body = json_decode(Delivery::query()->sole()->body, true);
    expect($body['request']['title'])
        ->toBe('It squeals')
        ->and($body['request']['on'])
        ->toBe('PMP-01')
        ->and(json_encode($body))
        ->not->toContain('Bas');
});

it('tells nothing of what is taken back', function () {
    known();
    Http::fake();
    $plant = Plant::build();
    told();
    $order = $plant->raised();
    DB::beginTransaction();
    $plant->through($order, 'approve');
    DB::rollBack();
    expect(Delivery::query()->count())->toBe(0);
    Http::assertNothingSent();
});

it('sends again, later each time, gives up, and is told to try once more', function () {
    known();
    Queue::fake();
    Http::fake(['*' => Http::sequence()
        ->push('busy', 503)
        ->push('', 301)
        ->push('', 500)
        ->push('', 500)
        ->push('', 500)
        ->push('gone', 500)
        ->push('', 204)]);
    $plant = Plant::build();
    told();
    $plant->through($plant->raised(), 'approve');
    $delivery = Delivery::query()->where('event', 'order.approved')->sole();
    $waits = [];
    foreach (range(1, 6) as $ignored) {
        app()->call([new SendMessage($delivery->id), 'handle']);
        $delivery->refresh();
        $waits[] = $delivery->next_at === null ? null : substr($delivery->next_at, 11, 5);
    }
    expect($waits)
        ->toBe(['08:01', '08:05', '08:30', '10:00', '20:00', null])
        ->and([$delivery->state, $delivery->attempts, $delivery->said])
        ->toBe(['failed', 6, 'gone']);
    // Run once more by mistake, nothing is sent.
    app()->call([new SendMessage($delivery->id), 'handle']);
    Http::assertSentCount(6);
    $this->as('administrator')->get('/setup/webhooks')->assertSee('failed, answer 500')->assertSee('6 attempts');
    $this->post("/setup/webhook-deliveries/{$delivery->id}");
    app()->call([new SendMessage($delivery->id), 'handle']);
    expect($delivery->refresh()->state)->toBe('delivered');
});

it('refuses an address of one’s own network unless it is listed, and what is none', function (string $url) {
    known('10.0.0.9');
    Plant::build();
    $this->as('administrator')->post('/setup/webhooks', ['url' => $url])->assertSessionHasErrors('url');
    expect(Webhook::query()->count())->toBe(0);
})->with(['http://127.0.0.1:9000/', 'https://inside.example/', 'http://[::1]/', 'ftp://example.org/', 'example.org']);

it('looks at the address again when it sends: a name that leads inside by now is told nothing', function () {
    known();
    Http::fake();
    $plant = Plant::build();
    told();
    known('169.254.169.254');
    $plant->through($plant->raised(), 'approve');
    Http::assertNothingSent();
    expect(Delivery::query()->where('event', 'order.approved')->sole()->said)->toContain('own network');
});

it('is told no more, and refuses to be told twice', function () {
    known();
    Http::fake();
    $plant = Plant::build();
    $hook = told();
    $this->post('/setup/webhooks', ['url' => $hook->url])->assertSessionHasErrors('url');
    $this->delete("/setup/webhooks/{$hook->id}")->assertSessionHasNoErrors();
    app()->forgetInstance(Outbox::class);
    $plant->through($plant->raised(), 'approve');
    expect(Delivery::query()->count())->toBe(0);
    $this->as('administrator')->put('/setup/webhook-hosts', ['hosts' => 'not a host!'])
        ->assertSessionHasErrors('hosts');
});

it('is taken by the receiver that ships, on a listed machine, and refused where the secret is another', function () {
    $plant = Plant::build();
    $this->as('administrator')->put('/setup/webhook-hosts', ['hosts' => '127.0.0.1'])->assertSessionHasNoErrors();
    app()->instance(Clock::class, new SystemClock());
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    fclose($socket);
    $hook = told("http://127.0.0.1:{$port}/");
    $receiver = proc_open(
        [PHP_BINARY, '-S', "127.0.0.1:{$port}", base_path('ops/receiver.php')],
        [2 => ['pipe', 'w']],
        $pipes,
        null,
        ['SUNDIAL_HOOK_SECRET' => $hook->secret] + getenv(),
    );
    // It says so when it listens.
    fgets($pipes[2]);
    try {
        $this->post("/setup/webhooks/{$hook->id}/trial")->assertSessionHasNoErrors();
        $hook->fill(['secret' => 'another'])->save();
        $this->post("/setup/webhooks/{$hook->id}/trial");
        expect(Delivery::query()->orderBy('id')->pluck('status')->all())->toBe([204, 401]);
    } finally {
        proc_terminate($receiver);
        proc_close($receiver);
    }
});
