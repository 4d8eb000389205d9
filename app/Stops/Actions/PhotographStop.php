<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Platform\Documents\Attach;
use App\Platform\Documents\Document;
use App\Platform\Sites\SiteDays;
use App\Stops\Models\Stop;
use Sundial\Support\InvalidInput;

/** Hangs a photo, taken where it stood, on a stop. */
final readonly class PhotographStop
{
    public function __construct(private Attach $attach, private SiteDays $days, private Clock $clock)
    {
    }

    /**
     * @param  string  $content  of the file
     *
     * Refuses: no_photo; what files are refused for.
     */
    public function __invoke(Actor $by, Stop $stop, string $content): Document
    {
        if (@getimagesizefromstring($content) === false) {
            throw InvalidInput::because('no_photo', 'photo', 'This is no photo that can be read. Take another.');
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'photo');
        try {
            if (file_put_contents($path, $content) !== strlen($content)) {
                throw InvalidInput::because('not_kept', 'photo', 'The photo could not be kept: the disk is full.');
            }
            $taken = $this->clock->now()->setTimezone($this->days->site($stop->site_id)->zone());
            $name = "{$stop->asset->name} {$taken->format('Y-m-d H.i')}.jpg";
            [$document] = ($this->attach)($by, $stop->subject(), $path, $name, 'photo');

            return $document;
        } finally {
            @unlink($path);
        }
    }
}
