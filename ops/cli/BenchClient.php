<?php

declare(strict_types=1);

namespace Sundial\Ops;

use CurlHandle;

/** A browser's part in the bench: logged in, one connection, and what comes behind a page asked for as scripts do. */
final class BenchClient
{
    public readonly CurlHandle $curl;

    public function __construct(private readonly Instance $instance)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_HEADER => true,
            CURLOPT_TIMEOUT => 60,
            CURLOPT_ENCODING => 'gzip',
        ]);
        curl_setopt($this->curl, CURLOPT_COOKIELIST, 'Set-Cookie: scripts=1; domain=127.0.0.1; path=/');
        preg_match('/name="_token" value="([^"]+)"/', $this->get('/login')['body'], $token);
        curl_setopt_array($this->curl, [
            CURLOPT_POST => true,
            CURLOPT_POSTFIELDS => http_build_query([
                '_token' => $token[1] ?? '',
                'login' => 'planner',
                'password' => 'sundial',
            ]),
        ]);
        $this->get('/login');
        curl_setopt_array($this->curl, [CURLOPT_HTTPGET => true, CURLOPT_POST => false]);
        if ($this->get('/today')['status'] !== 200) {
            throw new Trouble("The bench could not log in; look into {$instance->path('log')}.");
        }
    }

    /**
     * A page with all that comes behind it.
     *
     * @param  list<string>  $headers  of the first request
     * @return array{first: array{ms: float, statements: int, peak: int}, behind: array{ms: float, statements: int,
     *     peak: int}}
     */
    public function open(string $address, array $headers = []): array
    {
        $first = $this->get($address, $headers);
        $awaited = '/data-awaited hx-get="([^"]+)"\s+hx-headers="([^"]+)"/';
        if (preg_match($awaited, $first['body'], $found) !== 1) {
            return ['first' => $first, 'behind' => ['ms' => 0.0, 'statements' => 0, 'peak' => 0]];
        }
        $said = ['HX-Request: true', "HX-Current-URL: {$this->url($address)}"];
        foreach ((array) json_decode(html_entity_decode($found[2]), true) as $name => $value) {
            $said[] = "{$name}: {$value}";
        }
        $where = (string) preg_replace('#^https?://[^/]+#', '', html_entity_decode($found[1]));

        return ['first' => $first, 'behind' => $this->get($where, $said)];
    }

    public function url(string $address): string
    {
        return "http://127.0.0.1:{$this->instance->httpPort}{$address}";
    }

    /**
     * @param  list<string>  $headers
     * @return array{ms: float, status: int, statements: int, peak: int, body: string}
     */
    public function get(string $address, array $headers = []): array
    {
        curl_setopt($this->curl, CURLOPT_URL, $this->url($address));
        curl_setopt($this->curl, CURLOPT_HTTPHEADER, $headers);
        $body = (string) curl_exec($this->curl);
        $status = (int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE);
        if ($status >= 400) {
            throw new Trouble(
                "{$address} answered {$status} in the bench; look into {$this->instance->path('storage/logs')}.",
            );
        }
        $header = static fn (string $name): int => preg_match("/^{$name}: (\d+)/mi", $body, $found) === 1
            ? (int) $found[1]
            : 0;

        return [
            'ms' => 1000 * (float) curl_getinfo($this->curl, CURLINFO_TOTAL_TIME),
            'status' => $status,
            'statements' => $header('X-Statements'),
            'peak' => $header('X-Peak'),
            'body' => $body,
        ];
    }
}
