<?php

declare(strict_types=1);

namespace App\Platform\Api;

use App\Platform\Access\HoldsRights;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\Site;
use Illuminate\Support\Facades\Auth;
use Sundial\Access\Right;
use Sundial\Support\InvalidInput;

/** The sites that a program means: one by its code, or every one at which its person holds a right. */
final readonly class ApiSites
{
    public function __construct(private CurrentSite $site)
    {
    }

    /** @throws InvalidInput no_site, with the codes that there are */
    public function named(mixed $code): Site
    {
        $sites = $this->site->all();

        return $sites->firstWhere('code', '===', $code) ??
            throw InvalidInput::because(
                'no_site',
                'site',
                'Name one of your sites by its code: '.$sites->pluck('code')->implode(', ').'.',
                is_string($code) ? $code : null,
            );
    }

    /**
     * The sites that a list is of: rights are held per site, so that one at which this one is not held is left out.
     *
     * @return list<int>
     */
    public function listed(Right $right, ?string $code): array
    {
        $person = Auth::user();
        $sites = $code === null ? $this->site->all() : collect([$this->named($code)]);

        return array_values(
            $sites
                ->filter(
                    static fn (Site $site): bool => $person instanceof HoldsRights && $person->holds($right, $site->id),
                )
                ->map(static fn (Site $site): int => $site->id)
                ->values()
                ->all(),
        );
    }
}
