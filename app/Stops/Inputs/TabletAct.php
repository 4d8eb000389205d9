<?php

declare(strict_types=1);

namespace App\Stops\Inputs;

use DateTimeImmutable;

/** One thing that was pressed at a tablet, when, and what was said with it. */
final readonly class TabletAct
{
    /**
     * @param  string  $id  of the press, made there: it is taken once, however often it is sent
     * @param  string  $what  down, runs, why, photo, short, call or arrived
     * @param  string|null  $of  the press that began the stop of which the reason is said, or a photo taken
     * @param  string|null  $photo  the content of its file
     */
    public function __construct(
        public string $id,
        public string $what,
        public DateTimeImmutable $at,
        public string $words = '',
        public ?string $of = null,
        public int $stops = 0,
        public int $seconds = 0,
        public ?int $assetId = null,
        public ?int $causeId = null,
        public ?string $note = null,
        public ?string $photo = null,
    ) {
    }
}
