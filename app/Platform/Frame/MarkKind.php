<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use App\Platform\Access\Rights;
use Closure;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/**
 * What marks on the horizon are of, in the word of its trade; whether whoever looks may open them, and where those of
 * a day are listed.
 */
final readonly class MarkKind
{
    /** @param  Closure(LocalDate $day, int $late): string  $list */
    private function __construct(public string $one, public bool $opens, private Closure $list)
    {
    }

    /** @param  Closure(LocalDate $day, int $late): string  $list */
    public static function listed(string $one, Closure $list): self
    {
        return new self($one, Rights::has(Right::SeePlant), $list);
    }

    /** 1 visit, 6 visits */
    public function count(int $count): string
    {
        return "{$count} {$this->one}".($count === 1 ? '' : 's');
    }

    public function href(LocalDate $day, int $late): ?string
    {
        return $this->opens ? ($this->list)($day, $late) : null;
    }
}
