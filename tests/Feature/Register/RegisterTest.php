<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Register\Actions\SaveAsset;
use App\Register\Actions\SaveLocation;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;

function upload(string $csv): UploadedFile
{
    return UploadedFile::fake()->createWithContent('plant.csv', $csv);
}

it('loads a register file after a check, all of it', function () {
    Plant::build();
    $csv = "\u{FEFF}kind;tag;name;class;place;parent;criticality\nasset;LM-1-D;Drive;motor;;LM-1;\nasset;LM-1;Loom 1;loom;SHED-A;;a\nlocation;SHED-A;Bay A;;;SHED;\nlocation;SHED;\"Shed; north\";;;;\n";
    $check = $this->as('planner')->post('/register/import', ['file' => upload($csv)])->headers->get('Location');
    $this->as('planner')->get($check)->assertSee('Load 4 rows')->assertSee('2 new classes');
    $this->as('planner')->post($check)->assertRedirect('/assets');
    $drive = Asset::query()->where('tag', 'LM-1-D')->sole();
    $loom = Asset::query()->where('tag', 'LM-1')->sole();
    expect($drive->parent_id)->toBe($loom->id)->and($drive->path)->toStartWith($loom->path)->and($loom->criticality)->toBe('A')
        ->and(Location::query()->where('tag', 'SHED')->sole()->name)->toBe('Shed; north');
    // The second press loads nothing and says the same.
    $this->as('planner')->post($check)->assertRedirect('/assets')->assertSessionHas('said', '4 rows from plant.csv are in the register.');
    expect(Asset::query()->where('tag', 'LM-1')->count())->toBe(1);
});

it('names each bad row and column, and loads nothing', function () {
    Plant::build();
    $csv = "tag,name,class,place,parent,criticality,life_state\nLM-1,Loom 1,loom,HALL,,A,\nLM-1,Twin,loom,HALL,,,\nLM-2,,loom,HALL,,,\nLM-3,Loom 3,loom,NOWHERE,,,\nLM-4,Loom 4,loom,HALL,LM-1,,\nLM-5,Loom 5,loom,HALL,,D,broken\nPMP-01,Pump,pump,HALL,,,\nA,A,loom,,B,,\nB,B,loom,,A,,\n";
    $before = Asset::query()->count();
    $check = $this->as('planner')->post('/register/import', ['file' => upload($csv)])->headers->get('Location');
    $page = $this->as('planner')->get($check);
    foreach ([[3, 'tag'], [4, 'name'], [5, 'place'], [6, 'parent'], [7, 'criticality'], [7, 'life_state'], [8, 'tag'], [9, 'parent'], [10, 'parent']] as [$row, $column]) {
        expect(preg_match("#<td class=\"r\">{$row}</td><td class=\"tag\">{$column}</td>#", $page->content()))->toBe(1, "row {$row}, {$column}");
    }
    $page->assertSee('9 problems; nothing can be loaded yet')->assertDontSee('Load 9 rows');
    $this->as('planner')->post($check)->assertSessionHasErrors('file');
    expect(Asset::query()->count())->toBe($before);
});

it('refuses files that are no register', function (string $content, string $says) {
    Plant::build();
    $location = $this->as('planner')->from('/register/import')->post('/register/import', ['file' => upload($content)])->headers->get('Location');
    $this->as('planner')->get($location)->assertSee($says);
})->with([
    'a picture' => ["\x89PNG\r\n\x1a\n\0\0", 'no '],
    'another encoding' => ["tag,name\nL-1,Caf\xE9\n", 'no UTF-8 text'],
    'no header' => ["LM-1,Loom\n", 'has no column'],
    'unknown column' => ["tag,name,colour\nA,B,C\n", 'is not known'],
    'header only' => ["tag,name\n", 'no row below its header'],
]);

it('checks and loads on the command line too', function () {
    Plant::build();
    $path = tempnam(sys_get_temp_dir(), 'register');
    file_put_contents($path, "tag,name\nSHED,Shed\n");
    $run = static fn (array $with = []): array => [Artisan::call('register:import', ['file' => $path, '--site' => 'T'] + $with), Artisan::output()];
    expect($run(['--dry-run' => true]))->toBe([0, "1 rows are good; a dry run loads nothing.\n"]);
    expect(Location::query()->where('tag', 'SHED')->exists())->toBeFalse();
    expect($run()[0])->toBe(0);
    expect(Location::query()->where('tag', 'SHED')->exists())->toBeTrue();
    [$status, $said] = $run();
    expect($status)->toBe(1)->and($said)->toContain('row 2, tag');
    unlink($path);
});

it('moves an asset with all that is inside it, and writes it into three logs', function () {
    $plant = Plant::build();
    $yard = app(SaveLocation::class)(Actor::sundial(), null, $plant->site->id, ['tag' => 'YARD', 'name' => 'Yard']);
    app(SaveAsset::class)(Actor::sundial(), $plant->pump, $plant->site->id, ['stands' => 'YARD']);
    expect($plant->motor->refresh()->path)->toStartWith($yard->path);
    $logged = DB::table('audit_subjects as s')->join('audit_entries as e', 'e.id', '=', 's.audit_entry_id')->where('did', 'moved Feed pump 1')->pluck('s.kind')->countBy();
    expect($logged->all())->toBe(['asset' => 1, 'location' => 2]);
});

it('refuses to put an asset inside itself, and says why', function () {
    $plant = Plant::build();
    expect(fn () => app(SaveAsset::class)(Actor::sundial(), $plant->pump, $plant->site->id, ['stands' => 'PMP-01-M']))->toThrow(InvalidInput::class, 'stands inside Feed pump 1')
        ->and(fn () => app(SaveAsset::class)(Actor::sundial(), $plant->pump, $plant->site->id, ['stands' => 'PMP-01']))->toThrow(InvalidInput::class, 'inside itself');
    $form = ['tag' => 'PMP-01', 'name' => 'Feed pump 1', 'class_id' => $plant->pump->class_id, 'stands' => 'PMP-01-M', 'criticality' => 'B', 'life_state' => 'in service', 'notes' => 'keep me', 'version' => $plant->pump->version];
    $this->as('planner')->from("/assets/{$plant->pump->id}/edit")->put("/assets/{$plant->pump->id}", $form)->assertSessionHasErrors('stands');
    $this->get("/assets/{$plant->pump->id}/edit")->assertSee('keep me')->assertSee('cannot stand inside');
});

it('keeps a tag for one thing in a site', function () {
    $plant = Plant::build();
    expect(fn () => $plant->asset('HALL', 'Confusing', 'HALL'))->toThrow(ValidationException::class);
});

it('says what the filters of the index hide', function () {
    $plant = Plant::build();
    $plant->schedule(['anchor_on' => '2026-03-10', 'name' => 'Old check']);
    $plant->schedule(['anchor_on' => '2026-07-10'], $plant->motor);
    $this->as('planner')->get('/assets?q=motor')->assertSee('1 of 2')->assertSee('These filters hide 1 asset, 1 of them late.');
    $this->as('planner')->get('/assets?near=late')->assertSee('8 d late · Old check')->assertSee('1 of 2');
    $this->as('planner')->get('/assets?near=clear')->assertSee('Motor of feed pump 1')->assertSee('in 114 d');
    $this->as('planner')->get('/assets?place='.$plant->hall->id)->assertDontSee('These filters hide');
});
