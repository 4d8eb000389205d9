<?php

declare(strict_types=1);

namespace Sundial\Import;

use Sundial\Support\InvalidInput;

/** How a file writes its numbers: 1,204.50 or 1.204,50. */
enum NumberStyle: string
{
    case Point = 'point';
    case Comma = 'comma';

    /**
     * The number with a decimal point and no marks of thousands: "1.204,50" under Comma is "1204.50".
     *
     * A mark that can only be the other style's decimal sign is refused, since ten times too much would be taken in
     * silence.
     *
     * @throws InvalidInput when the marks do not fit the style
     */
    public function plain(string $typed, string $key): string
    {
        [$thousands, $decimal] = $this === self::Point ? [',', '.'] : ['.', ','];
        $bare = str_replace([' ', "\u{202f}", "\u{a0}", "'"], '', trim($typed));
        if (
            str_contains($bare, $thousands) &&
            preg_match('/^[-+]?\d{1,3}(?:\\'.$thousands.'\d{3})+(?:\\'.$decimal.'\d*)?$/D', $bare) !== 1
        ) {
            throw InvalidInput::because(
                'number_style',
                $key,
                "“{$typed}” is no number with a decimal {$this->value}. If the file writes numbers the other way, ".
                    'choose that below.',
                $typed,
            );
        }

        return str_replace([$thousands, $decimal], ['', '.'], $bare);
    }
}
