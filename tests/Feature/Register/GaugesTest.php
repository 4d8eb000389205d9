<?php

declare(strict_types=1);

use App\Register\Models\Meter;
use App\Register\Models\Reading;
use Tests\Feature\Plant;

function gauge(Plant $plant): Meter
{
    test()
        ->as('planner')
        ->post("/assets/{$plant->pump->id}/meters", [
            'kind' => 'gauge',
            'name' => 'Bearing temperature',
            'unit' => '°C',
            'decimals' => '1',
            'window_days' => '90',
            'low_limit' => '-5',
            'high_limit' => '80',
            'hysteresis' => '5',
        ])
        ->assertSessionHasNoErrors();

    return Meter::query()->where('name', 'Bearing temperature')->sole();
}

it(
    'takes any value of a gauge, says when it is beyond a limit and when it is back, and follows a strike-out',
    function () {
        $plant = Plant::build();
        $gauge = gauge($plant);
        $read = fn (string $shown, string $time) => $this->as('technician')->post("/meters/{$gauge->id}/readings", [
            'shown' => $shown,
            'at' => "2026-03-17T{$time}",
        ]);
        $read('61,5', '06:00')->assertSessionHasNoErrors();
        $read('-2', '06:30')->assertSessionHasNoErrors();
        $read('84', '07:00')->assertSessionHas(
            'said',
            "84.0\u{202f}°C is taken. Bearing temperature is above its limit of 80.0\u{202f}°C.",
        );
        $this->get('/today')->assertSeeInOrder(['Beyond its limits', 'Bearing temperature', 'above its limit']);
        $this->get("/meters/{$gauge->id}")
            ->assertSee('What it showed')
            ->assertSee('limit 80.0')
            ->assertDontSee('rate <b>', false)
            ->assertDontSee('Due by this meter');
        $read('77', '07:30');
        expect($gauge->refresh()->beyond)->toBe('high');
        $read('75', '08:00')->assertSessionHas(
            'said',
            "75.0\u{202f}°C is taken. Bearing temperature is back inside its limits.",
        );
        $this->as('planner')
            ->post('/readings/'.Reading::query()->where('shown', '75.000')->value('id').'/strike', [
                'reason' => 'mistyped',
            ])
            ->assertSessionHasNoErrors();
        expect($gauge->refresh()->beyond)->toBe('high')->and($gauge->last_shown)->toBe('77.000');
    },
);

it('keeps the kind of a meter that has readings, and refuses limits that cross', function () {
    $plant = Plant::build();
    $gauge = gauge($plant);
    $plant->read($gauge, '20', '2026-03-17');
    $form = [
        'name' => 'Bearing temperature',
        'unit' => '°C',
        'decimals' => '1',
        'window_days' => '90',
        'version' => $gauge->refresh()->version,
    ];
    $this->as('planner')
        ->put("/meters/{$gauge->id}", $form + ['kind' => 'counter'])
        ->assertSessionHasErrors('kind');
    $this->put(
        "/meters/{$gauge->id}",
        $form + ['kind' => 'gauge', 'low_limit' => '50', 'high_limit' => '40'],
    )->assertSessionHasErrors('high_limit');
    $this->put(
        "/meters/{$gauge->id}",
        $form + ['kind' => 'gauge', 'high_limit' => '15'],
    )->assertSessionHasNoErrors();
    expect($gauge->refresh()->beyond)->toBe('high')->and($gauge->low_limit)->toBeNull();
    $this->get("/assets/{$plant->pump->id}/schedules/new")->assertDontSee('Bearing temperature</option>', false);
});

it('takes many readings on one walk; what is questioned stays with its question', function () {
    $plant = Plant::build();
    $hours = $plant->meter();
    $gauge = gauge($plant);
    $this->as('technician')
        ->get("/meters/round?place={$plant->hall->id}")
        ->assertSeeInOrder(['Bearing temperature', 'never read', 'Running hours']);
    $this->post('/meters/round', [
        'readings' => [$hours->id => '900', $gauge->id => '55', 9999 => '1'],
        'at' => '2026-03-18T07:00',
    ])
        ->assertSessionHas('said', '1 reading is taken.')
        ->assertSessionHasErrors("readings.{$hours->id}")
        ->assertSessionDoesntHaveErrors("readings.{$gauge->id}");
    $this->get('/meters/round')
        ->assertSee('value="900"', false)
        ->assertDontSee('It is right as typed')
        ->assertSee('The meter was replaced');
    $this->post('/meters/round', [
        'readings' => [$hours->id => '10'],
        'turn' => [$hours->id => 'replaced'],
        'old_final' => [$hours->id => '1450'],
        'at' => '2026-03-18T07:30',
    ])->assertSessionHasNoErrors();
    expect($hours->refresh()->last_total)->toBe('1450.000')->and($gauge->refresh()->last_shown)->toBe('55.000');
});
