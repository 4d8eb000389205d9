<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Register\Actions\SaveAsset;
use App\Register\Inputs\AssetFacts;
use App\Register\Models\Asset;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Tests\Feature\Plant;

it('shows the second of two people what changed, and overwrites nothing', function () {
    $plant = Plant::build();
    $form = [
        'tag' => 'PMP-01',
        'name' => 'Feed pump 1',
        'class_id' => $plant->pump->class_id,
        'stands' => 'HALL',
        'criticality' => 'B',
        'life_state' => 'in service',
        'make' => 'Brookside',
        'version' => $plant->pump->version,
    ];
    $this->as('planner')
        ->put("/assets/{$plant->pump->id}", $form)
        ->assertRedirect("/assets/{$plant->pump->id}");
    $this->as('supervisor')
        ->from("/assets/{$plant->pump->id}/edit")
        ->put("/assets/{$plant->pump->id}", ['make' => 'Tarnside'] + $form)
        ->assertRedirect("/assets/{$plant->pump->id}/edit");
    $this->get("/assets/{$plant->pump->id}/edit")
        ->assertSee('stands as “Brookside”, you typed “Tarnside”', false)
        ->assertSee('value="Tarnside"', false);
    expect(Asset::query()->find($plant->pump->id)->make)->toBe('Brookside');
});

it('makes one record of a form that is sent twice', function () {
    $plant = Plant::build();
    $form = [
        'once' => (string) Str::uuid(),
        'tag' => 'PMP-02',
        'name' => 'Feed pump 2',
        'class_id' => $plant->pump->class_id,
        'stands' => 'HALL',
    ];
    $first = $this->as('planner')->post('/assets', $form)->assertSessionHasNoErrors()->headers->get('Location');
    $second = $this->as('planner')->post('/assets', $form)->assertSessionHasNoErrors()->headers->get('Location');
    expect($second)
        ->toBe($first)
        ->and(Asset::query()->where('tag', 'PMP-02')->count())
        ->toBe(1);
});

it('keeps the sentence about what was saved, whatever the page asks for beside it', function () {
    $plant = Plant::build();
    $saved = $this->as('planner')
        ->post("/assets/{$plant->pump->id}/schedules", $plant->fields(['anchor_on' => '2026-04-10']))
        ->headers->get('Location');
    $this->post("/assets/{$plant->pump->id}/schedules/preview", $plant->fields(), [
        'HX-Request' => 'true',
    ])->assertOk();
    $this->get('/jump?q=pump', ['HX-Request' => 'true'])->assertOk();
    $this->get((string) $saved)->assertSee('Seal check is saved.');
    $this->get((string) $saved)->assertDontSee('Seal check is saved.');
});

it('says that the session was lost, and keeps the htmx form as it is', function () {
    Plant::build();
    $this->post('/assets', [], ['HX-Request' => 'true', 'HX-Target' => 'page'])
        ->assertStatus(419)
        ->assertSee('Your session has ended')
        ->assertSee('log in in another window');
    $this->get('/assets', ['HX-Request' => 'true'])
        ->assertStatus(401)
        ->assertHeader('HX-Redirect', '/login');
});

it('answers a part of the page that fails with a sentence', function () {
    $plant = Plant::build();
    $part = ['HX-Request' => 'true', 'HX-Target' => 'sheet'];
    $this->as('planner')
        ->get('/assets/999999', $part)
        ->assertNotFound()
        ->assertSee('This record is not there')
        ->assertDontSee('<!doctype', false);
    $this->get("/assets/{$plant->foreign->id}", $part)
        ->assertForbidden()
        ->assertSee('Your roles do not allow this')
        ->assertDontSee('Elsewhere');
    $this->as('operator')->get('/outlook', $part)->assertForbidden()->assertSee('Your roles do not allow this');
    $this->as('planner')->get('/assets/999999')->assertNotFound()->assertSee('<!doctype', false);
    Route::middleware('web')->get('/breaks', static fn () => throw new RuntimeException('a secret of the inside'));
    config(['app.debug' => false]);
    $this->get('/breaks', $part)->assertStatus(500)->assertSee('nothing was saved')->assertDontSee('a secret');
    $this->get('/breaks')->assertStatus(500)->assertDontSee('a secret');
});

it('keeps the colours that somebody chose', function () {
    Plant::build();
    $this->as('technician')
        ->post('/me/scheme', ['scheme' => 'dark'])
        ->assertSessionHas('said', 'The colours are chosen.');
    $this->as('technician')->get('/today')->assertSee('data-scheme="dark"', false);
    $this->post('/me/scheme', ['scheme' => 'mauve'])->assertSessionHasErrors('scheme');
    $this->as('planner')->get('/today')->assertSee('data-scheme="auto"', false);
});

it('says that the database does not answer, without asking it', function () {
    config([
        'database.connections.gone' => ['port' => 1] + config('database.connections.mariadb'),
        'database.default' => 'gone',
    ]);
    $page = $this->get('/login');
    $part = $this->get('/login', ['HX-Request' => 'true']);
    config(['database.default' => 'mariadb']);
    $page->assertStatus(503)->assertSee('The database does not answer');
    $part->assertStatus(503)->assertSee('Nothing was saved');
});

it('answers with a part of the page, or all of it', function () {
    $plant = Plant::build();
    $sheet = $this->as('planner')
        ->get("/assets/{$plant->pump->id}", ['HX-Request' => 'true', 'HX-Target' => 'sheet'])
        ->assertHeader('Vary', 'HX-Request, X-Awaited')
        ->assertHeader('Cache-Control', 'no-store, private');
    expect($sheet->content())->not->toContain('class="rail"')->toContain('Feed pump 1');
    $restored = $this->as('planner')->get("/assets/{$plant->pump->id}", [
        'HX-Request' => 'true',
        'HX-History-Restore-Request' => 'true',
    ]);
    expect($restored->content())->toContain('class="rail"')->toContain('<!doctype html>');
});

it('refuses changes to the audit in the database itself', function () {
    $plant = Plant::build();
    app(SaveAsset::class)(
        Actor::person($plant->person('planner')->id, 'Planner One'),
        $plant->pump,
        $plant->site->id,
        AssetFacts::of(['make' => 'Brookside']),
    );
    $this->as('planner')
        ->get("/assets/{$plant->pump->id}")
        ->assertSee('Planner One changed Feed pump 1')
        ->assertSeeInOrder(['make:', 'Brookside']);
    expect(fn () => DB::update("UPDATE audit_entries SET who = 'nobody'"))
        ->toThrow(QueryException::class, 'append-only')
        ->and(fn () => DB::delete('DELETE FROM audit_subjects'))
        ->toThrow(QueryException::class, 'append-only');
});

it('sends the headers that keep strangers’ code out', function () {
    Plant::build();
    $policy = $this->get('/login')->headers->get('Content-Security-Policy');
    expect($policy)->toContain("script-src 'self'")->toContain("style-src 'self'")->not->toContain('unsafe');
});

it('never loads the demo plant over data that is there', function () {
    Plant::build();
    expect(Artisan::call('demo:load'))
        ->toBe(1)
        ->and(Artisan::output())
        ->toContain('only loaded into an empty one')
        ->and(Asset::query()->count())
        ->toBe(3);
});

it('forgets after a month what forms were answered', function () {
    Plant::build();
    $this->as('planner')
        ->post('/rounds', ['name' => 'Morning walk', 'once' => '11111111-2222-3333-4444-555555555555'])
        ->assertSessionHasNoErrors();
    foreach (['2026-04-16' => 1, '2026-04-18' => 0] as $day => $left) {
        $this->clock->set("{$day} 08:00:00");
        app(App\Platform\Writing\FirstAnswer::class)->forgetOld();
        expect(DB::table('once_tokens')->count())->toBe($left);
    }
});
