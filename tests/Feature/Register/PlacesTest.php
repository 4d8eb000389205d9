<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Register\Actions\SaveLocation;
use App\Register\Inputs\LocationInput;
use App\Register\Models\Location;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;

it('moves a location with all that stands there', function () {
    $plant = Plant::build();
    $works = app(SaveLocation::class)(Actor::sundial(), null, $plant->site->id, LocationInput::of([
        'tag' => 'WORKS',
        'name' => 'Works',
    ]));
    $hall = Location::query()->findOrFail($plant->hall->id);
    $this->as('planner')
        ->put("/places/{$hall->id}", [
            'tag' => 'HALL',
            'name' => 'Great hall',
            'stands' => 'WORKS',
            'version' => $hall->version,
        ])
        ->assertSessionHasNoErrors();
    expect($plant->motor->refresh()->path)->toBe(
        "{$works->path}L{$hall->id}/A{$plant->pump->id}/A{$plant->motor->id}/",
    );
    $this->as('planner')
        ->get("/assets/{$plant->motor->id}")
        ->assertSeeInOrder(['Test works', 'Works', 'Great hall', 'Feed pump 1']);
    expect(
        fn () => app(SaveLocation::class)(Actor::sundial(), $works, $plant->site->id, LocationInput::of([
            'tag' => 'WORKS',
            'name' => 'Works',
            'stands' => 'HALL',
        ])),
    )->toThrow(InvalidInput::class, 'because Great hall stands inside Works');
});

it('puts a location in locations only', function () {
    $plant = Plant::build();
    $this->as('planner')
        ->from('/places/new')
        ->post('/places', ['tag' => 'NOOK', 'name' => 'Nook', 'stands' => 'PMP-01'])
        ->assertSessionHasErrors('stands');
    $this->as('planner')
        ->from('/places/new')
        ->post('/places', ['tag' => 'NO OK', 'name' => 'Nook'])
        ->assertSessionHasErrors('tag');
    $this->as('planner')
        ->from('/places/new')
        ->post('/places', ['tag' => 'PMP-01', 'name' => 'Nook'])
        ->assertSessionHasErrors('tag');
    $this->get('/places/new')->assertSee('value="Nook"', false)->assertSee('The tag PMP-01 is taken');
});

it('adds operators to a place, who then see it', function () {
    $plant = Plant::build();
    $hall = Location::query()->findOrFail($plant->hall->id);
    $this->as('operator')->get('/assets')->assertDontSee('Feed pump 1');
    $this->as('planner')
        ->put("/places/{$hall->id}", [
            'tag' => 'HALL',
            'name' => 'Hall',
            'operators' => [$plant->person('operator')->id],
            'version' => $hall->version,
        ])
        ->assertSessionHasNoErrors();
    $this->as('operator')->get('/assets')->assertSee('Feed pump 1');
    $this->as('operator')
        ->get("/assets/{$plant->pump->id}")
        ->assertOk()
        ->assertDontSee('Add a schedule');
});

it('shows places as a tree with what stands there', function () {
    $plant = Plant::build();
    app(SaveLocation::class)(
        Actor::sundial(),
        null,
        $plant->site->id,
        LocationInput::of(['tag' => 'PIT', 'name' => 'Pit', 'stands' => 'HALL']),
    );
    $this->as('engineer')->get('/places')->assertSee('Hall')->assertDontSee('Pit');
    $this->as('engineer')
        ->get("/places/{$plant->hall->id}")
        ->assertSeeInOrder(['Hall', 'Pit', 'role="group"'], false);
    $this->as('engineer')
        ->get("/places/{$plant->hall->id}")
        ->assertSee('Feed pump 1')
        ->assertSee('Pit')
        ->assertDontSee('Save the location');
});

it('answers main pages with few statements, whatever is on them', function (string $path) {
    $plant = Plant::build();
    foreach (range(1, 30) as $i) {
        $plant->schedule(
            ['name' => "Check {$i}"],
            $plant->asset("P-{$i}", "Pump {$i}", $i % 2 === 0 ? 'HALL' : 'PMP-01'),
        );
    }
    $order = $plant->release();
    $path = strtr($path, [
        '{asset}' => $plant->pump->id,
        '{order}' => $order->id,
        '{schedule}' => DB::table('schedules')->max('id'),
        '{place}' => $plant->hall->id,
    ]);
    // The first page of the day begins it.
    $this->as('planner')->get($path);
    DB::enableQueryLog();
    $this->as('planner')->get($path)->assertOk();
    expect(count(DB::getQueryLog()))->toBeLessThanOrEqual(
        32,
        implode("\n", array_column(DB::getQueryLog(), 'query')),
    );
})->with([
    '/assets',
    '/assets/{asset}',
    '/orders',
    '/orders/{order}',
    '/schedules',
    '/schedules/{schedule}',
    '/places/{place}',
    '/release',
    '/methods',
]);
