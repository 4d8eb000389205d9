<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Register\Actions\SaveAsset;
use App\Register\Actions\SaveField;
use App\Register\Inputs\AssetFacts;
use App\Register\Inputs\FieldInput;
use App\Register\Models\Asset;
use App\Register\Models\ExpiryDate;
use App\Register\Models\Meter;
use App\Register\Queries\AssetByLabel;
use App\Stores\Actions\SetFit;
use Illuminate\Support\Facades\DB;
use Sundial\Register\LifeState;
use Sundial\Register\ShortCode;
use Tests\Feature\Plant;

it(
    'makes more of the same, numbered on, with fields, parts, meters at zero and schedules, never history',
    function () {
        $plant = Plant::build();
        $field = app(SaveField::class)(Actor::sundial(), null, FieldInput::of(['name' => 'Colour', 'type' => 'text']));
        app(SaveAsset::class)(Actor::sundial(), $plant->pump, $plant->site->id, AssetFacts::of([
            'make' => 'Tarnside',
            'serial' => 'S-1',
            'extra' => [$field->id => 'red'],
        ]));
        app(SetFit::class)(Actor::sundial(), $plant->pump, 'BRG-6204', 'Bearing', '2');
        $meter = $plant->meter();
        $law = ['statutory' => true, 'tolerance_days' => 3, 'lead' => 12, 'late_share' => 20];
        $plant->schedule($law + ['anchor_on' => '2026-03-20']);
        $plant->schedule([
            'name' => 'Hours check',
            'rule' => 'usage',
            'meter_id' => $meter->id,
            'usage_every' => '500',
        ]);
        $plant->release();
        $plant->asset('PMP-02', 'Another', 'HALL');
        $this->as('planner')
            ->get("/assets/{$plant->pump->id}/copy?count=2")
            ->assertSeeInOrder([
                'PMP-03',
                'Feed pump 3',
                'PMP-04',
                'Feed pump 4',
                'Running hours',
                'Hours check, Seal check',
            ]);
        $form = [
            'copies' => [['tag' => 'PMP-02', 'name' => 'Feed pump 2'], ['tag' => 'PMP-03', 'name' => 'Feed pump 3']],
            'meters' => '1',
            'schedules' => '1',
            'start_on' => '2026-04-01',
            'once' => '11111111-1111-4111-8111-111111111111',
        ];
        $this->from("/assets/{$plant->pump->id}/copy?count=2")
            ->post("/assets/{$plant->pump->id}/copies", $form)
            ->assertSessionHasErrors('copies.0.tag');
        expect(Asset::query()->where('tag', 'PMP-03')->exists())->toBeFalse();
        $form['copies'][0]['tag'] = 'PMP-04';
        $this->post("/assets/{$plant->pump->id}/copies", $form)->assertSessionHasNoErrors();
        $this->post("/assets/{$plant->pump->id}/copies", $form)->assertSessionHasNoErrors();
        $copy = Asset::query()->where('tag', 'PMP-03')->sole();
        $meterOf = Meter::query()->where('asset_id', $copy->id)->sole();
        expect($copy->make)
            ->toBe('Tarnside')
            ->and($copy->serial)
            ->toBeNull()
            ->and($copy->location_id)
            ->toBe($plant->hall->id)
            ->and(DB::table('extra_values')->where('asset_id', $copy->id)->value('value'))
            ->toBe('red')
            ->and(DB::table('fits')->where('asset_id', $copy->id)->value('quantity'))
            ->toBe('2.000')
            ->and($meterOf->last_shown)
            ->toBe('0.000')
            ->and(
                DB::table('schedules')
                    ->join('schedule_standings', 'schedule_id', 'id')
                    ->where('asset_id', $copy->id)
                    ->orderBy('name')
                    ->get(['name', 'meter_id', 'usage_due', 'next_due_on'])
                    ->map(fn ($one) => (array) $one)
                    ->all(),
            )
            ->toMatchArray([
                [
                    'name' => 'Hours check',
                    'meter_id' => $meterOf->id,
                    'usage_due' => '500.000',
                    'next_due_on' => '2026-04-28',
                ],
                ['name' => 'Seal check', 'meter_id' => null, 'usage_due' => null, 'next_due_on' => '2026-04-01'],
            ])
            ->and(
                Schedule::query()
                    ->where('asset_id', $copy->id)
                    ->where('name', 'Seal check')
                    ->sole()
                    ->only(array_keys($law)),
            )
            ->toEqual($law)
            ->and(DB::table('work_orders')->where('asset_id', $copy->id)->count())
            ->toBe(0)
            ->and(
                DB::table('audit_subjects')
                    ->where('kind', 'asset')
                    ->where('subject_id', $copy->id)
                    ->where(
                        'audit_entry_id',
                        '<',
                        DB::table('audit_entries')->where('did', 'like', 'added Feed pump 3%')->value('id'),
                    )
                    ->count(),
            )
            ->toBe(0);
    },
);

it('merges two records of one asset, and keeps all history', function () {
    $plant = Plant::build();
    $twin = $plant->asset('P-9', 'Feed pump one', 'HALL');
    app(SaveAsset::class)(
        Actor::sundial(),
        $twin,
        $plant->site->id,
        AssetFacts::of(['make' => 'Hollin', 'serial' => 'S-9', 'warranty_until' => '2027-01-01']),
    );
    app(SaveAsset::class)(
        Actor::sundial(),
        $plant->pump,
        $plant->site->id,
        AssetFacts::of(['make' => 'Tarnside', 'warranty_until' => '2028-01-01']),
    );
    $part = $plant->asset('P-9-C', 'Coupling', 'P-9');
    $plant->schedule(['anchor_on' => '2026-03-20'], $twin);
    $order = $plant->release();
    $plant->schedule();
    $meter = $plant->meter();
    $this->as('planner')
        ->get("/assets/{$plant->pump->id}/merge?other=P-9")
        ->assertSeeInOrder([
            '1 part inside it',
            '1 schedule',
            'twice',
            '1 work order',
            'serial',
            'make',
            'Tarnside',
            'Hollin',
            'Merge P-9 into PMP-01',
        ]);
    $this->get("/assets/{$plant->pump->id}/merge?other=PMP-01-M")->assertSee('stands inside Feed pump 1');
    $this->get("/assets/{$plant->pump->id}/merge?other=NONE")->assertSee('no asset with the tag');
    $this->post("/assets/{$plant->pump->id}/merge", ['other_id' => $twin->id])->assertRedirect(
        "/assets/{$plant->pump->id}",
    );
    $plant->pump->refresh();
    expect($plant->pump->make)
        ->toBe('Tarnside')
        ->and($plant->pump->serial)
        ->toBe('S-9')
        ->and($part->refresh()->parent_id)
        ->toBe($plant->pump->id)
        ->and($part->path)
        ->toBe("{$plant->pump->path}A{$part->id}/")
        ->and($order->refresh()->asset_id)
        ->toBe($plant->pump->id)
        ->and(DB::table('schedules')->where('asset_id', $plant->pump->id)->count())
        ->toBe(2)
        ->and(DB::table('coming_visits')->where('asset_id', $twin->id)->count())
        ->toBe(0)
        ->and(
            (array) DB::table('asset_summaries')
                ->where('asset_id', $plant->pump->id)
                ->first(['open_orders', 'hand_label']),
        )
        ->toBe(['open_orders' => 1, 'hand_label' => $order->label()])
        ->and($twin->refresh()->life_state)
        ->toBe(LifeState::Retired)
        ->and(DB::table('asset_summaries')->where('asset_id', $twin->id)->value('open_orders'))
        ->toBe(0);
    expect(ExpiryDate::standing()->pluck('until')->all())->toBe(['2028-01-01']);
    $this->get("/assets/{$plant->pump->id}")->assertSee('merged Feed pump one');
    expect(
        DB::table('audit_subjects as s')
            ->join('audit_entries as e', 'e.id', '=', 's.audit_entry_id')
            ->where('s.kind', 'asset')
            ->where('s.subject_id', $plant->pump->id)
            ->where('e.did', 'added Feed pump one (P-9)')
            ->count(),
    )->toBe(1);
    $this->get("/assets/{$twin->id}")
        ->assertSee("/assets/{$plant->pump->id}", false)
        ->assertDontSee('Bring it back');
    $this->get('/a/'.ShortCode::of($twin->id)->code)->assertRedirect("/assets/{$plant->pump->id}");
    // A label that still hangs there means the asset that was kept, also to a round that is walked with a scanner.
    $this->get(
        '/scan?text='.urlencode('https://mill.example/a/'.ShortCode::of($twin->id)->code),
    )->assertRedirect("/assets/{$plant->pump->id}");
    expect(app(AssetByLabel::class)($plant->site->id, ShortCode::of($twin->id)->code)?->id)
        ->toBe($plant->pump->id)
        ->and(app(AssetByLabel::class)($plant->site->id, ShortCode::of($plant->foreign->id)->code))
        ->toBeNull();
    $this->from('/assets')
        ->post("/assets/{$plant->pump->id}/merge", ['other_id' => $twin->id])
        ->assertSessionHasErrors('other');
    $this->post("/assets/{$plant->pump->id}/merge", ['other_id' => $plant->foreign->id])->assertNotFound();
});

it('retires an asset with what is inside, once nothing is open on it, and brings it back', function () {
    $plant = Plant::build();
    $plant->schedule(['anchor_on' => '2026-03-20'], $plant->motor);
    $order = $plant->release();
    $retire = ['reason' => 'scrapped', 'inside' => '1'];
    $this->as('planner')
        ->from("/assets/{$plant->pump->id}")
        ->post("/assets/{$plant->pump->id}/retire", $retire)
        ->assertSessionHasErrors([
            'reason' => 'Open orders stand on PMP-01-M. Finish or cancel them first, then retire it.',
        ]);
    $this->post("/orders/{$order->id}/cancel", ['reason' => 'not needed', 'visits' => 'give back']);
    $this->post("/assets/{$plant->pump->id}/retire", ['reason' => ''])->assertSessionHasErrors('reason');
    $this->post("/assets/{$plant->pump->id}/retire", $retire)->assertSessionHasNoErrors();
    expect($plant->motor->refresh()->life_state)
        ->toBe(LifeState::Retired)
        ->and(DB::table('schedules')->value('held_from'))
        ->not->toBeNull();
    $this->get("/assets/{$plant->pump->id}")
        ->assertSee('scrapped')
        ->assertSee('Bring it back');
    $this->post("/assets/{$plant->motor->id}/bring-back", [
        'life_state' => 'in service',
    ])->assertSessionHasNoErrors();
    expect($plant->motor->refresh()->life_state)
        ->toBe(LifeState::InService)
        ->and(DB::table('schedules')->value('held_from'))
        ->toBeNull();
});

it('keeps a spare-parts list', function () {
    $plant = Plant::build();
    $save = fn (array $with) => $this->as('planner')->post(
        "/assets/{$plant->pump->id}/parts",
        $with + ['part_number' => 'SEAL-40', 'part_name' => 'Mechanical seal', 'quantity' => '1'],
    );
    $save([])->assertSessionHasNoErrors();
    $save(['quantity' => '2,5'])->assertSessionHasNoErrors();
    $save(['quantity' => 'two'])->assertSessionHasErrors('quantity');
    $save(['quantity' => '-1'])->assertSessionHasErrors('quantity');
    $this->get("/assets/{$plant->pump->id}")->assertSeeInOrder([
        'Spare parts fitted',
        'SEAL-40',
        'Mechanical seal',
        '2.5',
    ]);
    $save(['quantity' => '0']);
    $this->get("/assets/{$plant->pump->id}")
        ->assertSee('No spare part is listed')
        ->assertSee('took part SEAL-40 off');
});

it('keeps both meters where two records that are merged had one of the same name', function () {
    $plant = Plant::build();
    $twin = $plant->asset('P-9', 'Feed pump one', 'HALL');
    $mine = $plant->meter();
    $other = $plant->meter(with: ['name' => 'Hours']);
    DB::table('meters')->where('id', $other->id)->update(['asset_id' => $twin->id, 'name' => 'running HOURS']);
    $this->as('planner')
        ->post("/assets/{$plant->pump->id}/merge", ['other_id' => $twin->id])
        ->assertSessionHasNoErrors();
    expect(DB::table('meters')->where('asset_id', $plant->pump->id)->orderBy('id')->pluck('name', 'id')->all())->toBe([
        $mine->id => 'Running hours',
        $other->id => 'running HOURS (P-9)',
    ]);
});
