<?php

declare(strict_types=1);

namespace Sundial\Ops;

use CurlHandle;
use PDO;

/**
 * Somebody who works on while servers are killed: sends what a form or a program sends, again and again until an answer
 * comes, as people do, and writes down what was acknowledged.
 */
final class EndureClient
{
    /** Seconds after which somebody gives up on one write. */
    private const PATIENCE = 90;

    private CurlHandle $curl;

    private int $made = 0;

    private string $program = '';

    /** @var list<int> the orders that are this client's to move on */
    private array $orders = [];

    private bool $stopping = false;

    /** @param  resource  $book  where acknowledged writes are written down, a line each */
    public function __construct(private readonly Instance $instance, private readonly int $number, private $book)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_FOLLOWLOCATION => false,
            CURLOPT_HEADER => true,
            CURLOPT_TIMEOUT => 30,
        ]);
    }

    /** Works until it is told to stop, and ends what it has begun. */
    public function work(): void
    {
        pcntl_signal(SIGTERM, function (): void {
            $this->stopping = true;
        });
        $this->program = $this->signIn();
        while (! $this->stopping) {
            match (mt_rand(0, 9)) {
                0, 1 => $this->addPlace(),
                2, 3 => $this->addAsset(),
                4, 5 => $this->bookTime(),
                6 => $this->release(),
                default => $this->moveOrder(),
            };
        }
    }

    /** Again from the beginning where a kill took the session away, or the page that shows the token once. */
    private function signIn(): string
    {
        for ($until = time() + self::PATIENCE; time() < $until;) {
            curl_setopt($this->curl, CURLOPT_COOKIELIST, 'ALL');
            $this->logIn();
            $token = $this->token();
            if ($token !== null) {
                return $token;
            }
        }
        throw new Trouble('A client could not make a token.');
    }

    private function logIn(): void
    {
        $this->send('POST', '/login', [
            'login' => 'planner',
            'password' => 'sundial',
            '_token' => $this->csrf('/login'),
        ]);
    }

    private function token(): ?string
    {
        $form = ['name' => "client {$this->number}", 'may' => 'write', '_token' => $this->csrf('/me')];
        $this->send('POST', '/me/tokens', $form);
        preg_match('/aria-label="The token"\s+value="([^"]+)"/', $this->send('GET', '/me')['body'], $found);

        return isset($found[1]) ? html_entity_decode($found[1]) : null;
    }

    private function addPlace(): void
    {
        $tag = $this->name();
        $form = ['tag' => $tag, 'name' => "Bay {$tag}", 'once' => $this->once()];
        $this->submit('/places/new', '/places', $form) && $this->acknowledged('place', $tag);
    }

    /** As a program does: a key keeps a repetition from making a second one. */
    private function addAsset(): void
    {
        $tag = $this->name();
        $body = json_encode([
            'site' => 'B',
            'tag' => $tag,
            'name' => "Pump {$tag}",
            'class' => 'Pump',
            'place' => $this->value('SELECT tag FROM locations ORDER BY id LIMIT 1'),
        ]);
        $answer = $this->send('POST', '/api/v1/assets', (string) $body, [
            "Authorization: Bearer {$this->program}",
            "Idempotency-Key: {$tag}",
            'Content-Type: application/json',
            'Accept: application/json',
        ]);
        $answer['status'] === 201 && $this->acknowledged('asset', $tag);
    }

    private function bookTime(): void
    {
        $order = $this->order("state IN ('under way', 'done')");
        if ($order === null) {
            return;
        }
        $note = $this->name();
        $done = $this->submit("/orders/{$order}", "/orders/{$order}/bookings", [
            'user_id' => $this->value("SELECT id FROM users WHERE login = 'planner'"),
            'worked_on' => gmdate('Y-m-d', time() - 86400 * mt_rand(1, 300)),
            'time' => '1 min',
            'note' => $note,
            'once' => $this->once(),
        ]);
        $done && $this->acknowledged('booking', $note);
    }

    private function release(): void
    {
        $this->submit('/release', '/release', ['once' => $this->once()]);
    }

    private function moveOrder(): void
    {
        $order = $this->order("state IN ('planned', 'approved', 'under way')");
        if ($order === null) {
            $this->release();

            return;
        }
        [$state, $version] = explode(
            ' ',
            $this->value(
                "SELECT CONCAT(REPLACE(state, ' ', '-'), ' ', version) FROM work_orders WHERE id = {$order}",
            ),
        );
        $move = ['planned' => 'approve', 'approved' => 'start', 'under-way' => 'finish'][$state];
        $done = $this->submit("/orders/{$order}", "/orders/{$order}/{$move}", [
            'version' => $version,
            'once' => $this->once(),
            'finished_at' => gmdate('Y-m-d\TH:i', time() - 60),
            'it_is_right' => 1,
            'confirmed' => range(1, 9),
        ]);
        $done && $this->acknowledged("order {$move}", (string) $order);
    }

    /** An order of this client's share: two never move the same one. */
    private function order(string $where): ?int
    {
        if ($this->orders === [] || mt_rand(0, 5) === 0) {
            $this->orders = array_map(
                intval(...),
                $this->rows("SELECT id FROM work_orders WHERE {$where} AND id % 4 = {$this->number} LIMIT 30"),
            );
        }
        $id = $this->orders === [] ? null : $this->orders[array_rand($this->orders)];

        return $id !== null && $this->rows("SELECT id FROM work_orders WHERE {$where} AND id = {$id}") !== []
            ? $id
            : null;
    }

    /**
     * Sends a form and follows to the page after it: taken, or refused with a reason on it.
     *
     * @param  array<string, mixed>  $form
     */
    private function submit(string $from, string $to, array $form): bool
    {
        $form['_token'] = $this->csrf($from);
        $answer = $this->send('POST', $to, $form);
        if ($answer['status'] === 419) {
            $this->logIn();
            $form['_token'] = $this->csrf($from);
            $answer = $this->send('POST', $to, $form);
        }
        if (preg_match('#^Location: (?:https?://[^/]+)?(/\S*)#mi', $answer['body'], $found) !== 1) {
            return false;
        }
        $page = $this->send('GET', $found[1]);

        return $page['status'] === 200 &&
            ! str_contains($page['body'], 'said-bad') &&
            ! str_contains($page['body'], 'class="error"');
    }

    private function csrf(string $page): string
    {
        preg_match('/name="_token" value="([^"]+)"/', $this->send('GET', $page)['body'], $token);

        return $token[1] ?? '';
    }

    /**
     * The same until it is answered: what has no answer, or says that nothing was saved, is sent again.
     *
     * @param  array<string, mixed>|string  $content
     * @param  list<string>  $headers
     * @return array{status: int, body: string}
     */
    private function send(string $method, string $address, array|string $content = [], array $headers = []): array
    {
        $last = 'nothing';
        for ($until = time() + self::PATIENCE; time() < $until; usleep(100_000)) {
            curl_setopt_array($this->curl, [
                CURLOPT_URL => "http://127.0.0.1:{$this->instance->httpPort}{$address}",
                CURLOPT_HTTPHEADER => ['Expect:', ...$headers],
            ]);
            $method === 'GET'
                ? curl_setopt($this->curl, CURLOPT_HTTPGET, true)
                : curl_setopt_array($this->curl, [
                    CURLOPT_POST => true,
                    CURLOPT_POSTFIELDS => is_string($content) ? $content : http_build_query($content),
                ]);
            $body = curl_exec($this->curl);
            $status = (int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE);
            if (is_string($body) && $status > 0 && $status < 500) {
                return ['status' => $status, 'body' => $body];
            }
            $said = substr(trim((string) preg_replace('/\s+/', ' ', strip_tags((string) $body))), -200);
            $last = $status === 0 ? curl_error($this->curl) : "{$status} {$said}";
        }
        throw new Trouble("{$method} {$address} had no answer for ".self::PATIENCE." seconds; the last was: {$last}");
    }

    private function name(): string
    {
        return sprintf('E%d-%05d', $this->number, ++$this->made);
    }

    private function once(): string
    {
        $hex = bin2hex(random_bytes(16));

        return implode('-', [
            substr($hex, 0, 8),
            substr($hex, 8, 4),
            substr($hex, 12, 4),
            substr($hex, 16, 4),
            substr($hex, 20),
        ]);
    }

    private function acknowledged(string $kind, string $what): void
    {
        fwrite($this->book, "{$kind}\t{$what}\n");
    }

    private function value(string $sql): string
    {
        return (string) ($this->rows($sql)[0] ?? '');
    }

    /** @return list<string> the first column, asked until the database answers */
    private function rows(string $sql): array
    {
        for ($until = time() + self::PATIENCE; ; usleep(100_000)) {
            try {
                $found = Endure::database($this->instance)->query($sql)->fetchAll(PDO::FETCH_COLUMN);

                return array_map(strval(...), $found);
            } catch (\PDOException $e) {
                if (time() > $until) {
                    throw new Trouble("The database did not answer: {$e->getMessage()}");
                }
            }
        }
    }
}
