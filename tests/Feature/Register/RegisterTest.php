<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Register\Actions\SaveAsset;
use App\Register\Actions\SaveLocation;
use App\Register\Inputs\AssetFacts;
use App\Register\Inputs\LocationInput;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;

it('moves an asset with all that is inside it, and writes it into three logs', function () {
    $plant = Plant::build();
    $yard = app(SaveLocation::class)(
        Actor::sundial(),
        null,
        $plant->site->id,
        LocationInput::of(['tag' => 'YARD', 'name' => 'Yard']),
    );
    app(SaveAsset::class)(Actor::sundial(), $plant->pump, $plant->site->id, AssetFacts::of(['stands' => 'YARD']));
    expect($plant->motor->refresh()->path)->toStartWith($yard->path);
    $logged = DB::table('audit_subjects as s')
        ->join('audit_entries as e', 'e.id', '=', 's.audit_entry_id')
        ->where('did', 'moved Feed pump 1')
        ->pluck('s.kind')
        ->countBy();
    expect($logged->all())->toBe(['asset' => 1, 'location' => 2]);
});

it('refuses to put an asset inside itself, and says why', function () {
    $plant = Plant::build();
    expect(fn () => app(SaveAsset::class)(
        Actor::sundial(),
        $plant->pump,
        $plant->site->id,
        AssetFacts::of(['stands' => 'PMP-01-M']),
    ))
        ->toThrow(InvalidInput::class, 'stands inside Feed pump 1')
        ->and(
            fn () => app(SaveAsset::class)(
                Actor::sundial(),
                $plant->pump,
                $plant->site->id,
                AssetFacts::of(['stands' => 'PMP-01']),
            ),
        )
        ->toThrow(InvalidInput::class, 'inside itself');
    $form = [
        'tag' => 'PMP-01',
        'name' => 'Feed pump 1',
        'class_id' => $plant->pump->class_id,
        'stands' => 'PMP-01-M',
        'criticality' => 'B',
        'life_state' => 'in service',
        'notes' => 'keep me',
        'version' => $plant->pump->version,
    ];
    $this->as('planner')
        ->from("/assets/{$plant->pump->id}/edit")
        ->put("/assets/{$plant->pump->id}", $form)
        ->assertSessionHasErrors('stands');
    $this->get("/assets/{$plant->pump->id}/edit")
        ->assertSee('keep me')
        ->assertSee('cannot stand inside');
});

it('keeps a tag for one thing in a site', function () {
    $plant = Plant::build();
    expect(fn () => $plant->asset('HALL', 'Confusing', 'HALL'))->toThrow(ValidationException::class);
});

it('says what the filters of the index hide', function () {
    $plant = Plant::build();
    $plant->schedule(['anchor_on' => '2026-03-10', 'name' => 'Old check']);
    $plant->schedule(['anchor_on' => '2026-07-10'], $plant->motor);
    $this->as('planner')
        ->get('/assets?q=motor')
        ->assertSee('1 of 2')
        ->assertSee('These filters hide 1 asset, 1 of them late.');
    $this->as('planner')->get('/assets?near=late')->assertSee('8 d late · Old check')->assertSee('1 of 2');
    $this->as('planner')->get('/assets?near=clear')->assertSee('Motor of feed pump 1')->assertSee('in 114 d');
    $this->as('planner')
        ->get('/assets?place='.$plant->hall->id)
        ->assertDontSee('These filters hide');
});
