<?php

declare(strict_types=1);

namespace App\Platform\Lists;

/** A column that somebody may choose for a list. */
final readonly class ListColumn
{
    /**
     * @param  string  $from  where its value stands, as the database says it
     * @param  string  $kind  how it is read: text, date, instant, minutes, money, count, number, yes or no
     * @param  bool  $costs  for those alone who see costs
     */
    public function __construct(
        public string $key,
        public string $label,
        public string $from,
        public string $kind = 'text',
        public bool $costs = false,
    ) {
    }

    public function isNumber(): bool
    {
        return in_array($this->kind, ['minutes', 'money', 'count', 'number'], true);
    }
}
