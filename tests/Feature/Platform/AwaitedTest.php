<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Stores\Actions\SetFit;
use App\Stores\Models\Part;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Tests\Feature\Plant;

/** The ids, links to sections and records that a piece of a page holds. */
function held(string $html): array
{
    $wanted = '/<section class="part[^"]*"\s+id="([^"]+)"|data-record="([^"]+)"|<a href="(#[^"]+)"/';
    preg_match_all($wanted, $html, $found);
    $held = array_filter(array_merge($found[1], $found[2], $found[3]));
    sort($held);

    return array_values($held);
}

/** What a browser says when it asks for what comes behind a page. @return array<string, string> */
function behind(string $html): array
{
    preg_match('/data-awaited hx-get="[^"]+"\s+hx-headers="([^"]+)"/', $html, $found);

    return ['HX-Request' => 'true'] + json_decode(html_entity_decode($found[1]), true);
}

beforeEach(function () {
    $plant = Plant::build();
    $plant->schedule(['approve_at_once' => true]);
    app(SetFit::class)(Actor::sundial(), $plant->pump, 'BRG-6205', 'Ball bearing', '2', null);
    $this->addresses = [
        'asset' => "/assets/{$plant->pump->id}",
        'part' => '/parts/'.Part::query()->sole()->id,
        'order' => "/orders/{$plant->release()?->id}",
        'place' => "/places/{$plant->pump->location_id}",
        'schedules' => '/schedules',
    ];
    $this->as('planner')->withUnencryptedCookie('scripts', '1')->withSession(['horizon.folded' => false]);
});

it('sends a page in two answers that together are the whole', function (string $name) {
    $address = $this->addresses[$name];
    $whole = (string) $this->get("{$address}?whole=1")->assertOk()->getContent();
    $first = (string) $this->get($address)->assertOk()->getContent();
    $second = (string) $this->get($address, behind($first))->assertOk()->getContent();

    expect(held($first.$second))->toBe(held($whole))
        ->and(substr_count($first.$second, 'class="label"'))->toBe(substr_count($whole, 'class="label"'))
        ->and($second)->not->toContain('<nav class="rail"');
})->with(['asset', 'part', 'order', 'place', 'schedules']);

it('leaves the index, the lower sections and the horizon of a record to the second answer', function () {
    $first = (string) $this->get($this->addresses['asset'])->assertSee('Seal check')->getContent();
    $this->get($this->addresses['asset'])
        ->assertDontSee('data-record=', false)
        ->assertDontSee('id="log"', false)
        ->assertDontSee('class="label"', false);
    $this->get($this->addresses['asset'], behind($first))
        ->assertSee('data-record=', false)
        ->assertSee('id="log"', false)
        ->assertSee('class="label"', false);
});

it('gives all at once where nothing may move under somebody’s hands', function (array $headers, string $asked) {
    $this->get($this->addresses['asset'].$asked, array_map(
        fn (string $one): string => strtr($one, ['{here}' => url($this->addresses['asset'])]),
        $headers,
    ))
        ->assertSee('id="log"', false)
        ->assertDontSee('data-awaited', false);
})->with([
    'it is asked for whole' => [[], '?whole=1'],
    'somebody goes back to it' => [
        ['HX-Request' => 'true', 'HX-History-Restore-Request' => 'true', 'HX-Current-URL' => 'http://localhost/parts'],
        '',
    ],
    'somebody stays on it' => [
        ['HX-Request' => 'true', 'HX-Target' => 'page', 'HX-Current-URL' => '{here}?before=3'],
        '',
    ],
    'a form of it was sent without a script' => [['Referer' => '{here}'], ''],
]);

it('says what was refused in the page that follows, with all of its forms', function () {
    $address = $this->addresses['asset'];
    $this->from('/assets')->post("{$address}/retire", ['reason' => ''])->assertSessionHasErrors('reason');
    $this->get($address)->assertDontSee('data-awaited', false)->assertSee('id="log"', false);
});

it('keeps the sentence of what was saved for the page that shows it', function () {
    $first = (string) $this->get($this->addresses['asset'])->getContent();
    session()->flash('said', 'It is saved.');
    session()->save();
    $second = $this->get($this->addresses['asset'], behind($first))->assertDontSee('It is saved.');
    expect($second->headers->getCookies())->toBe([], 'it would bring back a session that was ended meanwhile');
    $this->get($this->addresses['order'])->assertSee('It is saved.');
});

it('asks for nothing behind a page that could write the session over what somebody saves beside it', function () {
    $asked = [];
    $below = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(resource_path('views')));
    foreach (new RegexIterator($below, '/\.blade\.php$/') as $file) {
        preg_match_all('/hx-get="([^"]+)"/', (string) file_get_contents((string) $file), $found);
        $asked = [...$asked, ...$found[1]];
    }
    // Said by the page itself, in Page.
    $asked = array_diff($asked, ['{{ request()->fullUrl() }}']);
    $known = ['{{ $at }}' => '/shifts/1', '{{ $by }}' => '/orders/1', '{{ $asked }}' => ''];
    $writing = array_filter($asked, static function (string $one) use ($known): bool {
        $address = (string) preg_replace(
            ['/\{\{ \$import[^}]*\}\}/', '/\{\{[^}]*\}\}/'],
            ['0198c1b4-7d1e-7000-8000-000000000001', '1'],
            strtr($one, $known),
        );
        $route = Route::getRoutes()->match(Request::create($address));

        return ! in_array('background', $route->gatherMiddleware(), true);
    });
    expect(array_values($writing))->toBe([])->and(count($asked))->toBeGreaterThan(9);
});
