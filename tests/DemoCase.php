<?php

declare(strict_types=1);

namespace Tests;

use App\People\Models\User;
use Generator;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use RuntimeException;

/** Tests that look at the demo plant as it was loaded for the browser, and change nothing in it. */
abstract class DemoCase extends BaseTestCase
{
    use AsNewRequest;

    public $mockConsoleOutput = false;

    protected function setUp(): void
    {
        parent::setUp();
        if (config('sundial.instance') !== 'browser') {
            throw new RuntimeException(
                'These tests only run on the demo plant of the browser stage. Start them with ./sundial test browser.',
            );
        }
    }

    /**
     * Each kind of page to which a person comes from Today, once.
     *
     * @return Generator<string, string> what it shows, by its address
     */
    protected function pagesOf(User $person): Generator
    {
        [$ways, $kinds] = [['/today' => 1], []];
        while ($ways !== []) {
            $address = (string) array_key_first($ways);
            array_shift($ways);
            $answer = $this->fresh()->actingAs($person)->get($address);
            if (! $answer->isOk() || ! str_contains((string) $answer->headers->get('Content-Type'), 'html')) {
                continue;
            }
            $html = (string) $answer->getContent();
            foreach (leadsTo($html) as $next) {
                $kinds[kindOfPage($next)] ??= 0;
                if ($kinds[kindOfPage($next)]++ < 1) {
                    $ways[$next] = 1;
                }
            }
            yield $address => $html;
        }
    }
}
