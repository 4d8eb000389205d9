<?php

declare(strict_types=1);

use App\Platform\Api\Description;
use App\Platform\Audit\Actor;
use App\Register\Actions\SaveField;
use App\Register\Inputs\FieldInput;
use App\Register\Models\Asset;
use App\Register\Models\Meter;
use Illuminate\Routing\Route as Registered;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Plant;

it('describes every route of the API, and no other', function () {
    $described = array_map(
        static fn (array $one): string => "{$one['method']} api/v1{$one['path']}",
        app(Description::class)->operations(),
    );
    $routes = [];
    foreach (Route::getRoutes() as $route) {
        /** @var Registered $route */
        if (str_starts_with($route->uri(), 'api/v1/') && $route->uri() !== 'api/v1/openapi.json') {
            $routes[] = array_values(array_diff($route->methods(), ['HEAD']))[0].' '.$route->uri();
        }
    }
    expect($described)->toEqualCanonicalizing($routes);
    $document = json_decode((string) $this->get('/api/v1/openapi.json')->assertOk()->content(), true);
    preg_match_all('~"#/([^"]+)"~', (string) json_encode($document, JSON_UNESCAPED_SLASHES), $references);
    foreach (array_unique($references[1]) as $reference) {
        expect(data_get($document, str_replace('/', '.', $reference)))->not->toBeNull($reference);
    }
    Plant::build();
    $this->as('operator')->get('/api')->assertOk()->assertSee('Send a reading');
});

it('gives assets with all their fields, page by page, and what the description says', function () {
    $plant = Plant::build();
    $plant->schedule(['anchor_on' => '2026-03-10', 'name' => 'Check']);
    app(SaveField::class)(Actor::sundial(), null, FieldInput::of(['name' => 'Zone', 'type' => 'text']));
    $this->as('planner')->get('/assets');
    $first = api('planner', 'GET', 'assets?limit=1')->assertOk();
    expect($first->json('data.0'))
        ->toMatchArray([
            'tag' => 'PMP-01',
            'site' => 'T',
            'class' => 'centrifugal pump',
            'place' => 'HALL',
            'parent' => null,
            'extra' => ['Zone' => null],
            'nearness' => 'late',
            'version' => 1,
        ])
        ->and(array_keys($first->json('data.0')))
        ->toEqualCanonicalizing(
            array_keys(app(Description::class)->document()['components']['schemas']['Asset']['properties']),
        );
    $second = $this->json(
        'GET',
        $first->json('next'),
        [],
        ['Authorization' => $first->baseRequest->header('Authorization')],
    )->assertOk();
    expect($second->json('data.0.tag'))
        ->toBe('PMP-01-M')
        ->and($second->json('data.0.parent'))
        ->toBe('PMP-01')
        ->and($second->json('next'))
        ->toBeNull();
    expect(api('planner', 'GET', 'assets?q=motor')->json('data.*.tag'))
        ->toBe(['PMP-01-M'])
        ->and(api('technician', 'GET', "assets/{$plant->pump->id}")->json())
        ->not->toHaveKey('purchase_price');
    api('planner', 'GET', "assets/{$plant->foreign->id}")
        ->assertForbidden()
        ->assertHeader('Content-Type', 'application/problem+json');
    expect(api('planner', 'GET', 'assets')->json('data.*.tag'))->not->toContain($plant->foreign->tag);
});

it('adds and changes an asset by the rules of a file, and overwrites nobody', function () {
    $plant = Plant::build();
    app(SaveField::class)(
        Actor::sundial(),
        null,
        FieldInput::of(['name' => 'Motor power', 'type' => 'number', 'unit' => 'kW']),
    );
    $new = [
        'site' => 'T',
        'tag' => 'FP-9',
        'name' => 'Feed pump 9',
        'class' => 'centrifugal pump',
        'place' => 'HALL',
        'purchase_price' => '5400.50',
        'extra' => ['Motor power' => 7.5],
    ];
    $added = api('planner', 'POST', 'assets', $new)->assertCreated();
    $added->assertHeader('Location', '/api/v1/assets/'.$added->json('id'));
    expect($added->json())
        ->toMatchArray(['tag' => 'FP-9', 'purchase_price' => '5400.50', 'extra' => ['Motor power' => '7.5']])
        ->and(DB::table('audit_entries')->where('did', 'added Feed pump 9 (FP-9)')->value('who'))
        ->toBe('Planner One');
    api('planner', 'POST', 'assets', $new)
        ->assertStatus(422)
        ->assertJsonPath('errors.tag.0', 'FP-9 stands already. Change it at its own address.');
    $wrong = api('planner', 'POST', 'assets', [
        'site' => 'T',
        'tag' => 'FP-10',
        'class' => 'pump',
        'place' => 'NOWHERE',
        'colour' => 'red',
        'extra' => ['Weight' => 1],
    ])->assertStatus(422);
    expect(array_keys($wrong->json('errors')))->toEqualCanonicalizing(['name', 'place', 'colour', 'extra.Weight']);
    $path = "assets/{$added->json('id')}";
    api('planner', 'PATCH', $path, [
        'version' => $added->json('version'),
        'make' => 'Brookside',
        'purchase_price' => null,
    ])
        ->assertOk()
        ->assertJsonPath('make', 'Brookside')
        ->assertJsonPath('purchase_price', null)
        ->assertJsonPath('name', 'Feed pump 9');
    api('planner', 'PATCH', $path, ['version' => $added->json('version'), 'make' => 'Other'])
        ->assertStatus(409)
        ->assertJsonPath('version', $added->json('version') + 1);
    api('planner', 'PATCH', $path, ['make' => 'Other'])
        ->assertStatus(422)
        ->assertJsonPath('cause', 'missing');
    expect(Asset::query()->where('tag', 'FP-9')->sole()->make)->toBe('Brookside');
});

it('takes readings from machines, doubts them, and takes many or none', function () {
    $plant = Plant::build();
    $hours = $plant->meter(last: '2026-03-10');
    api('technician', 'POST', "meters/{$hours->id}/readings", [
        'reading' => '1465',
        'at' => '2026-03-17T07:30:00+01:00',
    ])
        ->assertCreated()
        ->assertJsonPath('reading', '1465')
        ->assertJsonPath('at', '2026-03-17T06:30:00Z')
        ->assertJsonPath('from', 'signal')
        ->assertJsonStructure(['what_follows']);
    api('technician', 'POST', "meters/{$hours->id}/readings", ['reading' => '900'])
        ->assertStatus(422)
        ->assertJsonPath('cause', 'falls')
        ->assertJsonPath('title', 'Unprocessable Content');
    $bad = api('technician', 'POST', 'readings', [
        'site' => 'T',
        'readings' => [
            ['tag' => 'PMP-01', 'reading' => '1470'],
            ['tag' => 'PMP-99', 'reading' => '1'],
            ['tag' => 'PMP-01', 'reading' => '1471', 'at' => 'noon'],
        ],
    ])->assertStatus(422);
    expect(array_keys($bad->json('errors')))
        ->toBe(['readings.1.tag', 'readings.2.at'])
        ->and($hours->refresh()->last_shown)
        ->toBe('1465.000');
    api('technician', 'POST', 'readings', [
        'site' => 'T',
        'readings' => [
            ['tag' => 'pmp-01', 'reading' => '1470'],
            ['tag' => 'PMP-01', 'meter' => 'Running hours', 'reading' => '1470.5', 'at' => '2026-03-18T08:01:00Z'],
        ],
    ])->assertCreated();
    $list = api('engineer', 'GET', "meters/{$hours->id}/readings?from=2026-03-18T00:00:00Z")->assertOk();
    expect($list->json('data.*.reading'))->toBe(['1470', '1470.5']);
    api('planner', 'POST', "readings/{$list->json('data.1.id')}/strike", ['reason' => 'noise'])
        ->assertOk()
        ->assertJsonPath('struck_out', 'noise');
    expect(api('engineer', 'GET', 'meters?tag=PMP-01')->json('data.0'))->toMatchArray([
        'meter' => 'Running hours',
        'last_reading' => ['reading' => '1470', 'at' => '2026-03-18T08:00:00Z'],
    ]);
});

it('puts meters on assets and changes them', function () {
    $plant = Plant::build();
    $added = api('planner', 'POST', "assets/{$plant->pump->id}/meters", [
        'meter' => 'Pressure',
        'kind' => 'gauge',
        'unit' => 'bar',
        'decimals' => 1,
        'high_limit' => '8',
    ])->assertCreated();
    expect(array_keys($added->json()))->toEqualCanonicalizing(
        array_keys(app(Description::class)->document()['components']['schemas']['Meter']['properties']),
    );
    api('planner', 'PATCH', "meters/{$added->json('id')}", [
        'version' => $added->json('version'),
        'high_limit' => '9.5',
    ])
        ->assertOk()
        ->assertJsonPath('high_limit', '9.5')
        ->assertJsonPath('unit', 'bar');
    api('planner', 'POST', "assets/{$plant->pump->id}/meters", [
        'meter' => 'Low',
        'kind' => 'gauge',
        'unit' => 'bar',
        'low_limit' => 9,
        'high_limit' => 1,
    ])->assertStatus(422);
    expect(Meter::query()->count())->toBe(1);
});

it('does a write once for each key', function () {
    $plant = Plant::build();
    $hours = $plant->meter(last: '2026-03-10');
    $before = DB::table('readings')->count();
    $send = static fn (string $reading): TestResponse => api(
        'technician',
        'POST',
        "meters/{$hours->id}/readings",
        ['reading' => $reading],
        ['Idempotency-Key' => 'shift-a'],
    );
    $first = $send('1465')->assertCreated();
    $again = $send('1465')->assertCreated()->assertHeader('Idempotency-Replayed', 'true');
    expect($again->json())
        ->toBe($first->json())
        ->and(DB::table('readings')->count())
        ->toBe($before + 1);
    $send('1466')
        ->assertStatus(422)
        ->assertJsonPath(
            'detail',
            'This Idempotency-Key was used for another request. Take a new one for each write.',
        );
    // Another person's key of the same name is another key; what was refused may be tried again; after two days a key
    // is free.
    api(
        'planner',
        'POST',
        "meters/{$hours->id}/readings",
        ['reading' => '1466'],
        ['Idempotency-Key' => 'shift-a'],
    )->assertCreated();
    foreach ([422, 422] as $status) {
        api('planner', 'POST', "meters/{$hours->id}/readings", ['reading' => '1'], ['Idempotency-Key' => 'shift-b'])
            ->assertStatus($status)
            ->assertHeaderMissing('Idempotency-Replayed');
    }
    $this->clock->set('2026-03-20 09:00:00');
    $send('1480')->assertCreated()->assertHeaderMissing('Idempotency-Replayed');
});

it('opens to a token alone, as far as it and its owner may', function () {
    $plant = Plant::build();
    $plant->meter();
    $this->as('planner')
        ->getJson('/api/v1/assets')
        ->assertUnauthorized()
        ->assertHeader('Content-Type', 'application/problem+json');
    app('auth')->forgetGuards();
    $this->getJson('/api/v1/assets', ['Authorization' => 'Bearer 1|nothing'])->assertUnauthorized();
    api('planner', 'GET', 'assets', may: 'read')->assertOk();
    api(
        'planner',
        'PATCH',
        "assets/{$plant->pump->id}",
        ['version' => 1, 'make' => 'X'],
        may: 'read',
    )->assertForbidden();
    api('technician', 'PATCH', "assets/{$plant->pump->id}", ['version' => 1, 'make' => 'X'])->assertForbidden();
    api('planner', 'GET', 'assets/999999')->assertNotFound()->assertJsonPath('status', 404);
    api('planner', 'DELETE', 'assets')->assertStatus(405);
    // Revoked, it opens nothing; nor does that of an account that was stopped.
    $this->as('planner')->delete(
        '/me/tokens/'.DB::table('personal_access_tokens')->where('abilities', '["read"]')->value('id'),
    );
    expect(DB::table('audit_entries')->where('did', 'revoked the token “gateway”')->exists())->toBeTrue();
    $technician = $plant->person('technician');
    $technician->update(['active' => false]);
    api('technician', 'GET', 'assets')->assertUnauthorized();
});

it('says when it was asked too often', function () {
    Plant::build();
    api('planner', 'GET', 'assets')->assertOk();
    for ($i = 0; $i < 600; $i++) {
        RateLimiter::hit('api 127.0.0.1');
    }
    api('planner', 'GET', 'assets')->assertStatus(429)->assertHeader('Retry-After')->assertJsonPath('status', 429);
    // Wrong tokens are counted too: whoever guesses is stopped before the next one is looked at.
    $this->getJson('/api/v1/assets', ['Authorization' => 'Bearer guessed'])->assertStatus(429);
});
