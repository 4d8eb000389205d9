<?php

declare(strict_types=1);

namespace Sundial\Ops;

use JsonException;
use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Unit;
use Sundial\Costing\Allocation;
use Sundial\Support\InvalidInput;
use Sundial\Support\SundialException;

/**
 * The core on the command line: reads {"cases": [...]} and answers each case with its result or its error. Needs no
 * database.
 */
final class Compute
{
    private const EXAMPLES = [
        'recurrence' => [
            'Dates of an RFC 5545 rule, or of clamped months (the first 12).',
            '{"cases":[{"id":"a","kind":"rrule","dtstart":"2026-01-30","rrule":"FREQ=MONTHLY;BYDAY=-1FR"},'.
                '{"id":"b","kind":"clamped","anchor":"2026-01-31","interval_months":1}]}',
        ],
        'allocation' => [
            'A total spread over weights by largest remainder.',
            '{"cases":[{"id":"a","total":100,"weights":["0.23","0.23","0.39"]}]}',
        ],
        'labour_cost' => [
            'What work cost: hours at the rate of their day, parts, services, and what is recharged.',
            '{"cases":[{"id":"a","trades":[{"trade":"fitter","rates":[{"from":"2026-01-01","rate":"43.00"}]}],'.
                '"people":[],"bookings":[{"booking":1,"person":null,"trade":"fitter","date":"2026-03-10","minutes":'.
                '{"normal":60,"time_and_a_half":0,"double":0}}],"parts":[],"services":["12.50"],"recharge":null}]}',
        ],
        'moving_average' => [
            'What stock is worth after each movement, by moving average.',
            '{"cases":[{"id":"a","movements":[{"op":"receipt","qty":"10","price":"4.00"},{"op":"issue",'.
                '"id":"i","qty":"4"},{"op":"return","of":"i","qty":"1"},{"op":"count","counted":"6"}]}]}',
        ],
        'reorder' => [
            'What is promised to whom, what is free, and when to buy, event by event.',
            '{"cases":[{"id":"a","settings":{"reorder_point":"2","lead_days":14},"start":{"on_hand":"5","day":0},'.
                '"outlook":[],"events":[{"op":"approve","order":"W1","qty":"4"},{"op":"issue","qty":"2"}]}]}',
        ],
        'poisson' => [
            'How many to hold so that a random demand of this mean finds one, with a wanted certainty.',
            '{"cases":[{"id":"a","mean":0.4,"target":0.95}]}',
        ],
        'spares' => [
            'How many spares to hold against failures, with what each further one buys.',
            '{"cases":[{"id":"a","failure":{"beta":2,"eta":1000},"policy":"run_to_failure","interval":null,'.
                '"units":4,"exposure":{"kind":"resupply","lead_time":60,"review":30},"service_level":0.95}]}',
        ],
        'intervals' => [
            'How long stops are together, each second once, and how much of it falls into each shift.',
            '{"cases":[{"id":"a","now":9000,"window":null,"intervals":[{"start":0,"end":3600},'.
                '{"start":1800,"end":null}],"shifts":[{"start":0,"end":7200}]}]}',
        ],
        'oee' => [
            'Availability, performance, quality and the minutes lost, by shift and line.',
            '{"cases":[{"id":"a","now":28800,"lines":[{"line":"A","shifts":[{"start":0,"end":28800,"products":'.
                '[{"ideal_seconds_per_piece":"20","total":1200,"rejects":30}]}],"breaks":[{"start":14400,'.
                '"end":16200}],"planned_stops":[],"unplanned_stops":[],"changeovers":[]}]}]}',
        ],
        'reliability' => [
            'Failures, repair and operating time of assets in a period, and of all of them.',
            '{"cases":[{"id":"a","zone":"UTC","now":864000,"period":{"start":0,"end":604800},"assets":[{"asset":'.
                '"A","in_service_from":null,"required":{"kind":"round_the_clock"},"stops":[{"start":3600,"end":'.
                '7200,"failure":true}],"orders":[]}]}]}',
        ],
        'rate_ratio' => [
            'Whether events come more rarely after something than before, over operating time.',
            '{"cases":[{"id":"a","before":{"count":12,"exposure":1000},"after":{"count":3,"exposure":1000}}]}',
        ],
        'estimate' => [
            'How long work takes, from closed orders like it: median and 80th percentile.',
            '{"cases":[{"id":"a","order":{"method":"m","level":null,"class":"pump","type":"preventive"},"history":'.
                '[{"id":1,"state":"closed","methods":["m"],"level":null,"assets":1,"class":"pump","type":'.
                '"preventive","person_minutes":30}]}]}',
        ],
    ];

    public function __construct(private readonly string $root)
    {
    }

    /** @param  list<string>  $arguments */
    public function run(array $arguments): int
    {
        $topic = $arguments[0] ?? '--help';
        if (! isset(self::EXAMPLES[$topic])) {
            if (! in_array($topic, ['--help', '-h'], true)) {
                throw new Trouble(
                    "There is no topic “{$topic}”. Topics: ".implode(', ', array_keys(self::EXAMPLES)).'.',
                );
            }
            echo "Usage: ./sundial compute TOPIC < cases.json\n";
            foreach (self::EXAMPLES as $name => [$what, $example]) {
                echo "\n{$name}: {$what}\n  echo '{$example}' | ./sundial compute {$name}\n";
            }

            return 0;
        }
        if (! is_file("{$this->root}/vendor/autoload.php")) {
            (new Installer($this->root))->ensure(browser: false);
        }
        require_once "{$this->root}/vendor/autoload.php";
        try {
            $input = json_decode(
                (string) stream_get_contents(STDIN),
                true,
                512,
                JSON_THROW_ON_ERROR | JSON_BIGINT_AS_STRING,
            );
        } catch (JsonException $e) {
            throw new Trouble(
                "Standard input is no JSON ({$e->getMessage()}). `./sundial compute --help` shows an example.",
            );
        }
        if (! is_array($input) || ! is_array($input['cases'] ?? null)) {
            throw new Trouble('The input must be {"cases": [...]}. `./sundial compute --help` shows an example.');
        }
        $out = array_map(
            fn (mixed $case): array => $this->answer($topic, is_array($case) ? $case : []),
            array_values($input['cases']),
        );
        echo json_encode(
            ['topic' => $topic, 'cases' => $out],
            JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION,
        ),
        "\n";

        return 0;
    }

    /** @param  array<string, mixed>  $case
     * @return array<string, mixed> */
    private function answer(string $topic, array $case): array
    {
        $id = ['id' => $case['id'] ?? null];
        try {
            return $id + [
                'out' => match ($topic) {
                    'allocation' => $this->allocation($case),
                    'labour_cost' => ComputeCosts::cost($case),
                    'estimate' => ComputeCosts::estimate($case),
                    'moving_average' => ComputeStock::movingAverage($case),
                    'reorder' => ComputeStock::reorder($case),
                    'poisson' => ComputeSpares::poisson($case),
                    'spares' => ComputeSpares::spares($case),
                    'intervals' => ComputeStops::intervals($case),
                    'oee' => ComputeStops::oee($case),
                    'reliability' => ComputeStops::reliability($case),
                    'rate_ratio' => ComputeStops::rateRatio($case),
                    default => $this->recurrence($case),
                },
            ];
        } catch (SundialException $e) {
            return $id + ['error' => ['code' => $e->cause(), 'field' => $e->field(), 'message' => $e->getMessage()]];
        }
    }

    /** @param  array<string, mixed>  $case
     * @return array<string, mixed> */
    private function allocation(array $case): array
    {
        $weights = $case['weights'] ?? null;
        $total = filter_var($case['total'] ?? null, FILTER_VALIDATE_INT);
        if ($total === false || ! is_array($weights)) {
            throw InvalidInput::because(
                'invalid_case',
                $total === false ? 'total' : 'weights',
                'total must be a whole number and weights a list.',
            );
        }

        return [
            'parts' => Allocation::of(
                $total,
                array_map(
                    static fn (mixed $weight): int|string => is_int($weight)
                        ? $weight
                        : (is_scalar($weight)
                            ? (string) $weight
                            : ''),
                    array_values($weights),
                ),
            ),
        ];
    }

    /** @param  array<string, mixed>  $case
     * @return array<string, mixed> */
    private function recurrence(array $case): array
    {
        if (($case['kind'] ?? 'rrule') === 'clamped') {
            $interval = Interval::every(
                (int) ($case['interval_months'] ?? 0),
                Unit::Months,
                LocalDate::parse((string) ($case['anchor'] ?? ''), 'anchor'),
            );

            return [
                'occurrences' => array_map(static fn (int $k): string => (string) $interval->point($k), range(0, 11)),
            ];
        }
        $found = [];
        $rule = RecurrenceRule::parse(
            (string) ($case['rrule'] ?? ''),
            LocalDate::parse((string) ($case['dtstart'] ?? ''), 'dtstart'),
        );
        foreach ($rule->occurrences() as $day) {
            $found[] = (string) $day;
            if (count($found) === 13) {
                break;
            }
        }

        return ['occurrences' => array_slice($found, 0, 12), 'ends' => count($found) < 13];
    }
}
