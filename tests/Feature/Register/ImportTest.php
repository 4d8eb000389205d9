<?php

declare(strict_types=1);

use App\People\Models\Supplier;
use App\Platform\Audit\Actor;
use App\Platform\Import\Import;
use App\Platform\Import\ImportFile;
use App\Platform\Import\RunImport;
use App\Register\Actions\SaveField;
use App\Register\Actions\TakeReading;
use App\Register\Inputs\FieldInput;
use App\Register\Models\Asset;
use App\Register\Models\EquipmentClass;
use App\Register\Models\Field;
use App\Register\Models\Location;
use App\Register\Models\Meter;
use App\Stores\Actions\SetFit;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Tests\Feature\Plant;

/** Brings a file as the planner does, and gives the address of its check. */
function bring(string $what, string $csv): string
{
    return (string) test()
        ->as('planner')
        ->post("/import/{$what}", ['file' => UploadedFile::fake()->createWithContent('plant.csv', $csv)])
        ->headers->get('Location');
}

/** @return array<string, string> what the page of a check would send to load it */
function toLoad(string $check): array
{
    preg_match('/name="work" value="(\d+)"/', (string) test()->as('planner')->get($check)->content(), $work);

    return ['work' => $work[1] ?? ''];
}

it('loads a register file after a check, all of it, and once', function () {
    Plant::build();
    $check = bring(
        'register',
        "\u{FEFF}kind;tag;name;class;place;parent;criticality\nasset;LM-1-D;Drive;motor;;LM-1;\nasset;LM-1;Loom ".
            "1;loom;SHED-A;;a\nlocation;SHED-A;Bay A;;;SHED;\nlocation;SHED;\"Shed; north\";;;;\n",
    );
    $this->as('planner')->get($check)->assertSee('Load 4 rows')->assertSee('It would make <b>4</b>', false);
    $this->as('planner')
        ->post($check, $work = toLoad($check))
        ->assertRedirect($check);
    $this->get($check)->assertSee('<b>4</b> made', false);
    $drive = Asset::query()->where('tag', 'LM-1-D')->sole();
    $loom = Asset::query()->where('tag', 'LM-1')->sole();
    expect($drive->parent_id)
        ->toBe($loom->id)
        ->and($drive->path)
        ->toStartWith($loom->path)
        ->and($loom->criticality)
        ->toBe('A')
        ->and(Location::query()->where('tag', 'SHED')->sole()->name)
        ->toBe('Shed; north');
    $this->as('planner')->post($check, $work)->assertRedirect($check);
    expect(Asset::query()->where('tag', 'LM-1')->count())->toBe(1);
    $this->as('supervisor')->get($check)->assertOk();
});

it('names each bad row and column, loads nothing, and gives them out as a file', function () {
    Plant::build();
    $before = Asset::query()->count();
    $check = bring(
        'register',
        "tag,name,class,place,parent,criticality,life_state\nLM-1,Loom ".
            "1,loom,HALL,,A,\nLM-1,Twin,loom,HALL,,,\nLM-2,,loom,HALL,,,\nLM-3,Loom 3,loom,NOWHERE,,,\nLM-5,Loom ".
            "5,loom,HALL,,D,broken\n",
    );
    $page = (string) $this->as('planner')
        ->get($check)
        ->assertSee('5 problems; nothing can be loaded yet')
        ->assertDontSee('Load 5 rows')
        ->content();
    foreach ([[3, 'tag'], [4, 'name'], [5, 'place'], [6, 'criticality'], [6, 'life state']] as [$row, $column]) {
        expect(preg_match("#<td class=\"r\">{$row}</td> *<td class=\"tag\">{$column}</td>#", $page))->toBe(
            1,
            "row {$row}, {$column}",
        );
    }
    $this->post($check, [])->assertSessionHasErrors('file');
    expect(Asset::query()->count())
        ->toBe($before)
        ->and($this->get("{$check}/problems")->streamedContent())
        ->toContain('6,life_state,');
    $this->as('supervisor')->get($check)->assertNotFound();
});

it('refuses files that are no table', function (string $content, string $says) {
    Plant::build();
    $location = $this->as('planner')
        ->from('/import/register')
        ->post('/import/register', ['file' => UploadedFile::fake()->createWithContent('x.csv', $content)])
        ->headers->get('Location');
    $this->as('planner')->get($location)->assertSee($says);
})->with([
    'a picture' => ["\x89PNG\r\n\x1a\n\0\0", 'no '],
    'another encoding' => ["tag,name\nL-1,Caf\xE9\n", 'no UTF-8 text'],
    'no header' => ["LM-1,Loom\n", 'No column of the file is the tag'],
    'header only' => ["tag,name\n", 'no row below its header'],
]);

it('changes only what differs of what stands, and takes it back', function () {
    $plant = Plant::build();
    $power = app(SaveField::class)(Actor::sundial(), null, FieldInput::of([
        'name' => 'Motor power',
        'type' => 'number',
        'unit' => 'kW',
    ]));
    $check = bring(
        'register',
        "tag;name;class;place;parent;Motor power, kW;purchase price;warranty until;colour\nPMP-01;Feed pump ".
            "one;;;;7,5;1.250,50;2027-05-01;red\nPMP-01-M;Motor of feed pump ".
            "1;;HALL;;;;;\nPMP-01-X;Seal;seal;;PMP-01;1;;;\n",
    );
    $this->as('planner')
        ->get($check)
        ->assertSeeInOrder(
            [
                'make <b>1</b>',
                'change <b>2</b>',
                'left out',
                'colour',
                'PMP-01',
                'name',
                'Feed pump 1',
                'Feed pump one',
                'Motor power',
                'nothing',
                '7.5',
                'purchase price',
                'nothing',
                '1250.50',
            ],
            false,
        );
    $this->post($check, toLoad($check))->assertSessionHasNoErrors();
    $pump = $plant->pump->refresh();
    $held = static fn () => DB::table('extra_values')
        ->where('field_id', $power->id)
        ->where('asset_id', $plant->pump->id)
        ->value('value');
    expect($pump->name)
        ->toBe('Feed pump one')
        ->and($pump->purchase_cents)
        ->toBe(125050)
        ->and($held())
        ->toBe('7.500')
        ->and($plant->motor->refresh()->parent_id)
        ->toBeNull()
        ->and($plant->motor->location_id)
        ->toBe($plant->hall->id)
        ->and(DB::table('expiry_dates')->where('subject_id', $pump->id)->value('until'))
        ->toBe('2027-05-01')
        ->and(Asset::query()->where('tag', 'PMP-01-X')->sole()->parent_id)
        ->toBe($pump->id);
    // Somebody corrects the name by hand: that stays, the rest goes back, and what was made goes.
    $this->as('supervisor')
        ->put("/assets/{$pump->id}", [
            'tag' => 'PMP-01',
            'name' => 'Feed pump I',
            'class_id' => (string) $pump->class_id,
            'stands' => 'HALL',
            'criticality' => 'B',
            'life_state' => 'in service',
            'purchase' => '1250.50',
            'warranty_until' => '2027-05-01',
            'extra' => [(string) $power->id => '7.5'],
            'version' => (string) $pump->version,
        ])
        ->assertSessionHasNoErrors();
    $this->as('planner')->delete($check)->assertSessionHasNoErrors();
    $this->get($check)->assertSee('was taken back');
    expect($pump->refresh()->name)
        ->toBe('Feed pump I')
        ->and($held())
        ->toBeNull()
        ->and($plant->motor->refresh()->parent_id)
        ->toBe($pump->id)
        ->and(Asset::query()->where('tag', 'PMP-01-X')->exists())
        ->toBeFalse()
        ->and(EquipmentClass::query()->where('name', 'seal')->exists())
        ->toBeFalse();
    $this->get('/log')->assertOk()->assertSee('took plant.csv back');
});

it('takes nothing back when something that it made is in use, or when it was not the last', function () {
    $plant = Plant::build();
    $first = bring('register', "tag,name,class,place\nLM-1,Loom 1,loom,HALL\n");
    $this->post($first, toLoad($first));
    $plant->schedule(['anchor_on' => '2026-06-01'], Asset::query()->where('tag', 'LM-1')->sole());
    $this->as('planner')
        ->from($first)
        ->delete($first)
        ->assertSessionHasErrors([
            'file' => 'Nothing was taken back, because some of what was loaded is in use by now: LM-1 (schedules). '.
                'Retire or move those by hand instead.',
        ]);
    $second = bring('register', "tag,name,class,place\nLM-2,Loom 2,loom,HALL\n");
    $this->post($second, toLoad($second));
    $this->from($first)->delete($first)->assertSessionHasErrors('file');
    $this->delete($second)->assertSessionHasNoErrors();
    expect(
        Asset::query()
            ->whereIn('tag', ['LM-1', 'LM-2'])
            ->pluck('tag')
            ->all(),
    )->toBe(['LM-1']);
});

it('loads nothing when the register has changed since the check', function () {
    $plant = Plant::build();
    $check = bring('register', "tag,make\nPMP-01,Ollerton\n");
    $work = toLoad($check);
    $plant->pump->update(['make' => 'Ollerton']);
    $this->as('planner')
        ->from($check)
        ->post($check, $work)
        ->assertSessionHasErrors([
            'file' => 'Nothing was loaded: the register has changed since the check. See what the file would do now.',
        ]);
});

it('reads columns and numbers as somebody says', function () {
    Plant::build();
    $check = bring('register', "Kennung,Bezeichnung,Art,Ort,Preis\nLM-1,Loom 1,loom,HALL,\"1.250,50\"\n");
    $this->as('planner')
        ->get($check)
        ->assertSee('No column of the file is the tag')
        ->assertSee('Kennung')
        ->assertSee('LM-1');
    $read = [
        'column' => ['tag', 'name', 'class', 'place', 'purchase_price'],
        'numbers' => 'point',
        'dates' => 'year first',
        'empty' => 'keep',
    ];
    $this->put($check, $read);
    $this->get($check)->assertSee('is no number with a decimal point');
    $this->put($check, ['numbers' => 'comma'] + $read);
    $this->post($check, toLoad($check));
    expect(Asset::query()->where('tag', 'LM-1')->sole()->purchase_cents)->toBe(125050);
    $this->put($check, $read)->assertStatus(409);
});

it('gives out what stands so that loading it again changes nothing', function (string $what, string $holds) {
    $plant = Plant::build();
    app(SaveField::class)(
        Actor::sundial(),
        null,
        FieldInput::of(['name' => 'Zone', 'type' => 'choice', 'choices' => ['wet', 'dry']]),
    );
    $this->as('planner')->put("/assets/{$plant->pump->id}/fields/".Field::query()->value('id'), [
        'value' => 'wet',
    ]);
    app(SetFit::class)(Actor::sundial(), $plant->pump, 'BRG-1', '=Bearing', '2.5', null);
    $plant->meter(last: '2026-03-10');
    Supplier::query()->create(['name' => 'Hollin Bearings', 'phone' => '+44 1632 960111']);
    $csv = $this->get("/import/{$what}/standing.csv")->streamedContent();
    expect($csv)
        ->toContain($holds)
        ->and(json_decode($this->get("/import/{$what}/standing.json")->streamedContent(), true))
        ->toHaveCount(substr_count($csv, "\r\n") - 1);
    $this->get(bring($what, $csv))->assertSee('there is nothing to load');
})->with([
    ['register', 'Feed pump 1'],
    ['parts', "'=Bearing"],
    ['meters', 'Running hours'],
    ['readings', '1420'],
    ['suppliers', "'+44 1632"],
]);

it('takes each template as it is, and all but readings back again', function () {
    $plant = Plant::build();
    $load = function (string $what): string {
        $check = bring(
            $what,
            $this->as('planner')
                ->get("/import/{$what}/template")
                ->streamedContent(),
        );
        $this->post($check, toLoad($check))->assertSessionHasNoErrors();
        $this->get($check)->assertSee('The file is loaded');

        return $check;
    };
    $loaded = array_map($load, [
        'register' => 'register',
        'meters' => 'meters',
        'parts' => 'parts',
        'suppliers' => 'suppliers',
    ]);
    expect(Meter::query()->count())
        ->toBe(2)
        ->and(DB::table('fits')->count())
        ->toBe(1)
        ->and(Supplier::query()->count())
        ->toBe(1);
    foreach (array_reverse($loaded) as $check) {
        $this->delete($check)->assertSessionHasNoErrors();
    }
    expect(Meter::query()->count())
        ->toBe(0)
        ->and(DB::table('fits')->count())
        ->toBe(0)
        ->and(Supplier::query()->count())
        ->toBe(0)
        ->and(Asset::query()->where('tag', 'like', 'FP-%')->count())
        ->toBe(0)
        ->and(Location::query()->where('tag', 'HALL-1')->exists())
        ->toBeFalse();
    // A reading is struck out, not removed; the only one of a meter stays.
    $load('register');
    $load('meters');
    $readings = $load('readings');
    $this->from($readings)->delete($readings)->assertSessionHasErrors('reason');
    $more = bring('readings', "tag,meter,at,reading\nFP-1,Running hours,2026-03-18 07:55,1204.8\n");
    $this->post($more, toLoad($more));
    $this->delete($more)->assertSessionHasNoErrors();
    expect(DB::table('readings')->count())
        ->toBe(2)
        ->and(DB::table('reading_strikes')->count())
        ->toBe(1)
        ->and(Meter::query()->where('name', 'Running hours')->sole()->last_shown)
        ->toBe('1204.500');
    // What was struck out does not stand in the way of the same file.
    $this->get(bring('readings', "tag,meter,at,reading\nFP-1,Running hours,2026-03-18 07:55,1204.8\n"))->assertSee(
        'Load 1 row',
    );
});

it('takes readings after a check that takes nothing, once, in the order of their times', function () {
    $plant = Plant::build();
    $hours = $plant->meter(last: '2026-03-10');
    $before = DB::table('readings')->count();
    $check = bring(
        'readings',
        "tag;at;reading;note\nPMP-01;17.3.2026 07:30;1470,5;by hand-held\nPMP-01;2026-03-14 07:30;1450;\n",
    );
    $this->get($check)->assertSee('is no time');
    $this->put($check, ['numbers' => 'comma', 'dates' => 'day first', 'empty' => 'keep']);
    $this->get($check)->assertSee('Load 2 rows');
    expect(DB::table('readings')->count())
        ->toBe($before)
        ->and($hours->refresh()->last_shown)
        ->toBe('1420.000');
    $this->post($check, toLoad($check));
    $this->post($check);
    expect(DB::table('readings')->count())
        ->toBe($before + 2)
        ->and($hours->refresh()->last_shown)
        ->toBe('1470.500')
        ->and(DB::table('readings')->where('source', 'import')->where('note', 'by hand-held')->value('at'))
        ->toStartWith('2026-03-17 07:30');
});

it('takes no reading when one row is refused, and names its row and column', function (
    string $row,
    string $column,
    string $why,
) {
    $plant = Plant::build();
    $plant->meter(last: '2026-03-10');
    $plant->meter(0, with: ['name' => 'Starts', 'unit' => 'starts']);
    Meter::query()
        ->where('name', 'Starts')
        ->update(['asset_id' => $plant->motor->id]);
    $plant->meter(0, with: ['name' => 'Metres', 'unit' => 'm']);
    $before = DB::table('readings')->count();
    $check = bring('readings', "tag,meter,at,reading\nPMP-01,Running hours,2026-03-16 07:30,1460\n{$row}\n");
    $this->get($check)
        ->assertSeeInOrder(['nothing can be loaded yet', '3', $column, $why])
        ->assertDontSee('Load 2 rows');
    $this->from($check)->post($check)->assertSessionHasErrors('file');
    expect(DB::table('readings')->count())->toBe($before);
})->with([
    'it falls' => ['PMP-01,Running hours,2026-03-17 07:30,900', 'reading', 'a counter never falls'],
    'too much' => ['PMP-01,Running hours,2026-03-17 07:30,9000', 'reading', 'more than'],
    'an unknown asset' => ['PMP-99,,2026-03-17 07:30,1', 'tag', 'no asset'],
    'which meter' => ['PMP-01,,2026-03-17 07:30,1465', 'meter', 'several meters'],
    'an unknown meter' => ['PMP-01,Litres,2026-03-17 07:30,1465', 'meter', 'has no meter'],
    'ahead' => ['PMP-01,Running hours,2026-03-19 07:30,1465', 'at', 'cannot lie ahead'],
    'another site' => ['X-1,,2026-03-17 07:30,1', 'tag', 'no asset'],
]);

it('changes a meter and a parts list by file, and tries before it says yes', function () {
    $plant = Plant::build();
    $plant->meter();
    $gauge = bring('meters', "tag,meter,kind,unit,low limit,high limit\nPMP-01,Pressure,gauge,bar,8,3\n");
    $this->get($gauge)->assertSee('1 problem; nothing can be loaded yet');
    $check = bring('meters', "tag,meter,expected per year\npmp-01,running HOURS,5000\n");
    $this->get($check)->assertSee('change <b>1</b>', false);
    $this->post($check, toLoad($check));
    expect(Meter::query()->sole()->expected_per_year)
        ->toBe('5000.000')
        ->and(Meter::query()->sole()->unit)
        ->toBe('h');
    $parts = bring('parts', "tag,part number,name,quantity\nPMP-01,S-1,Seal,2\nPMP-99,S-1,Seal,1\nPMP-01,S-2,,-1\n");
    $this->get($parts)->assertSeeInOrder(['3', 'tag', 'no asset “PMP-99”', '4', 'name', '4', 'quantity']);
});

it('works off a large file behind the page, with all its problems or none', function () {
    $plant = Plant::build();
    Queue::fake();
    $csv =
        "tag,name,class,place\n".
        implode("\n", array_map(static fn (int $i): string => "LM-{$i},Loom {$i},loom,HALL", range(1, 301)));
    $check = bring('register', $csv);
    $this->post($check, toLoad($check));
    Queue::assertPushed(RunImport::class, 1);
    $this->post($check, ['work' => '301']);
    Queue::assertPushed(RunImport::class, 1);
    $this->get($check)->assertSee('can leave this page');
    $this->get("{$check}/progress")->assertSee('waits for its turn');
    $import = Import::query()->findOrFail(basename($check));
    app()->call([new RunImport($import->id, 'load', $plant->person('planner')->id, 'Planner One', 301), 'handle']);
    $this->get("{$check}/progress")->assertHeader('HX-Redirect', "/import/files/{$import->id}");
    expect(Asset::query()->where('tag', 'like', 'LM-%')->count())
        ->toBe(301)
        ->and($import->refresh()->rowsThrough())
        ->toBeGreaterThan(100)
        ->and(DB::table('audit_entries')->where('who', 'Planner One')->count())
        ->toBeGreaterThan(300);
    $this->as('planner')->delete($check);
    app()->call([new RunImport($import->id, 'take back', $plant->person('planner')->id, 'Planner One'), 'handle']);
    $this->get($check)->assertSee('was taken back');
    expect(Asset::query()->where('tag', 'like', 'LM-%')->count())->toBe(0);
    // Where the register changed meanwhile, the page says so and nothing is half done.
    $late = app(ImportFile::class)(
        $plant->person('planner')->actor(),
        'register',
        $plant->site->id,
        "tag,make\nPMP-01,Ollerton\n",
        'late.csv',
    );
    $late->update(['state' => Import::WAITING]);
    app()->call([new RunImport($late->id, 'load', $plant->person('planner')->id, 'Planner One', 7), 'handle']);
    $this->get("/import/files/{$late->id}")
        ->assertSee('has changed since the check')
        ->assertSee('Load 1 row');
});

it('checks and loads on the command line too', function () {
    Plant::build();
    $path = tempnam(sys_get_temp_dir(), 'register');
    file_put_contents($path, "tag,name\nSHED,Shed\n");
    $run = static fn (array $with = []): array => [
        Artisan::call('import:file', ['file' => $path, '--site' => 'T'] + $with),
        Artisan::output(),
    ];
    expect($run(['--dry-run' => true]))
        ->toBe([0, "1 made, 0 changed, 0 left as they are; a dry run loads nothing.\n"])
        ->and(Location::query()->where('tag', 'SHED')->exists())
        ->toBeFalse();
    expect($run()[0])
        ->toBe(0)
        ->and(Location::query()->where('tag', 'SHED')->exists())
        ->toBeTrue();
    file_put_contents($path, "tag,name,class\nSHED,Shed,loom\n");
    [$status, $said] = $run();
    expect($status)->toBe(1)->and($said)->toContain('row 2, class');
    unlink($path);
});

it('takes no reading again from the file that gave it out, whatever second it was taken at', function () {
    $plant = Plant::build();
    $meter = $plant->meter(1);
    app(TakeReading::class)(
        $plant->person('planner')->actor(),
        $meter,
        '1007',
        new DateTimeImmutable('2026-03-18 07:12:37 UTC'),
        'confirmed',
    );
    $file = $this->as('planner')->get('/import/readings/standing.csv')->streamedContent();
    $check = bring('readings', $file);
    $this->as('planner')->get($check)->assertDontSee('Load 1 row')->assertDontSee('Load 2 rows');
    $this->post($check, toLoad($check));
    expect(DB::table('readings')->where('meter_id', $meter->id)->count())->toBe(2);
});
