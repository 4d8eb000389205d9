<?php

declare(strict_types=1);

namespace Sundial\Ops;

use Closure;

/** Times the pages of the bench: each beside a bare page, beside itself at a tenth of the plant, and under a crowd. */
final readonly class BenchPages
{
    private const ROUNDS = 40;

    /** A page that takes so long in all is asked no further, but for a few rounds. Milliseconds. */
    private const PATIENCE = 20_000;

    private const FEW = 5;

    /** Sheets that are also measured as somebody gets them who chooses in the index. */
    private const SWAPS = ['asset sheet', 'order sheet', 'part sheet'];

    private const CROWD = 20;

    private BenchClient $one;

    private BenchClient $tenth;

    /** @param  Closure(string...): void  $say */
    public function __construct(private Instance $large, Instance $small, private Closure $say)
    {
        $this->one = new BenchClient($large);
        $this->tenth = new BenchClient($small);
    }

    /** @param  array<string, mixed>  $pages  addresses by name */
    public function measure(array $pages): void
    {
        ($this->say)(
            '## Pages',
            '',
            'Bare: a page of the framework (web group, session, one query), timed anew beside each page, as a machine '.
                'is not equally fast for minutes. First: until the first answer is there; whole: with the second one, '.
                'which brings the index beside a record, the lower sections and the horizon. Aims: the first within '.
                '3 × of the bare page, the whole within 5 × of it and within 1.3 × of itself at a tenth of the size, '.
                'at most 25 statements in an answer, below 48 MB.',
            '',
            '| page | bare ms | first ms | × bare | whole ms | × bare | × at a tenth | statements | peak MB | |',
            '|---|--:|--:|--:|--:|--:|--:|--:|--:|---|',
        );
        foreach ($pages as $name => $address) {
            $this->page($name, (string) $address, []);
        }
        // Whoever chooses another record in the index gets its sheet alone.
        foreach (self::SWAPS as $name) {
            $this->page("{$name}, from the index", (string) $pages[$name], [
                'HX-Request: true',
                'HX-Target: sheet',
                "HX-Current-URL: {$this->one->url('/')}",
            ]);
        }
        $this->crowd(array_map(self::record(...), array_values(array_map(strval(...), $pages))));
    }

    /** @param  list<string>  $headers */
    private function page(string $name, string $address, array $headers): void
    {
        $bare = $this->median($this->one, '/bench/bare', [])['first'];
        $one = $this->median($this->one, $address, $headers);
        $tenth = $this->median($this->tenth, $address, $headers);
        $whole = $one['first'] + $one['behind'];
        $toTenth = $whole / ($tenth['first'] + $tenth['behind']);
        $missed = array_keys(
            array_filter([
                'first' => $one['first'] / $bare > 3,
                'whole' => $whole / $bare > 5,
                'tenth' => $toTenth > 1.3,
                'statements' => max($one['statements']) > 25,
                'memory' => $one['peak'] > 48,
            ]),
        );
        ($this->say)(
            sprintf(
                '| %s | %.1f | %.1f | %.1f | %.1f | %.1f | %.2f | %s | %.0f | %s |',
                $name,
                $bare,
                $one['first'],
                $one['first'] / $bare,
                $whole,
                $whole / $bare,
                $toTenth,
                implode(' + ', array_filter($one['statements'])),
                $one['peak'],
                $missed === [] ? 'met' : 'missed: '.implode(', ', $missed),
            ),
        );
    }

    /** @param  list<string>  $addresses */
    private function crowd(array $addresses): void
    {
        $crowd = BenchCrowd::of($this->large, self::CROWD);
        $crowd->walk(['/bench/bare'], 5);
        $bare = $crowd->walk(['/bench/bare'], 20);
        $ours = $crowd->walk($addresses, 20);
        ($this->say)(
            '',
            sprintf(
                '%d people at once, each opening the first answers of these pages one after the other: %.1f pages a '.
                    'second, half of them within %.0f ms, 95 of 100 within %.0f ms. Of the bare page: %.1f a second, '.
                    'within %.0f and %.0f ms; a page costs %.1f bare ones.',
                self::CROWD,
                $ours['pages'] / $ours['seconds'],
                $ours['median'],
                $ours['late'],
                $bare['pages'] / $bare['seconds'],
                $bare['median'],
                $bare['late'],
                $bare['pages'] / $bare['seconds'] / ($ours['pages'] / $ours['seconds']),
            ),
        );
    }

    /**
     * @param  list<string>  $headers
     * @return array{first: float, behind: float, statements: array{int, int}, peak: float} milliseconds in the middle
     *     of many rounds
     */
    private function median(BenchClient $client, string $address, array $headers): array
    {
        $first = $behind = [];
        $statements = [0, 0];
        $all = $peak = 0.0;
        for ($i = 0; $i < self::ROUNDS + 8; $i++) {
            if ($all > self::PATIENCE && count($first) >= self::FEW) {
                break;
            }
            $one = $client->open(self::record($address, $i), $headers);
            $all += $one['first']['ms'] + $one['behind']['ms'];
            // The first rounds warm the caches, and one of them begins the day.
            if ($i >= 8) {
                $first[] = $one['first']['ms'];
                $behind[] = $one['behind']['ms'];
                $statements = [
                    max($statements[0], $one['first']['statements']),
                    max($statements[1], $one['behind']['statements']),
                ];
                $peak = max($peak, $one['first']['peak'], $one['behind']['peak']);
            }
        }
        sort($first);
        sort($behind);

        return [
            'first' => $first[intdiv(count($first), 2)],
            'behind' => $behind[intdiv(count($behind), 2)],
            'statements' => $statements,
            'peak' => $peak / (1 << 20),
        ];
    }

    /** The address of a page of one record, of forty in turn. */
    private static function record(string $address, int $i = 0): string
    {
        return strtr($address, [
            '{asset}' => (string) (($i % 40) + 1),
            '{part}' => (string) (($i % 40) + 1),
            '{order}' => (string) (10 * ($i % 40) + 10),
        ]);
    }
}
