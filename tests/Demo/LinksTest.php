<?php

declare(strict_types=1);

use App\People\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Sundial\Support\Csv;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Tests\Demo\PageFlaws;

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

/** @return list<string> the addresses of the files that a page gives out */
function filesOf(string $html): array
{
    preg_match_all('/\bhref="(\/[^"#]*\.(?:csv|json|pdf|ics|svg)(?:\?[^"#]*)?)"/', $html, $found);

    return array_values(array_filter(
        array_map(static fn (string $one): string => html_entity_decode($one, ENT_QUOTES), $found[1]),
        static fn (string $one): bool => preg_match('/^\/(build|documents|icon|schemas)/', $one) !== 1,
    ));
}

/** What is wrong with a file; null for one that reads as what it is called. */
function flawOfFile(string $address, string $content): ?string
{
    return match (pathinfo((string) parse_url($address, PHP_URL_PATH), PATHINFO_EXTENSION)) {
        'csv' => count(array_unique(array_map(count(...), Csv::records($content)))) === 1
            ? null
            : 'rows of several lengths',
        'json' => is_array(json_decode($content, true)) ? null : 'no JSON',
        'pdf' => str_starts_with($content, '%PDF-') && str_contains(substr($content, -32), '%%EOF') ? null : 'no PDF',
        'ics' => str_contains($content, 'END:VCALENDAR') ? null : 'no calendar',
        default => str_contains($content, '<svg') ? null : 'no drawing',
    };
}

/** @return list<array{string, string}> method and address of each form of a page that can be sent */
function formsOf(string $html): array
{
    preg_match_all('/<form\b([^>]*)>(.*?)<\/form>/s', $html, $found, PREG_SET_ORDER);
    $forms = [];
    foreach ($found as [, $head, $inside]) {
        $isSent = preg_match('/method="post"/i', $head) === 1 && str_contains($inside, '<button');
        if ($isSent && preg_match('/action="(\/[^"#]*)/', $head, $to) === 1) {
            $other = preg_match('/name="_method" value="(\w+)"/', $inside, $as) === 1 ? $as[1] : 'post';
            $forms[] = [strtoupper($other), html_entity_decode($to[1], ENT_QUOTES)];
        }
    }

    return $forms;
}

/** Whether the rights of somebody open a form, asked as its route asks. */
function mayOpen(User $person, string $method, string $address): bool
{
    $request = Request::create($address, $method);
    $router = app('router');
    $route = $router->getRoutes()->match($request);
    $router->substituteBindings($route);
    $router->substituteImplicitBindings($route);
    foreach ($route->gatherMiddleware() as $asks) {
        if (! is_string($asks) || ! str_starts_with($asks, 'can:')) {
            continue;
        }
        [$ability, $of] = explode(',', substr($asks, 4)) + [1 => null];
        if (! Gate::forUser($person)->allows($ability, $of === null ? [] : [$route->parameter($of) ?? $of])) {
            return false;
        }
    }

    return true;
}

it('leads nobody to a door that is closed to them, and to nothing that is not there', function (string $login) {
    DB::beginTransaction();
    $person = User::withLists(User::query())->where('login', $login)->firstOrFail();
    $ways = ['/today' => ''];
    $kinds = [];
    $closed = [];
    $offered = [];
    $flaws = [];
    $files = [];
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
        if (! str_contains((string) $answer->headers->get('Content-Type'), 'html')) {
            continue;
        }
        foreach (PageFlaws::of((string) $answer->getContent()) as $flaw) {
            $flaws[] = "{$address}: {$flaw}";
        }
        foreach (filesOf((string) $answer->getContent()) as $file) {
            $kind = kindOfPage($file);
            if (! isset($files[$kind])) {
                $files[$kind] = true;
                $given = $this->fresh()->actingAs($person)->get($file);
                $content = $given->baseResponse instanceof StreamedResponse
                    ? $given->streamedContent()
                    : (string) $given->getContent();
                $flaw = $given->isOk() ? flawOfFile($file, $content) : "answered {$given->getStatusCode()}";
                $flaw === null ? null : $flaws[] = "{$file}: {$flaw}";
            }
        }
        foreach (formsOf((string) $answer->getContent()) as [$method, $to]) {
            $kind = $method.kindOfPage($to);
            $offered[$kind] ??= 0;
            if ($offered[$kind]++ < 3 && ! mayOpen($person, $method, $to)) {
                $closed[] = "{$method} {$to}, which {$address} offers";
            }
        }
        foreach (leadsTo((string) $answer->getContent()) as $next) {
            $kinds[kindOfPage($next)] ??= 0;
            // Operators see few pages, and of some machines more than of others.
            if ($kinds[kindOfPage($next)]++ < ($login === 'operator' ? 5 : 1)) {
                $ways[$next] = $address;
            }
        }
    }
    DB::rollBack();
    expect($closed)
        ->toBe([])
        ->and($flaws)
        ->toBe([])
        ->and(count($kinds))
        ->toBeGreaterThan($login === 'operator' ? 20 : 80)
        ->and(count($offered))
        ->toBeGreaterThan(5);
})->with(['planner', 'technician', 'storekeeper', 'operator', 'engineer', 'manager']);
