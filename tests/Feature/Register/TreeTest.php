<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Register\Actions\SaveLocation;
use App\Register\Inputs\LocationInput;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

it('opens the tree a level at a time, with what is open and late inside each node', function () {
    $plant = Plant::build();
    $room = app(SaveLocation::class)(Actor::sundial(), null, $plant->site->id, LocationInput::of([
        'tag' => 'ROOM',
        'name' => 'Pump room',
        'stands' => 'HALL',
    ]));
    $far = $plant->asset('FAN-01', 'Fan', 'ROOM');
    $plant->schedule(['anchor_on' => '2026-03-20']);
    $plant->release();
    $plant->schedule(['anchor_on' => '2026-03-10'], $far);
    $plant->schedule(['anchor_on' => '2026-03-10'], $plant->motor);
    $this->as('planner')
        ->get('/places')
        ->assertSee('aria-label="Hall HALL, 1 open order, 2 late"', false)
        ->assertDontSee('Pump room');
    $this->get("/tree?of=L{$plant->hall->id}")
        ->assertSee('aria-label="Pump room ROOM, 1 late"', false)
        ->assertSee('aria-label="Feed pump 1 PMP-01, 1 open order, 1 late"', false)
        ->assertDontSee('Motor of feed pump');
    $this->get("/tree?of=A{$plant->pump->id}")
        ->assertSee('Motor of feed pump 1')
        ->assertSee('aria-level="3"', false);
    $this->get("/places/{$room->id}")->assertSeeInOrder(['Hall', 'Pump room', 'aria-current="true"'], false);
    $this->get('/places?q=motor')
        ->assertSee('1 place or asset')
        ->assertSeeInOrder(['Hall', 'Feed pump 1', 'node found'], false);
    $this->get('/places?q=zzz')->assertSee('Nothing is called that');
    $this->get("/tree?of=A{$plant->foreign->id}")->assertNotFound();
});

it('moves a node with all that is inside, writes it into each log, and takes it back', function () {
    $plant = Plant::build();
    $yard = app(SaveLocation::class)(
        Actor::sundial(),
        null,
        $plant->site->id,
        LocationInput::of(['tag' => 'YARD', 'name' => 'Yard']),
    );
    $this->as('planner')
        ->post('/tree/move', ['what' => "A{$plant->pump->id}", 'into' => "L{$yard->id}"])
        ->assertRedirect("/places?open=A{$plant->pump->id}")
        ->assertSessionHas('undo');
    expect($plant->motor->refresh()->path)->toBe("/L{$yard->id}/A{$plant->pump->id}/A{$plant->motor->id}/");
    foreach (["/assets/{$plant->pump->id}", "/places/{$yard->id}", "/places/{$plant->hall->id}"] as $log) {
        $this->get($log)->assertSee('moved Feed pump 1');
    }
    $this->post('/tree/move', [
        'what' => "L{$yard->id}",
        'into' => "L{$plant->hall->id}",
    ])->assertSessionHasNoErrors();
    expect($plant->motor->refresh()->path)->toBe(
        "/L{$plant->hall->id}/L{$yard->id}/A{$plant->pump->id}/A{$plant->motor->id}/",
    );
    $this->post('/tree/move', ['what' => "L{$yard->id}", 'into' => 'site'])->assertSessionHasNoErrors();
    expect(Location::query()->find($yard->id)->parent_id)->toBeNull();
    $this->get("/places/{$yard->id}")->assertSee('at the site');
});

it('refuses what cannot stand there, and says why', function (string $what, string $into, string $why) {
    $plant = Plant::build();
    $keys = [
        '{pump}' => "A{$plant->pump->id}",
        '{motor}' => "A{$plant->motor->id}",
        '{hall}' => "L{$plant->hall->id}",
    ];
    $paths = Asset::query()->pluck('path', 'id')->all();
    $this->as('planner')
        ->from('/places')
        ->post('/tree/move', ['what' => strtr($what, $keys), 'into' => strtr($into, $keys)])
        ->assertSessionHasErrors('form');
    expect(session('errors')->first('form'))
        ->toContain($why)
        ->and(Asset::query()->pluck('path', 'id')->all())
        ->toBe($paths);
})->with([
    'an asset inside its own part' => [
        '{pump}',
        '{motor}',
        'because Motor of feed pump 1 stands inside Feed pump 1',
    ],
    'inside itself' => ['{pump}', '{pump}', 'cannot stand inside itself'],
    'a location inside an asset' => ['{hall}', '{pump}', 'is an asset'],
    'an asset at the site' => ['{pump}', 'site', 'stands at a location or inside another asset'],
]);

it('opens a level of a large tree with few statements', function () {
    $plant = Plant::build();
    foreach (range(1, 40) as $i) {
        $plant->asset("F-{$i}", "Fan {$i}", $i % 2 === 0 ? 'HALL' : 'PMP-01');
    }
    $this->as('planner')->get('/places');
    DB::enableQueryLog();
    $this->get("/tree?of=L{$plant->hall->id}")->assertOk();
    expect(count(DB::getQueryLog()))->toBeLessThan(13);
});
