<?php

declare(strict_types=1);

namespace Sundial\Ops;

/**
 * Plays a line against the API: a stand-in for the machine's own controller. It signals as fast as wanted, also of
 * hours that are over, and takes faults from the keyboard while it runs.
 */
final class SimulateLine
{
    private const BATCH = 50;

    private string $url = '';

    private string $token = '';

    /** @var array<string, string> */
    private array $given = [
        '--site' => 'OM',
        '--line' => 'LM-14',
        '--product' => '',
        '--piece' => '25.2',
        '--every' => '5',
        '--past' => '0',
        '--speed' => '1',
        '--for' => '0',
        '--port' => '',
        '--token' => '',
    ];

    public function __construct(private readonly string $root)
    {
    }

    /** @param  list<string>  $arguments */
    public function run(array $arguments): int
    {
        $this->read($arguments);
        $this->reach();
        $line = new SimulatedLine(max(0.1, (float) $this->given['--piece']), $this->given['--product']);
        $every = max(1, (int) $this->given['--every']);
        $at = time() - 60 * (int) $this->given['--past'];
        $end = (int) $this->given['--for'] > 0 ? time() + 60 * (int) $this->given['--for'] : PHP_INT_MAX;
        echo "It plays {$this->given['--line']} at {$this->url}. Type jam, slow, run or quit, and Enter.\n";
        stream_set_blocking(STDIN, false);
        for ($batch = []; $at < $end; $at += $every) {
            $isLive = $at + $every > time();
            $batch[] = $line->signal($at, $every);
            if ($isLive || count($batch) >= self::BATCH) {
                $this->send($batch);
                $batch = [];
            }
            $told = trim((string) fgets(STDIN));
            if ($told === 'quit') {
                break;
            }
            if ($told !== '') {
                $line->tell($told === 'run' ? '' : $told);
                echo "From now on: {$told}.\n";
            }
            // What is over is played as fast as wanted; what is now takes its time.
            $pause = $isLive ? $at + $every - time() : $every / max(0.001, (float) $this->given['--speed']);
            usleep((int) max(0, min(60_000_000, 1_000_000 * $pause)));
        }
        $this->send($batch);

        return 0;
    }

    /** @param  list<string>  $arguments */
    private function read(array $arguments): void
    {
        while ($arguments !== []) {
            $option = array_shift($arguments);
            [$option, $value] = array_pad(explode('=', $option, 2), 2, null);
            if (! isset($this->given[$option])) {
                throw new Trouble("“{$option}” is no option here. `./sundial simulate-line --help` lists them.");
            }
            $this->given[$option] = $value ?? (string) array_shift($arguments);
        }
    }

    /** The instance that runs here, with a token of its own; or what was given. */
    private function reach(): void
    {
        foreach (['demo', 'live', 'dev'] as $name) {
            $instance = new Instance($this->root, $name, demo: $name !== 'live');
            $running = $instance->running();
            if ($running === null) {
                continue;
            }
            $this->url = 'http://127.0.0.1:'.($this->given['--port'] ?: $running['http']);
            $this->token = $this->given['--token'];
            if ($this->token === '' && $name !== 'live') {
                $instance->httpPort = $running['http'];
                $instance->databasePort = $running['database'];
                $this->token = trim(Shell::output(
                    $instance->artisan(['token:issue', 'supervisor', 'simulated line']),
                    $instance->env(),
                ));
            }
            break;
        }
        if ($this->url === '') {
            throw new Trouble('Nothing runs here. Start it first with `./sundial demo`, in another window.');
        }
        if ($this->token === '') {
            throw new Trouble('Give a token that may write: My account, Tokens; then --token …');
        }
    }

    /** @param  list<array<string, mixed>>  $signals */
    private function send(array $signals): void
    {
        if ($signals === []) {
            return;
        }
        $curl = curl_init("{$this->url}/api/v1/line-signals");
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 20,
            CURLOPT_POSTFIELDS => json_encode([
                'site' => $this->given['--site'],
                'line' => $this->given['--line'],
                'signals' => $signals,
            ], JSON_THROW_ON_ERROR),
            CURLOPT_HTTPHEADER => [
                'Content-Type: application/json',
                'Accept: application/json',
                "Authorization: Bearer {$this->token}",
            ],
        ]);
        $answer = (string) curl_exec($curl);
        $status = (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        if ($status >= 400 && $status < 500) {
            throw new Trouble("Sundial refused the signals: {$answer}");
        }
        if ($status !== 201) {
            echo "No answer ({$status}); what was signalled is sent no more.\n";
        }
    }
}
