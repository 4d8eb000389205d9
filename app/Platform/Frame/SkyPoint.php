<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Sundial\Planning\Visit\Nearness;

/**
 * One asset in the sky, or many that stand together: how far the most urgent visit has come, and what is said of it.
 */
final readonly class SkyPoint
{
    /**
     * @param  Nearness|null  $nearness  null: without a schedule
     * @param  int  $consumed  share of the interval that has passed, in thousandths
     * @param  string  $label  tag, name and standing
     * @param  string  $short  name and standing, for the few that are named in the picture
     * @param  int  $many  how many stand there
     */
    public function __construct(
        public ?Nearness $nearness,
        public int $consumed,
        public string $label,
        public string $short,
        public string $href,
        public int $many = 1,
    ) {
    }
}
