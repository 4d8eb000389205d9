<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Register\Actions\SaveAsset;
use App\Register\Actions\SaveExpiry;
use App\Register\Actions\SaveField;
use App\Register\Inputs\AssetFacts;
use App\Register\Inputs\ExpiryInput;
use App\Register\Inputs\FieldInput;
use App\Register\Models\Field;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** A plant whose pump has values in extra fields, a price and a late visit. */
function tablePlant(): Plant
{
    $plant = Plant::build();
    $power = app(SaveField::class)(
        Actor::sundial(),
        null,
        FieldInput::of(['name' => 'Power', 'type' => 'number', 'unit' => 'kW']),
    );
    $fill = app(SaveField::class)(Actor::sundial(), null, FieldInput::of([
        'name' => 'Fill',
        'type' => 'choice',
        'choices' => ['oil', 'grease'],
    ]));
    app(SaveAsset::class)(Actor::sundial(), $plant->pump, $plant->site->id, AssetFacts::of([
        'make' => 'Tarnside',
        'purchase_cents' => 500000,
        'extra' => [$power->id => '7.5', $fill->id => 'oil'],
    ]));
    app(SaveAsset::class)(Actor::sundial(), $plant->motor, $plant->site->id, AssetFacts::of([
        'make' => '=1+1',
        'extra' => [$power->id => '11'],
    ]));
    $plant->schedule(['anchor_on' => '2026-03-10']);
    app(SaveExpiry::class)(Actor::sundial(), $plant->motor->subject(), null, ExpiryInput::of([
        'what' => 'insurance',
        'until' => '2026-05-01',
    ]));

    return $plant;
}

it('filters the table by anything', function (array $filter, array $tags) {
    $plant = tablePlant();
    $ids = [
        '{power}' => Field::query()->where('name', 'Power')->value('id'),
        '{fill}' => Field::query()->where('name', 'Fill')->value('id'),
        '{hall}' => $plant->hall->id,
    ];
    $query = strtr(urldecode(http_build_query($filter)), $ids);
    expect(
        array_column(
            json_decode(
                $this->as('planner')
                    ->get("/assets/table.json?{$query}")
                    ->streamedContent(),
                true,
            ),
            'tag',
        ),
    )->toBe($tags);
    $this->get("/assets/table?{$query}")
        ->assertOk()
        ->assertSee(count($tags) === 2 ? 'Assets as a table' : 'These filters hide '.(2 - count($tags)));
})->with([
    'nothing' => [[], ['PMP-01', 'PMP-01-M']],
    'words' => [['q' => 'tarnside'], ['PMP-01']],
    'words of a choice' => [['q' => 'oil'], ['PMP-01']],
    'a number from' => [['x' => ['{power}' => ['min' => '8']]], ['PMP-01-M']],
    'a number to' => [['x' => ['{power}' => ['min' => '7,5', 'max' => '8']]], ['PMP-01']],
    'a bound that is none' => [['x' => ['{power}' => ['min' => 'much']]], ['PMP-01', 'PMP-01-M']],
    'a choice' => [['x' => ['{fill}' => 'oil']], ['PMP-01']],
    'nearness' => [['near' => 'late'], ['PMP-01']],
    'without schedule' => [['near' => 'none'], ['PMP-01-M']],
    'a place' => [['place' => '{hall}'], ['PMP-01', 'PMP-01-M']],
    'what runs out' => [['expiry' => '2026-05-01'], ['PMP-01-M']],
    'nothing matches' => [['life' => 'retired'], []],
    'odd' => [['x' => 'a', 'class' => ['b'], 'place' => "1' or 1"], ['PMP-01', 'PMP-01-M']],
    'sorted by size, not as words' => [['sort' => '-x{power}'], ['PMP-01-M', 'PMP-01']],
    'sorted by a column that is none' => [['sort' => 'nonsense; drop'], ['PMP-01', 'PMP-01-M']],
]);

it('keeps the columns that somebody chose, in their order, and exports those', function () {
    tablePlant();
    $power = 'x'.Field::query()->where('name', 'Power')->value('id');
    $this->as('planner')
        ->post('/assets/table/columns', [
            'columns' => ['tag', 'price', $power, 'evil'],
            'order' => ['tag' => 3, 'price' => 2, $power => 1],
        ])
        ->assertRedirect('/assets/table');
    expect($this->get('/assets/table.csv')->streamedContent())->toContain(
        "\"Power, kW\",\"purchase price\",tag\r\n7.5,5000.00,PMP-01",
    );
    $this->post('/assets/table/columns', ['columns' => ['tag', 'make']]);
    expect($this->get('/assets/table.csv')->streamedContent())->toContain("'=1+1");
    $this->as('technician')->post('/assets/table/columns', ['columns' => ['tag', 'price']]);
    $this->as('technician')->get('/assets/table')->assertDontSee('5000.00')->assertDontSee('purchase price');
});

it('saves filters for oneself and for all', function () {
    tablePlant();
    $this->as('planner')
        ->post('/assets/table/filters', ['name' => 'Late ones', 'shared' => '1', 'back' => '?near=late&evil=1'])
        ->assertRedirect('/assets/table?near=late');
    $this->post('/assets/table/filters', ['name' => 'Mine', 'back' => '?q=pump']);
    $this->get('/me');
    $this->as('technician')
        ->get('/assets/table')
        ->assertSee('/assets/table?near=late', false)
        ->assertSee('Planner One')
        ->assertDontSee('Mine');
    $id = DB::table('saved_filters')->where('name', 'Late ones')->value('id');
    $this->delete("/assets/table/filters/{$id}")->assertSessionHasErrors('form');
    $this->as('planner')
        ->delete("/assets/table/filters/{$id}")
        ->assertSessionHasNoErrors();
    $this->get('/assets/table')->assertDontSee('Late ones')->assertSee('Mine');
});

it(
    'changes many at once after showing what would change, and takes it back where nobody changed it since',
    function () {
        $plant = tablePlant();
        $fill = 'x'.Field::query()->where('name', 'Fill')->value('id');
        $both = ['assets' => [$plant->pump->id, $plant->motor->id], 'field' => $fill, 'value' => 'Grease'];
        $this->as('planner')
            ->post('/assets/table/preview', $both)
            ->assertSeeInOrder(['Set Fill of 2 assets', 'PMP-01', 'oil', 'grease', 'PMP-01-M', 'nothing', 'grease']);
        expect(DB::table('extra_values')->where('value', 'grease')->count())->toBe(0);
        $this->post('/assets/table/change', $both)->assertSessionHas('said', '2 assets are changed.');
        $undo = session('undo')['fields']['edit'];
        app(SaveAsset::class)(Actor::sundial(), $plant->motor, $plant->site->id, AssetFacts::of([
            'extra' => [substr($fill, 1) => 'oil'],
        ]));
        $this->post('/assets/table/undo', ['edit' => $undo])->assertSessionHas(
            'said',
            '1 asset holds what it held before. What was changed since then stays.',
        );
        expect(DB::table('extra_values')->where('field_id', substr($fill, 1))->pluck('value')->all())->toBe([
            'oil',
            'oil',
        ]);
        $this->post('/assets/table/undo', ['edit' => $undo])->assertSessionHasErrors('form');
        $this->post('/assets/table/change', [
            'everything' => '1',
            'back' => '?q=motor',
            'set' => 'criticality=A',
            'value' => 'typed beside',
        ])->assertSessionHas('said', '1 asset is changed.');
        expect([$plant->motor->refresh()->criticality, $plant->pump->refresh()->criticality])->toBe(['A', 'C']);
    },
);

it('sets any fact of many, says it in words first, and puts it back', function (
    string $field,
    Closure $value,
    string $word,
    string $before,
) {
    $plant = tablePlant();
    $new = (string) $value($plant);
    $form = ['assets' => [$plant->pump->id], 'field' => $field, 'value' => $new];
    $standing = (array) DB::table('assets')->find($plant->pump->id);
    $this->as('planner')
        ->post('/assets/table/preview', $form)
        ->assertSeeInOrder(['of 1 asset', 'PMP-01', $before, $word]);
    $this->post('/assets/table/change', $form)->assertSessionHas('said', '1 asset is changed.');
    expect((string) DB::table('assets')->where('id', $plant->pump->id)->value($field))->toBe($new);
    $undo = session('undo')['fields']['edit'];
    $this->post('/assets/table/change', $form)->assertSessionHas('said', 'They held that already.');
    $this->post('/assets/table/undo', ['edit' => $undo])->assertSessionHasNoErrors();
    expect(DB::table('assets')->where('id', $plant->pump->id)->value($field))->toBe($standing[$field]);
})->with([
    'team' => ['team_id', fn (Plant $plant) => $plant->teamId, 'Fitters', 'nothing'],
    'cost centre' => [
        'cost_centre_id',
        fn () => DB::table('cost_centres')->insertGetId(['code' => 'CC-7', 'name' => 'Weaving']),
        'CC-7',
        'nothing',
    ],
    'supplier' => [
        'supplier_id',
        fn () => DB::table('suppliers')->insertGetId(['name' => 'Hollin Drives', 'active' => true]),
        'Hollin Drives',
        'nothing',
    ],
    'class' => [
        'class_id',
        fn () => DB::table('equipment_classes')->insertGetId(['name' => 'roof fan']),
        'roof fan',
        'centrifugal pump',
    ],
    'criticality' => ['criticality', fn () => 'A', 'A', 'C'],
    'life state' => ['life_state', fn () => 'standby', 'standby', 'in service'],
    'make' => ['make', fn () => 'Hollin', 'Hollin', 'Tarnside'],
    'model' => ['model', fn () => 'F-4', 'F-4', 'nothing'],
]);

it('refuses a change of many that cannot be', function (array $form, string $why) {
    $plant = tablePlant();
    $form = array_map(fn ($value) => $value === '{pump}' ? [$plant->pump->id] : $value, $form);
    $this->as('planner')->from('/assets/table')->post('/assets/table/change', $form)->assertSessionHasErrors('form');
    expect(session('errors')->first('form'))->toContain($why);
})->with([
    'none chosen' => [['field' => 'make', 'value' => 'x'], 'at least one'],
    'no field' => [['assets' => '{pump}', 'field' => 'path', 'value' => '/'], 'what is to be set'],
    'no such team' => [['assets' => '{pump}', 'field' => 'team_id', 'value' => '9999'], 'none of the choices'],
    'retired goes another way' => [
        ['assets' => '{pump}', 'field' => 'life_state', 'value' => 'retired'],
        'none of the choices',
    ],
    'no such supplier' => [
        ['assets' => '{pump}', 'field' => 'supplier_id', 'value' => '9999'],
        'none of the choices for supplier',
    ],
    'no such class' => [
        ['assets' => '{pump}', 'field' => 'class_id', 'value' => 'x'],
        'none of the choices for class',
    ],
    'criticality D' => [
        ['assets' => '{pump}', 'field' => 'criticality', 'value' => 'D'],
        'none of the choices for criticality',
    ],
    'a make too long' => [
        ['assets' => '{pump}', 'field' => 'make', 'value' => str_repeat('x', 81)],
        'none of the choices for make',
    ],
    'nothing where something is needed' => [
        ['assets' => '{pump}', 'field' => 'criticality', 'value' => ''],
        'what it is to be set to',
    ],
]);
