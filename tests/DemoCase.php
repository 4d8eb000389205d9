<?php

declare(strict_types=1);

namespace Tests;

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
}
