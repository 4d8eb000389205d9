<?php

declare(strict_types=1);

namespace Sundial\Register;

/** What an extra field holds. Fixed once any asset holds a value. */
enum FieldType: string
{
    case Text = 'text';
    case Number = 'number';
    case Money = 'money';
    case Date = 'date';
    case YesNo = 'yes or no';
    case Choice = 'choice';
    case Document = 'document';
    case Link = 'link';

    /** @return list<self> those that are typed, not attached */
    public static function typed(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $one): bool => $one !== self::Document));
    }

    /** Whether its values are ordered by size: as a number or a date, not as a text. */
    public function isOrdered(): bool
    {
        return in_array($this, [self::Number, self::Money, self::Date], true);
    }
}
