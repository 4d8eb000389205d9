<?php

declare(strict_types=1);

namespace Sundial\Work;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** Why work that has begun stands still: one of the plant's reasons, and when one looks at it again. */
final readonly class HoldReason
{
    /** Those with which a plant begins, and the days after which each is looked at again. */
    public const SHIPPED = [
        'parts' => 2,
        'access' => 1,
        'people' => 1,
        'contractor' => 7,
        'weather' => 1,
        'safety' => 1,
        'other' => 2,
    ];

    /** Days ahead to which a look can be put off. */
    private const FARTHEST = 366;

    private function __construct(public string $name, public int $days)
    {
    }

    /** @param  int  $days  after which it is looked at again */
    public static function of(string $name, int $days): self
    {
        return new self($name, max(0, $days));
    }

    /**
     * The day on which an order that is put on hold today is looked at again: the one that was chosen, else as many
     * days on as the reason says.
     *
     * @throws InvalidInput too_early a day that has passed, too_late more than a year ahead
     */
    public function lookAgain(LocalDate $today, ?LocalDate $chosen = null): LocalDate
    {
        $day = $chosen ?? $today->plusDays($this->days);
        if ($day->isBefore($today)) {
            throw InvalidInput::because(
                'too_early',
                'look_again_on',
                'The day to look again has passed. Choose today or a later one.',
                (string) $day,
            );
        }
        if ($today->daysUntil($day) > self::FARTHEST) {
            throw InvalidInput::because(
                'too_late',
                'look_again_on',
                'The day to look again lies more than a year ahead.',
                (string) $day,
            );
        }

        return $day;
    }
}
