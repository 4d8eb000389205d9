<?php

declare(strict_types=1);

namespace App\Platform\Drafts;

/** The forms of a sheet that were taken together with the one that was sent; one for each request. */
final class TakenForms
{
    /** @var list<string> */
    public array $names = [];
}
