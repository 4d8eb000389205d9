<?php

declare(strict_types=1);

use App\People\Actions\SaveCostCentre;
use App\People\Actions\SaveSupplier;
use App\People\Inputs\SupplierInput;
use App\Platform\Audit\Actor;
use App\Register\Actions\SaveAsset;
use App\Register\Actions\SaveField;
use App\Register\Inputs\AssetFacts;
use App\Register\Inputs\FieldInput;
use App\Register\Models\Asset;
use App\Register\Models\Field;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** @return array<string, mixed> all that the form of an asset sends */
function assetForm(Asset $asset, array $with = []): array
{
    // As a browser sends it: words only.
    return $with + [
        'version' => (string) $asset->refresh()->version,
        'tag' => $asset->tag,
        'name' => $asset->name,
        'class_id' => (string) $asset->class_id,
        'stands' => 'HALL',
        'criticality' => 'B',
        'life_state' => 'in service',
    ];
}

it('keeps where an asset came from, what it is worth and where its costs go', function () {
    $plant = Plant::build();
    $supplier = app(SaveSupplier::class)(Actor::sundial(), null, SupplierInput::of([
        'name' => 'Hollin Bearings',
        'serves' => 'bearings and seals',
    ]));
    $centre = app(SaveCostCentre::class)(Actor::sundial(), null, 'C-10', 'Spinning');
    $this->as('planner')
        ->put(
            "/assets/{$plant->pump->id}",
            assetForm($plant->pump, [
                'supplier_id' => $supplier->id,
                'cost_centre_id' => $centre->id,
                'purchase' => '12 500,5',
                'replacement' => '18000',
                'purchased_on' => '2021-05-04',
                'warranty_until' => '2027-05-04',
            ]),
        )
        ->assertSessionHasNoErrors();
    $this->get("/assets/{$plant->pump->id}")
        ->assertSeeInOrder([
            'C-10 Spinning',
            '4 May 2021',
            "12\u{202f}500.50 EUR",
            "18\u{202f}000.00 EUR",
            '4 May 2027',
            'Hollin Bearings',
        ])
        ->assertSeeInOrder(['purchase price', '12500.50']);
    $this->as('technician')
        ->get("/assets/{$plant->pump->id}")
        ->assertDontSee('replacement value');
    $this->get("/suppliers/{$supplier->id}")
        ->assertSee('bearings and seals')
        ->assertSee('Feed pump 1');
    $this->as('planner')
        ->from("/assets/{$plant->pump->id}/edit")
        ->put("/assets/{$plant->pump->id}", assetForm($plant->pump, ['purchase' => '12.505']))
        ->assertSessionHasErrors('purchase');
    expect($plant->pump->refresh()->purchase_cents)->toBe(1250050);
});

it('asks for the extra fields of a class, needed ones too, and finds their words', function () {
    $plant = Plant::build();
    $colour = app(SaveField::class)(Actor::sundial(), null, FieldInput::of([
        'name' => 'Colour',
        'type' => 'choice',
        'choices' => ['red', 'green'],
        'required' => true,
    ]));
    $power = app(SaveField::class)(Actor::sundial(), null, FieldInput::of([
        'name' => 'Power',
        'type' => 'number',
        'unit' => 'kW',
        'class_id' => $plant->pump->class_id,
    ]));
    $this->as('planner')
        ->get("/assets/{$plant->pump->id}")
        ->assertSeeInOrder(['Colour', 'needed', 'Power, kW']);
    $this->from("/assets/{$plant->pump->id}/edit")
        ->put("/assets/{$plant->pump->id}", assetForm($plant->pump, ['extra' => [$power->id => '5,5']]))
        ->assertSessionHasErrors(["extra.{$colour->id}" => 'Colour is needed.']);
    $this->put(
        "/assets/{$plant->pump->id}",
        assetForm($plant->pump, ['extra' => [$power->id => '5,5', $colour->id => 'Red']]),
    )->assertSessionHasNoErrors();
    $this->get("/assets/{$plant->pump->id}")->assertSeeInOrder(['Colour', 'red', 'Power, kW', '5.5']);
    $this->get('/assets?q=red')->assertSee('These filters hide 1 asset');
    $this->from("/assets/{$plant->pump->id}")
        ->put("/assets/{$plant->pump->id}/fields/{$power->id}", ['extra' => [$power->id => 'much']])
        ->assertSessionHasErrors("extra.{$power->id}");
    $this->put("/assets/{$plant->pump->id}/fields/{$power->id}", ['extra' => [$power->id => '7.5']])->assertRedirect(
        "/assets/{$plant->pump->id}#facts",
    );
    $this->get("/assets/{$plant->pump->id}")->assertSeeInOrder(['Power', '5.5', '7.5']);
    expect(DB::table('extra_values')->where('field_id', $power->id)->value('size'))->toBe(7500);
});

it('retires a field without losing what assets hold, and keeps its type and class once they do', function () {
    $plant = Plant::build();
    $field = app(SaveField::class)(Actor::sundial(), null, FieldInput::of(['name' => 'Power', 'type' => 'number']));
    app(SaveAsset::class)(
        Actor::sundial(),
        $plant->pump,
        $plant->site->id,
        AssetFacts::of(['extra' => [$field->id => '5.5']]),
    );
    $form = fn (array $with): array => $with + [
        'name' => 'Power',
        'type' => 'number',
        'version' => $field->refresh()->version,
    ];
    $this->as('administrator')
        ->get("/setup/fields/{$field->id}")
        ->assertSee('1 asset holds a value, so the type is fixed')
        ->assertDontSee('<option value="text"', false);
    $this->put("/setup/fields/{$field->id}", $form(['type' => 'text']))->assertSessionHasErrors('type');
    $other = DB::table('equipment_classes')->insertGetId(['name' => 'fan']);
    $this->put("/setup/fields/{$field->id}", $form(['class_id' => $other]))->assertSessionHasErrors('class_id');
    $this->put("/setup/fields/{$field->id}", $form(['retired' => '1']))->assertSessionHasNoErrors();
    $this->get("/assets/{$plant->pump->id}")->assertDontSee('Fill in Power');
    $this->put("/setup/fields/{$field->id}", $form([]))->assertSessionHasNoErrors();
    $this->get("/assets/{$plant->pump->id}")->assertSeeInOrder(['Power', '5.5']);
    $this->post('/setup/fields', ['name' => 'Power', 'type' => 'text'])->assertSessionHasErrors('name');
    expect(Field::query()->count())->toBe(1);
});

it('adds suppliers, cost centres, units and meanings of life states', function () {
    Plant::build();
    $this->as('planner')
        ->post('/suppliers', [
            'name' => 'Brackwater Lifts',
            'contractor' => '1',
            'website' => 'https://example.org',
            'serves' => 'hoists',
        ])
        ->assertRedirect();
    $this->post('/suppliers', [
        'name' => 'Brackwater Lifts',
        'website' => 'example',
        'email' => 'x',
    ])->assertSessionHasErrors(['name', 'website', 'email']);
    $this->get('/suppliers?q=hoist')->assertSee('Brackwater Lifts')->assertSee('contractor');
    $this->as('administrator')
        ->post('/setup/cost-centres', ['code' => 'C-1', 'name' => 'Spinning'])
        ->assertSessionHasNoErrors();
    $this->post('/setup/cost-centres', ['code' => 'C-1', 'name' => 'Other'])->assertSessionHasErrors('code');
    $this->post('/setup/units', ['code' => 'bar', 'name' => 'bar'])->assertSessionHasNoErrors();
    $this->get('/setup/units')->assertSee('value="bar"', false);
    $this->put('/setup/life-states', [
        'meaning' => ['standby' => 'warm, ready within the hour'],
    ])->assertSessionHasNoErrors();
    $this->get('/setup/life-states')->assertSee('warm, ready within the hour');
});

it('asks for what is needed when an asset is added, for its class, and keeps what was typed', function () {
    $plant = Plant::build();
    $by = Actor::sundial();
    $zone = app(SaveField::class)($by, null, FieldInput::of([
        'name' => 'Zone',
        'type' => 'choice',
        'choices' => ['wet', 'dry'],
        'required' => true,
    ]));
    app(SaveField::class)(
        $by,
        null,
        FieldInput::of(['name' => 'Hazard sheet', 'type' => 'document', 'required' => true]),
    );
    $other = App\Register\Models\EquipmentClass::query()->create(['name' => 'loom']);
    app(SaveField::class)(
        $by,
        null,
        FieldInput::of(['name' => 'Reed', 'type' => 'text', 'required' => true, 'class_id' => $other->id]),
    );
    $this->as('planner')
        ->get("/assets/new/needed?class_id={$plant->pump->class_id}")
        ->assertSee('Zone')
        ->assertDontSee('Reed')
        ->assertDontSee('Hazard sheet');
    $form = [
        'tag' => 'P-9',
        'name' => 'Pump 9',
        'class_id' => (string) $plant->pump->class_id,
        'stands' => 'HALL',
        'once' => 'a',
    ];
    $this->from('/assets/new')
        ->post('/assets', $form)
        ->assertSessionHasErrors("extra.{$zone->id}");
    $this->get('/assets/new')->assertSee('Zone is needed')->assertSee('value="P-9"', false);
    $this->post('/assets', $form + ['extra' => [(string) $zone->id => 'dry']])->assertSessionHasNoErrors();
    expect(DB::table('extra_values')->where('field_id', $zone->id)->value('value'))->toBe('dry');
});

it('keeps extra fields in the order that somebody gave them, everywhere', function () {
    $plant = Plant::build();
    foreach (['Alpha', 'Beta', 'Gamma'] as $name) {
        $fields[$name] = app(SaveField::class)(
            Actor::sundial(),
            null,
            FieldInput::of(['name' => $name, 'type' => 'text']),
        );
    }
    $this->as('administrator')->post("/setup/fields/{$fields['Gamma']->id}/move", ['to' => 'up']);
    $this->post("/setup/fields/{$fields['Alpha']->id}/move", ['to' => 'up']);
    $this->get('/setup/fields')->assertSeeInOrder(['Alpha', 'Gamma', 'Beta']);
    $this->as('planner')
        ->get("/assets/{$plant->pump->id}")
        ->assertSeeInOrder(['Alpha', 'Gamma', 'Beta']);
    expect($this->get('/import/register/template')->streamedContent())->toContain('Alpha,Gamma,Beta');
});
