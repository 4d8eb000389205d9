<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Platform\Drafts\Draft;

/** The forms on the sheet of an order whose content is taken with the finish: hours, and answers of steps. */
final class SheetForms
{
    public const BOOKING = 'booking';

    /** The position of the step that a form answers; null for any other form. */
    public static function step(string $form): ?int
    {
        return preg_match('/^step-(\d{1,5})$/D', $form, $found) === 1 ? (int) $found[1] : null;
    }

    /** @return list<string> those that are finished with the order */
    public static function taken(Draft $beside): array
    {
        return array_values(
            array_filter(
                array_keys($beside->forms),
                static fn (string $form): bool => $form === self::BOOKING || self::step($form) !== null,
            ),
        );
    }
}
