<?php

declare(strict_types=1);

namespace Sundial\Ops;

use CurlHandle;

/** Many people at once: each opens one page after the other, as soon as the one before is there. */
final readonly class BenchCrowd
{
    /** @param  list<BenchClient>  $people */
    private function __construct(private array $people)
    {
    }

    public static function of(Instance $instance, int $many): self
    {
        return new self(array_map(static fn (): BenchClient => new BenchClient($instance), range(1, $many)));
    }

    /**
     * @param  list<string>  $addresses  each person begins at another one
     * @return array{seconds: float, pages: int, median: float, late: float} late: within that many milliseconds came 95
     *     of 100
     */
    public function walk(array $addresses, int $each): array
    {
        $multi = curl_multi_init();
        $left = $times = [];
        foreach ($this->people as $i => $person) {
            $left[$i] = $each;
            $this->next($person, $addresses[$i % count($addresses)]);
            curl_multi_add_handle($multi, $person->curl);
        }
        $began = hrtime(true);
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 1.0);
            while (($done = curl_multi_info_read($multi)) !== false) {
                $i = $this->whose($done['handle']);
                $times[] = 1000 * (float) curl_getinfo($done['handle'], CURLINFO_TOTAL_TIME);
                curl_multi_remove_handle($multi, $done['handle']);
                if (--$left[$i] > 0) {
                    $this->next($this->people[$i], $addresses[($i + $each - $left[$i]) % count($addresses)]);
                    curl_multi_add_handle($multi, $done['handle']);
                }
            }
        } while (array_sum($left) > 0);
        $seconds = (hrtime(true) - $began) / 1e9;
        curl_multi_close($multi);
        sort($times);

        return [
            'seconds' => $seconds,
            'pages' => count($times),
            'median' => $times[intdiv(count($times), 2)],
            'late' => $times[intdiv(95 * count($times), 100)],
        ];
    }

    private function next(BenchClient $person, string $address): void
    {
        curl_setopt($person->curl, CURLOPT_URL, $person->url($address));
    }

    private function whose(CurlHandle $handle): int
    {
        foreach ($this->people as $i => $person) {
            if ($person->curl === $handle) {
                return $i;
            }
        }

        throw new Trouble('An answer in the bench belongs to nobody.');
    }
}
