<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use App\Register\Models\Asset;
use Sundial\Calendar\LocalDate;
use Sundial\Work\Shutdown\ShutdownWindow;

/** What is said of a shutdown: what stands, from when to when, and until when its scope can grow. */
final readonly class ShutdownInput
{
    /** @param  list<Asset>  $standing */
    private function __construct(
        public string $title,
        public ShutdownWindow $window,
        public array $standing,
        public ?LocalDate $scopeOn,
        public ?string $about,
    ) {
    }

    public static function of(string $title, ShutdownWindow $window, Asset ...$standing): self
    {
        return new self($title, $window, array_values($standing), null, null);
    }

    public function with(?LocalDate $scopeOn, ?string $about): self
    {
        return new self($this->title, $this->window, $this->standing, $scopeOn, $about);
    }
}
