<?php

declare(strict_types=1);

use App\People\Models\User;
use App\Platform\Sites\Site;
use Illuminate\Support\Facades\Hash;
use Tests\Feature\Plant;

it('asks the first visitor for the first administrator, once', function () {
    $this->get('/login')->assertRedirect('/first');
    $form = [
        'site' => 'Mill',
        'code' => 'MILL',
        'timezone' => 'Europe/Oslo',
        'currency' => 'NOK',
        'name' => 'Ada',
        'login' => 'ada',
        'password' => 'long enough for it',
        'password_confirmation' => 'long enough for it',
    ];
    $this->fresh()->post('/first', $form)->assertRedirect('/');
    expect(User::query()->count())
        ->toBe(1)
        ->and(Site::query()->sole()->timezone)
        ->toBe('Europe/Oslo');
    $this->post('/logout');
    $this->fresh()
        ->post('/first', ['login' => 'eve'] + $form)
        ->assertNotFound();
});

it('lets people in with their password, and makes guessing wait', function () {
    Plant::build();
    $this->post('/login', ['login' => 'planner', 'password' => 'password'])->assertRedirect('/');
    $this->post('/logout');
    for ($i = 0; $i < 6; $i++) {
        $this->fresh()
            ->post('/login', ['login' => 'planner', 'password' => 'wrong'])
            ->assertSessionHasErrors('login');
    }
    $this->fresh()
        ->post('/login', ['login' => 'planner', 'password' => 'password'])
        ->assertSessionHasErrors(['login']);
    expect(session('errors')->first('login'))->toContain('Too many wrong tries');
});

it('keeps inactive people out, also those who are logged in', function () {
    $plant = Plant::build();
    $plant->person('planner')->update(['active' => false]);
    $this->post('/login', ['login' => 'planner', 'password' => 'password'])->assertSessionHasErrors('login');
    $this->as('planner')->get('/assets')->assertForbidden();
    $this->as('planner')->get('/setup/people')->assertForbidden();
});

it('changes a password only for who knows the present one', function () {
    $plant = Plant::build();
    $this->as('technician')
        ->post('/me/password', [
            'current_password' => 'wrong',
            'password' => 'a new secret',
            'password_confirmation' => 'a new secret',
        ])
        ->assertSessionHasErrors('current_password');
    $this->as('technician')
        ->post('/me/password', [
            'current_password' => 'password',
            'password' => 'a new secret',
            'password_confirmation' => 'a new secret',
        ])
        ->assertSessionHasNoErrors();
    expect(Hash::check('a new secret', $plant->person('technician')->password))->toBeTrue();
});

it('never leaves Sundial without an administrator', function () {
    $plant = Plant::build();
    $plant->person('stranger')->update(['active' => false]);
    $admin = $plant->person('administrator');
    $form = [
        'name' => 'A',
        'login' => 'administrator',
        'roles' => [$plant->site->id => ['planner']],
        'active' => 1,
        'version' => $admin->version,
    ];
    $this->as('administrator')
        ->put("/setup/people/{$admin->id}", $form)
        ->assertSessionHasErrors('plant_admin');
    expect($plant->person('administrator')->plant_admin)->toBeTrue();
});

it('keeps what was typed when a person cannot be saved', function () {
    $plant = Plant::build();
    $this->as('administrator')
        ->from('/setup/people/new')
        ->post('/setup/people', [
            'name' => 'Nia',
            'login' => 'planner',
            'password' => 'short',
            'roles' => [],
        ])
        ->assertRedirect('/setup/people/new')
        ->assertSessionHasErrors(['login', 'password']);
    $this->get('/setup/people/new')
        ->assertSee('value="Nia"', false)
        ->assertSee('Somebody else has this account name')
        ->assertSee('Use at least 10 characters');
    $good = ['name' => 'Nia', 'login' => 'nia', 'password' => 'seven grey looms'];
    $this->as('administrator')
        ->post('/setup/people', $good)
        ->assertSessionHasErrors(['roles' => 'Choose at least one role at a site.']);
});

it('sets rates, days of rest and teams', function () {
    $plant = Plant::build();
    $this->as('administrator')
        ->post('/setup/trades/'.$plant->person('technician')->trade_id.'/rates', [
            'from_day' => '2026-05-01',
            'rate' => '41,5',
        ])
        ->assertSessionHasNoErrors();
    $this->assertDatabaseHas('rates', ['from_day' => '2026-05-01', 'rate' => '41.5000']);
    $this->as('administrator')
        ->post("/setup/sites/{$plant->site->id}/rest-days", ['day' => '2026-04-06', 'day_name' => 'Spring'])
        ->assertSessionHasNoErrors();
    expect(
        $plant->site
            ->refresh()
            ->load('restDays')
            ->workingDays()
            ->isWorked(Sundial\Calendar\LocalDate::parse('2026-04-06')),
    )->toBeFalse();
    $this->as('administrator')
        ->post('/setup/teams', ['name' => 'Fitters', 'site_id' => $plant->site->id])
        ->assertSessionHasErrors('name');
});
