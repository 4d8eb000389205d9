<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Register\Actions\SaveAsset;
use App\Register\Actions\SaveExpiry;
use App\Register\Inputs\AssetFacts;
use App\Register\Inputs\ExpiryInput;
use App\Register\Models\ExpiryDate;
use Tests\Feature\Plant;

it(
    'warns of what runs out on Today, the horizon, the list and the asset, and keeps the old one when it is renewed',
    function () {
        $plant = Plant::build();
        $this->as('planner')
            ->post("/expiry/on/asset/{$plant->pump->id}", [
                'what' => 'statutory examination',
                'until' => '2026-04-07',
                'warn_days' => '30',
                'once' => '22222222-2222-4222-8222-222222222222',
            ])
            ->assertRedirect("/assets/{$plant->pump->id}#expiry");
        $this->post("/expiry/on/asset/{$plant->pump->id}", [
            'what' => 'insurance',
            'until' => '2026-03-01',
            'warn_days' => '0',
        ]);
        $this->post("/expiry/on/asset/{$plant->motor->id}", ['what' => 'calibration', 'until' => '2026-09-01']);
        $this->get('/me');
        $this->get('/today')
            ->assertSeeInOrder(['Run out', 'insurance', 'Running out', 'statutory examination', 'in 20 d'])
            ->assertDontSee('calibration');
        $this->withSession(['horizon.folded' => false])
            ->get("/assets/{$plant->pump->id}")
            ->assertSee('PMP-01 statutory examination runs out')
            ->assertSeeInOrder(['insurance', 'run out', 'statutory examination', 'running out']);
        $this->as('planner')->get('/expiry?state=holds')->assertSee('calibration')->assertDontSee('insurance');
        expect($this->get('/expiry.csv')->streamedContent())->toContain('"statutory examination"');
        $date = ExpiryDate::query()->where('what', 'statutory examination')->sole();
        $this->from("/assets/{$plant->pump->id}")
            ->put("/expiry/{$date->id}", ['until' => '2026-04-07', 'renew' => '1', 'version' => 1])
            ->assertSessionHasErrors('until');
        $this->put("/expiry/{$date->id}", [
            'until' => '2027-04-07',
            'warn_days' => '60',
            'renew' => '1',
            'version' => 1,
        ])->assertSessionHasNoErrors();
        $this->put("/expiry/{$date->id}", [
            'until' => '2028-04-07',
            'renew' => '1',
            'version' => 2,
        ])->assertSessionHasErrors();
        $this->get("/assets/{$plant->pump->id}")->assertSeeInOrder([
            'statutory examination',
            '7 Apr 2027',
            '1 before',
            'until 7 Apr',
            'renewed',
        ]);
        $this->get('/today')->assertDontSee('Running out');
        $this->as('technician')
            ->put("/expiry/{$date->id}", ['end' => '1', 'version' => 2])
            ->assertForbidden();
    },
);

it('keeps the end of the warranty and the date of an asset in one', function () {
    $plant = Plant::build();
    $save = fn (?string $until) => app(SaveAsset::class)(
        Actor::sundial(),
        $plant->pump,
        $plant->site->id,
        AssetFacts::of(['warranty_until' => $until]),
    );
    $save('2027-05-04');
    $save('2028-05-04');
    expect(ExpiryDate::query()->sole()->until)->toBe('2028-05-04');
    $save(null);
    expect(ExpiryDate::standing()->count())->toBe(0);
});

it('keeps the certificates of people', function () {
    $plant = Plant::build();
    $technician = $plant->person('technician');
    $this->as('administrator')
        ->post("/expiry/on/person/{$technician->id}", [
            'what' => 'work-at-height certificate',
            'until' => '2026-03-30',
        ])
        ->assertRedirect("/setup/people/{$technician->id}#expiry");
    $this->get("/setup/people/{$technician->id}")->assertSee('work-at-height certificate');
    $this->as('planner')
        ->get('/today')
        ->assertSeeInOrder(['Running out', 'work-at-height certificate', 'Technician One']);
    $this->post("/expiry/on/person/{$technician->id}", ['what' => 'x', 'until' => '2026-03-30'])->assertForbidden();
    app(SaveExpiry::class)(
        Actor::sundial(),
        $plant->foreign->subject(),
        null,
        ExpiryInput::of(['what' => 'insurance', 'until' => '2026-03-20']),
    );
    $this->get('/expiry')->assertDontSee('insurance');
});
