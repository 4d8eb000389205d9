<?php

declare(strict_types=1);

namespace Sundial\Ops;

use CurlHandle;

/** A browser's part in the bench: logged in, one connection, whole pages. */
final class BenchClient
{
    private readonly CurlHandle $curl;

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

    /** @return array{ms: float, status: int, statements: int, peak: int, body: string} */
    public function get(string $address): array
    {
        curl_setopt($this->curl, CURLOPT_URL, "http://127.0.0.1:{$this->instance->httpPort}{$address}");
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
