<?php

declare(strict_types=1);

namespace Tests;

use App\People\Models\User;
use App\Platform\Clock\Clock;
use App\Platform\Clock\SetClock;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Cache;
use RuntimeException;

/** Feature tests run on a MariaDB of their own, at a clock that stands still. */
abstract class TestCase extends BaseTestCase
{
    use AsNewRequest;

    /** The mocking of console output needs a package that is not installed; commands are called for real. */
    public $mockConsoleOutput = false;

    protected SetClock $clock;

    protected function setUp(): void
    {
        parent::setUp();
        if (
            config('database.connections.mariadb.database') !== 'sundial_test' ||
            config('sundial.instance') !== 'test'
        ) {
            throw new RuntimeException(
                'Feature tests only run on their own database. Start them with ./sundial test feature.',
            );
        }
        $this->clock = new SetClock('2026-03-18 08:00:00');
        $this->app->instance(Clock::class, $this->clock);
        $this->withoutVite();
        Cache::flush();
    }

    /** A page is read as a browser shows it: breaks of lines and runs of blanks are one blank. */
    protected function createTestResponse($response, $request)
    {
        $type = (string) $response->headers->get('Content-Type');
        if (str_contains($type, 'text/html') && is_string($response->getContent())) {
            $response->setContent((string) preg_replace('/\s+/', ' ', $response->getContent()));
        }

        return parent::createTestResponse($response, $request);
    }

    /** The mark that the form of a page carries of what it showed; empty where the page has no such form. */
    public function seenOn(string $page, string $form): string
    {
        $html = (string) $this->get($page)->assertOk()->getContent();
        preg_match('#<form[^>]*method="post"[^>]*action="[^"]*'.preg_quote($form, '#').'".*?</form>#s', $html, $found);
        preg_match('/name="seen" value="([0-9a-f]+)"/', $found[0] ?? '', $seen);

        return $seen[1] ?? '';
    }

    protected function as(string $role): static
    {
        return $this->fresh()
            ->actingAs(User::withLists(User::query())->where('login', $role)->firstOrFail())
            ->withSession(['horizon.folded' => true]);
    }

    /** Seconds since 1970 by the clock that stands still. */
    public function clockNow(): int
    {
        return $this->clock->now()->getTimestamp();
    }
}
