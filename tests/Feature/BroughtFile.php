<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;

/** A file that somebody brings, as its pages show it: its check, what it loads, and taking it back. */
final readonly class BroughtFile
{
    /** Who keeps what such a file holds; the planner, where nobody is named. */
    private const KEPT_BY = ['catalogue' => 'storekeeper', 'stock' => 'storekeeper', 'output' => 'supervisor'];

    private function __construct(private string $who, public string $check)
    {
    }

    public static function of(string $what, string $csv): self
    {
        $who = self::KEPT_BY[$what] ?? 'planner';
        $answer = test()->as($who)->post("/import/{$what}", [
            'file' => UploadedFile::fake()->createWithContent('file.csv', $csv),
        ]);
        $answer->assertSessionHasNoErrors();

        return new self($who, (string) $answer->headers->get('Location'));
    }

    /** What stands of a kind, as the file that is given out. */
    public static function standing(string $what): string
    {
        return test()
            ->as(self::KEPT_BY[$what] ?? 'planner')
            ->get("/import/{$what}/standing.csv")
            ->streamedContent();
    }

    public static function template(string $what): string
    {
        return test()
            ->as(self::KEPT_BY[$what] ?? 'planner')
            ->get("/import/{$what}/template")
            ->streamedContent();
    }

    public function page(): TestResponse
    {
        return test()->as($this->who)->get($this->check)->assertOk();
    }

    public function load(): self
    {
        preg_match('/name="work" value="(\d+)"/', (string) $this->page()->content(), $work);
        test()
            ->as($this->who)
            ->post($this->check, ['work' => $work[1] ?? ''])
            ->assertSessionHasNoErrors();
        $this->page()->assertSee('The file is loaded');

        return $this;
    }

    /** Brings a file, and loads it where its check says nothing against it; whatever is in it, each answer stands. */
    public static function tried(string $what, string $csv): void
    {
        $who = self::KEPT_BY[$what] ?? 'planner';
        $answer = test()->as($who)->post("/import/{$what}", [
            'file' => UploadedFile::fake()->createWithContent('file.csv', $csv),
        ]);
        expect($answer->status())->toBe(302, mb_substr((string) $answer->content(), 0, 500));
        if (session('errors') !== null) {
            return;
        }
        $brought = new self($who, (string) $answer->headers->get('Location'));
        if (preg_match('/name="work" value="(\d+)"/', (string) $brought->page()->content(), $work) === 1) {
            $loaded = test()->as($who)->post($brought->check, ['work' => $work[1]]);
            expect($loaded->status())->toBe(302, mb_substr((string) $loaded->content(), 0, 500));
            $brought->page();
        }
    }

    public function takeBack(): TestResponse
    {
        return test()->as($this->who)->delete($this->check);
    }
}
