<?php

declare(strict_types=1);

use App\People\Models\Team;
use App\People\Models\Trade;
use App\Platform\Sites\Site;
use App\Register\Models\EquipmentClass;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Feature\Plant;

it('adds and changes a site', function () {
    Plant::build();
    $form = [
        'name' => 'Third works',
        'code' => 'V',
        'timezone' => 'America/St_Johns',
        'currency' => 'CAD',
        'rest' => [5, 6],
        'release_hour' => 5,
        'once' => (string) Str::uuid(),
    ];
    $at = $this->as('administrator')
        ->post('/setup/sites', $form)
        ->assertSessionHasNoErrors()
        ->headers->get('Location');
    $site = Site::query()->where('code', 'V')->sole();
    expect($site->restWeekdays())
        ->toBe([5, 6])
        ->and($site->release_hour)
        ->toBe(5);
    // Whoever adds a site belongs to it.
    $this->assertDatabaseHas('user_sites', [
        'site_id' => $site->id,
        'user_id' => DB::table('users')->where('login', 'administrator')->value('id'),
    ]);
    $this->as('administrator')
        ->put($at, ['currency' => 'USD', 'version' => $site->version] + $form)
        ->assertSessionHasNoErrors();
    expect($site->refresh()->currency)->toBe('USD');
    $this->as('administrator')
        ->from($at)
        ->put($at, ['currency' => 'EUR', 'version' => 1] + $form)
        ->assertSessionHasErrors('stale');
    expect($site->refresh()->currency)->toBe('USD');
});

it('refuses a site that nobody could work at, naming the field', function (array $with, string $field) {
    Plant::build();
    $this->as('administrator')
        ->post(
            '/setup/sites',
            $with + [
                'name' => 'Third',
                'code' => 'V',
                'timezone' => 'Europe/Oslo',
                'currency' => 'NOK',
                'rest' => [7],
                'release_hour' => 4,
            ],
        )
        ->assertSessionHasErrors($field);
})->with([
    [['rest' => [1, 2, 3, 4, 5, 6, 7]], 'rest'],
    [['timezone' => 'Mars/Base'], 'timezone'],
    [['currency' => 'kr'], 'currency'],
    [['name' => 'Test works'], 'name'],
    [['code' => 'T'], 'code'],
    [['release_hour' => 24], 'release_hour'],
]);

it('makes a day of rest a working day again', function () {
    $plant = Plant::build();
    $days = fn (): int => DB::table('site_rest_days')->where('site_id', $plant->site->id)->count();
    $this->as('administrator')->post("/setup/sites/{$plant->site->id}/rest-days", [
        'day' => '2026-12-28',
        'day_name' => 'Shut-down',
    ]);
    $this->as('administrator')->post("/setup/sites/{$plant->site->id}/rest-days", [
        'day' => '2026-12-28',
        'day_name' => 'Shut-down, again',
    ]);
    expect($days())->toBe(1);
    $this->as('administrator')
        ->get("/setup/sites/{$plant->site->id}")
        ->assertSee('Shut-down, again');
    $this->as('administrator')->post("/setup/sites/{$plant->site->id}/rest-days", [
        'day' => '2026-12-28',
        'remove' => 1,
    ]);
    expect($days())->toBe(0);
});

it('renames lists, and shows the second of two people that somebody was there first', function (
    string $path,
    string $class,
) {
    $plant = Plant::build();
    $record = $class::query()->firstOrFail();
    $this->as('administrator')
        ->put("{$path}/{$record->id}", ['name' => 'New name', 'version' => $record->version])
        ->assertSessionHasNoErrors();
    $this->as('administrator')
        ->from($path)
        ->put("{$path}/{$record->id}", ['name' => 'Other name', 'version' => $record->version])
        ->assertSessionHasErrors('stale');
    expect($record->refresh()->name)->toBe('New name');
    $this->as('administrator')->get($path)->assertSee('New name')->assertSee($plant->site->name);
})->with([
    ['/setup/teams', Team::class],
    ['/setup/trades', Trade::class],
    ['/setup/classes', EquipmentClass::class],
]);

it('keeps names in lists apart', function (string $path, array $form) {
    $plant = Plant::build();
    $this->as('administrator')
        ->post($path, $form + ['site_id' => $plant->site->id])
        ->assertSessionHasErrors('name');
})->with([
    ['/setup/teams', ['name' => 'Fitters']],
    ['/setup/trades', ['name' => 'fitter']],
    ['/setup/classes', ['name' => 'centrifugal pump']],
]);

it('gives a person a rate of their own, which counts before that of the trade', function () {
    $plant = Plant::build();
    $technician = $plant->person('technician');
    $this->as('administrator')
        ->post("/setup/people/{$technician->id}/rates", ['from_day' => '2026-03-10', 'rate' => '52.20'])
        ->assertSessionHasNoErrors();
    $this->as('administrator')
        ->post("/setup/people/{$technician->id}/rates", ['from_day' => '2026-03-10', 'rate' => 'lots'])
        ->assertSessionHasErrors('rate');
    $order = $plant->started();
    $this->as('technician')->post("/orders/{$order->id}/bookings", [
        'user_id' => $technician->id,
        'worked_on' => '2026-03-18',
        'time_double' => '1:30',
    ]);
    expect($order->bookings()->sole()->cost_cents)->toBe(15660);
});

it('shows nobody the sites that they do not belong to', function () {
    $plant = Plant::build();
    $this->as('planner')
        ->post('/me/site', ['site' => $plant->otherSite->id])
        ->assertForbidden();
    $this->as('planner')
        ->get("/assets/{$plant->foreign->id}")
        ->assertForbidden();
    DB::table('user_sites')->insert([
        'user_id' => $plant->person('planner')->id,
        'site_id' => $plant->otherSite->id,
    ]);
    $this->as('planner')->get("/assets/{$plant->foreign->id}")->assertForbidden();
    DB::table('user_roles')->insert([
        'user_id' => $plant->person('planner')->id,
        'site_id' => $plant->otherSite->id,
        'role' => 'manager',
    ]);
    $this->as('planner')
        ->post('/me/site', ['site' => $plant->otherSite->id])
        ->assertRedirect('/');
    $this->as('planner')->get('/assets')->assertSee('Elsewhere')->assertDontSee('Feed pump 1');
    // Opening a record of another site goes there.
    $this->as('planner')
        ->get("/assets/{$plant->pump->id}")
        ->assertOk()
        ->assertSee('Feed pump 1');
    $this->as('planner')->get('/assets')->assertSee('Feed pump 1');
});

it('tells somebody without a site what to do', function () {
    $plant = Plant::build();
    DB::table('user_sites')->where('user_id', $plant->person('manager')->id)->delete();
    $this->as('manager')->get('/assets')->assertForbidden()->assertSee('belongs to no site yet');
});
