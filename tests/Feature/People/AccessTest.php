<?php

declare(strict_types=1);

use App\People\Access\SignInTries;
use App\People\Actions\SavePerson;
use App\People\Inputs\PersonInput;
use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Register\Actions\SaveMeter;
use App\Register\Inputs\MeterInput;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** Somebody who administers the other site alone, and is a manager at this one. */
function siteAdministrator(Plant $plant): User
{
    return app(SavePerson::class)(Actor::sundial(), null, PersonInput::of([
        'login' => 'elsewhere',
        'name' => 'Elsie Where',
        'password' => 'password',
        'roles' => [$plant->otherSite->id => ['administrator'], $plant->site->id => ['manager']],
    ]));
}

it('holds roles per site: what somebody may at one, they may not at another', function () {
    $plant = Plant::build();
    siteAdministrator($plant);
    $this->as('elsewhere')
        ->put("/assets/{$plant->foreign->id}", [
            'tag' => 'X-1',
            'name' => 'Mine to change',
            'class_id' => $plant->foreign->class_id,
            'stands' => 'YARD',
            'criticality' => 'B',
            'life_state' => 'in service',
            'version' => $plant->foreign->version,
        ])
        ->assertSessionHasNoErrors();
    expect(Asset::query()->find($plant->foreign->id)->name)->toBe('Mine to change');
    $this->as('elsewhere')->get("/assets/{$plant->pump->id}")->assertOk();
    $this->as('elsewhere')
        ->put("/assets/{$plant->pump->id}", ['name' => 'Not mine', 'version' => 1])
        ->assertForbidden();
    $this->as('elsewhere')->get("/setup/sites/{$plant->site->id}")->assertForbidden();
    $this->as('elsewhere')->get("/setup/sites/{$plant->otherSite->id}")->assertOk();
    $this->as('elsewhere')->get('/setup/trades')->assertForbidden();
});

it('lets the administrator of a site change people there alone', function () {
    $plant = Plant::build();
    siteAdministrator($plant);
    $stranger = $plant->person('stranger');
    $form = fn (User $person, array $with): array => $with + [
        'name' => $person->name,
        'login' => $person->login,
        'active' => 1,
        'version' => $person->refresh()->version,
    ];
    $put = fn (User $person, array $with) => $this->as('elsewhere')
        ->withSession(['site_id' => $plant->otherSite->id])
        ->put("/setup/people/{$person->id}", $form($person, $with));
    $put($stranger, ['name' => 'Stranger Two', 'roles' => [$plant->otherSite->id => ['planner']]])
        ->assertSessionHasNoErrors();
    expect($stranger->refresh()->name)->toBe('Stranger Two');
    $roles = [$plant->site->id => ['planner']];
    $put($stranger, ['roles' => $roles])->assertSessionHasErrors('roles');
    $put($plant->person('planner'), ['roles' => $roles])->assertForbidden();
    // Somebody of both sites keeps name, account and password, and what others gave them.
    DB::table('user_sites')->insert(['user_id' => $stranger->id, 'site_id' => $plant->site->id]);
    DB::table('user_roles')->insert([
        'user_id' => $stranger->id,
        'site_id' => $plant->site->id,
        'role' => 'engineer',
    ]);
    $put($stranger, ['password' => 'seven grey looms', 'roles' => [$plant->otherSite->id => ['manager']]])
        ->assertSessionHasErrors('name');
    $put($stranger, ['plant_admin' => 1, 'roles' => [$plant->otherSite->id => ['manager']]])
        ->assertSessionHasNoErrors();
    expect($stranger->refresh()->plant_admin)
        ->toBeFalse()
        ->and(DB::table('user_roles')->where('user_id', $stranger->id)->orderBy('role')->pluck('role')->all())
        ->toBe(['engineer', 'manager']);
});

it('lets the administrator of a site change that site and its teams alone', function () {
    $plant = Plant::build();
    // Administers the other works, and nothing here.
    $this->as('stranger');
    $site = $plant->site->id;
    $this->get("/setup/sites/{$site}")->assertForbidden();
    $this->put("/setup/sites/{$site}", ['name' => 'Taken', 'version' => 1])->assertForbidden();
    $this->post("/setup/sites/{$site}/rest-days", ['day' => '2026-03-20'])->assertForbidden();
    $this->put("/setup/teams/{$plant->teamId}", ['name' => 'Taken'])->assertForbidden();
    $this->post('/setup/teams', ['name' => 'New', 'site_id' => $site])->assertSessionHasErrors('site_id');
    $this->get('/setup/sites')->assertSee('Other works')->assertDontSee('Test works');
    $this->get('/setup/teams')->assertDontSee('Fitters');
    $this->get("/setup/sites/{$plant->otherSite->id}")->assertOk();
    $this->post('/setup/teams', ['name' => 'Ours', 'site_id' => $plant->otherSite->id])->assertSessionHasNoErrors();
    expect($plant->site->refresh()->name)->toBe('Test works');
});

it('ends every other session and every token with a new password', function (string $who) {
    $plant = Plant::build();
    $person = $plant->person('technician');
    $token = $person->createToken('gateway', ['read'])->plainTextToken;
    DB::table('users')->where('id', $person->id)->update(['remember_token' => 'kept on a device']);
    DB::table('sessions')->insert([
        'id' => 'another',
        'user_id' => $person->id,
        'payload' => '',
        'last_activity' => time(),
    ]);
    if ($who === 'own') {
        $this->as('technician')->post('/me/password', [
            'current_password' => 'password',
            'password' => 'seven grey looms',
            'password_confirmation' => 'seven grey looms',
        ]);
    } else {
        $this->as('administrator')->put("/setup/people/{$person->id}", [
            'name' => $person->name,
            'login' => 'technician',
            'active' => $who === 'stopped' ? 0 : 1,
            'password' => $who === 'stopped' ? '' : 'seven grey looms',
            'roles' => [$plant->site->id => ['technician']],
            'version' => $person->version,
        ]);
    }
    expect(DB::table('sessions')->where('id', 'another')->exists())
        ->toBeFalse()
        ->and($person->refresh()->remember_token)
        ->not->toBe('kept on a device');
    $this->fresh();
    auth()->forgetGuards();
    $this->getJson('/api/v1/assets', ['Authorization' => "Bearer {$token}"])->assertUnauthorized();
})->with(['own', 'by an administrator', 'stopped']);

it('asks at every request whether the account is still let in', function () {
    $plant = Plant::build();
    $this->post('/login', ['login' => 'planner', 'password' => 'password'])->assertRedirect('/');
    $this->get('/today')->assertOk();
    DB::table('users')->where('login', 'planner')->update(['active' => false]);
    auth()->forgetGuards();
    $this->fresh()->get('/today')->assertRedirect('/login');
});

it('counts tries for one account, however its name is spelt and whether it exists or not', function (array $names) {
    Plant::build();
    foreach ([...$names, ...$names, ...$names] as $name) {
        $this->fresh()->post('/login', ['login' => $name, 'password' => 'wrong']);
    }
    $this->fresh()->post('/login', ['login' => $names[0], 'password' => 'password']);
    expect(session('errors')->first('login'))
        ->toContain('Too many wrong tries')
        ->and(DB::table('sign_ins')->where('what', 'locked')->count())
        ->toBe(1);
})->with([[['planner', 'ＰＬＡＮＮＥＲ']], [['nobody', 'Nobody ']]]);

it('forgets counts that have run out, and no other', function () {
    Plant::build();
    $tries = app(SignInTries::class);
    $tries->count('old', '10.0.0.1');
    app(Clock::class)->set('2026-03-18 12:00:00');
    $tries->count('new', '10.0.0.1');
    $tries->forgetOld();
    expect(DB::table('sign_in_tries')->count())->toBe(1);
});

it('tells administrators who logged in and what was tried, and each person where they are logged in', function () {
    Plant::build();
    $this->post('/login', ['login' => 'planner', 'password' => 'password'], ['User-Agent' => 'X Firefox/9 Linux']);
    $this->get('/me')->assertOk()->assertSee('Logged in');
    $this->post('/logout');
    $this->fresh()->post('/login', ['login' => 'ghost', 'password' => 'wrong']);
    $this->as('administrator')
        ->get('/setup/sign-ins')
        ->assertSee('Firefox on Linux')
        ->assertSee('ghost')
        ->assertSee('wrong password or account');
});

it('refuses a new password that is soon guessed, naming the field', function (string $password) {
    Plant::build();
    $this->as('planner')
        ->post('/me/password', [
            'current_password' => 'password',
            'password' => $password,
            'password_confirmation' => $password,
        ])
        ->assertSessionHasErrors('password');
})->with(['short', '1234567890', 'qwertyuiop', 'Planner One 1', 'testworks2026']);

it('gives a program what its person may see at each site, and no more', function () {
    $plant = Plant::build();
    $plant->schedule(['name' => 'Seen']);
    $plant->schedule(['name' => 'Hidden', 'team_id' => null], $plant->foreign);
    foreach ([$plant->pump, $plant->foreign] as $asset) {
        app(SaveMeter::class)(
            Actor::sundial(),
            null,
            $asset,
            MeterInput::of(['kind' => 'counter', 'name' => 'H', 'unit' => 'h']),
        );
        Asset::query()->whereKey($asset->id)->update(['replacement_cents' => 432_100]);
    }
    $between = fn (string $elsewhere): User => app(SavePerson::class)(Actor::sundial(), null, PersonInput::of([
        'login' => "planner-and-{$elsewhere}",
        'name' => 'Both',
        'password' => 'password',
        'roles' => [$plant->site->id => ['planner'], $plant->otherSite->id => [$elsewhere]],
    ]));
    $lists = function (User $person): array {
        $token = $person->createToken('t', ['read'])->plainTextToken;
        auth()->forgetGuards();
        $read = fn (string $list): array => $this->fresh()
            ->getJson("/api/v1/{$list}", ['Authorization' => "Bearer {$token}"])
            ->assertOk()
            ->json('data');

        return array_map($read, ['assets', 'schedules', 'meters']);
    };
    [$assets, $schedules, $meters] = $lists($between('operator'));
    expect(array_column($assets, 'tag'))
        ->toBe(['PMP-01', 'PMP-01-M'])
        ->and(array_column($schedules, 'name'))
        ->toBe(['Seen'])
        ->and(array_column($meters, 'tag'))
        ->toBe(['PMP-01']);
    [$assets, $schedules, $meters] = $lists($between('technician'));
    $price = array_column($assets, 'replacement_value', 'tag');
    expect(array_column($assets, 'tag'))
        ->toContain('X-1')
        ->and($price)
        ->toHaveKey('PMP-01')
        ->not->toHaveKey('X-1')
        ->and(array_column($schedules, 'name'))
        ->toBe(['Seen', 'Hidden'])
        ->and(array_column($meters, 'tag'))
        ->toBe(['PMP-01', 'X-1']);
});
