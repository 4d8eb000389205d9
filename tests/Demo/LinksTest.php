<?php

declare(strict_types=1);

use App\People\Models\User;
use Illuminate\Support\Facades\DB;

/** What distinguishes one kind of page from another: neither numbers nor what is chosen in a list. */
function kindOfPage(string $address): string
{
    return (string) preg_replace(['/=[^&]*/', '/\d+/', '/\/[\w-]{20,}/'], ['=', '#', '/#'], $address);
}

/** @return list<string> the addresses of ours to which a page leads, or which it asks for by itself */
function leadsTo(string $html): array
{
    preg_match_all('/\b(?:href|hx-get)="(\/[^"#]*)/', $html, $found);

    return array_values(array_filter(
        array_map(static fn (string $one): string => html_entity_decode($one, ENT_QUOTES), $found[1]),
        static fn (string $one): bool => preg_match('/^\/(\/|build|documents|icon)|\.(pdf|csv|json)/', $one) !== 1,
    ));
}

it('leads nobody to a door that is closed to them', function (string $login) {
    DB::beginTransaction();
    $person = User::withLists(User::query())->where('login', $login)->firstOrFail();
    $ways = ['/today' => ''];
    $kinds = [];
    $closed = [];
    while ($ways !== []) {
        $address = (string) array_key_first($ways);
        $from = array_shift($ways);
        $answer = $this->fresh()->actingAs($person)->get($address);
        if ($answer->isRedirect()) {
            continue;
        }
        if (! $answer->isOk()) {
            $closed[] = "{$answer->getStatusCode()} {$address}, to which {$from} leads";

            continue;
        }
        foreach (str_contains((string) $answer->headers->get('Content-Type'), 'html')
            ? leadsTo((string) $answer->getContent())
            : [] as $next) {
            $kinds[kindOfPage($next)] ??= 0;
            // Operators see few pages, and of some machines more than of others.
            if ($kinds[kindOfPage($next)]++ < ($login === 'operator' ? 5 : 1)) {
                $ways[$next] = $address;
            }
        }
    }
    DB::rollBack();
    expect($closed)->toBe([])->and(count($kinds))->toBeGreaterThan($login === 'operator' ? 20 : 80);
})->with(['planner', 'technician', 'storekeeper', 'operator', 'engineer', 'manager']);
