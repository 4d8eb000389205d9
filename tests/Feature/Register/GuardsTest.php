<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Register\Actions\BulkEditAssets;
use App\Register\Actions\MoveField;
use App\Register\Actions\MoveInTree;
use App\Register\Actions\SaveLocation;
use App\Register\Actions\StrikeReading;
use App\Register\Inputs\LocationInput;
use App\Register\Models\Asset;
use App\Register\Models\Field;
use App\Register\Models\Location;
use App\Register\Models\Reading;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Tests\Feature\BroughtFile;
use Tests\Feature\Plant;

it('changes as many assets at once as it says, and none without any', function () {
    $plant = Plant::build();
    $set = fn (array $ids) => app(BulkEditAssets::class)(
        $plant->actor('planner'),
        $plant->site->id,
        $ids,
        'make',
        'Ollerfell',
    );
    expect(fn () => $set([]))->toThrow(InvalidInput::class)
        ->and(fn () => $set(range(1, 501)))->toThrow(InvalidInput::class, 'At most 500 assets');
    $set([$plant->pump->id, ...range(9001, 9499)]);
    expect($plant->pump->refresh()->make)->toBe('Ollerfell');
});

it('takes a change of many back once, and lets nobody take back what another did', function () {
    $plant = Plant::build();
    $act = fn (string $who, ?int $undo) => app(BulkEditAssets::class)(
        $plant->actor($who),
        $plant->site->id,
        $undo === null ? [$plant->pump->id] : null,
        'make',
        $undo === null ? 'Ollerfell' : null,
        $undo,
    );
    [, $edit] = $act('planner', null);
    expect(fn () => $act('supervisor', $edit))->toThrow(InvalidInput::class, 'was not yours');
    $act('planner', $edit);
    expect($plant->pump->refresh()->make)->toBeNull()
        ->and(fn () => $act('planner', $edit))->toThrow(InvalidInput::class, 'taken back already');
});

it('moves a field up and down among its like, and not beyond them', function () {
    Plant::build();
    foreach (['Bore', 'Stroke', 'Weight'] as $name) {
        $this->as('administrator')->post('/setup/fields', ['name' => $name, 'type' => 'text'])
            ->assertSessionHasNoErrors();
    }
    $move = static function (string $name, int $places): array {
        app(MoveField::class)(Actor::sundial(), Field::query()->where('name', $name)->sole(), $places);

        return Field::query()->whereIn('name', ['Bore', 'Stroke', 'Weight'])->orderBy('position')->pluck('name')->all();
    };
    expect($move('Weight', 1))->toBe(['Bore', 'Stroke', 'Weight'])
        ->and($move('Bore', -1))->toBe(['Bore', 'Stroke', 'Weight'])
        ->and($move('Stroke', -1))->toBe(['Stroke', 'Bore', 'Weight'])
        ->and($move('Bore', 1))->toBe(['Stroke', 'Weight', 'Bore'])
        ->and($move('Bore', 0))->toBe(['Stroke', 'Weight', 'Bore']);
});

it('carries nothing into another site', function () {
    $plant = Plant::build();
    $there = app(SaveLocation::class)(
        Actor::sundial(),
        null,
        $plant->otherSite->id,
        LocationInput::of(['tag' => 'Y-1', 'name' => 'Other yard']),
    );
    expect(fn () => app(MoveInTree::class)($plant->actor('planner'), $plant->pump, $there))
        ->toThrow(InvalidInput::class, 'stands at another site')
        ->and($plant->pump->refresh()->path)->not->toContain("L{$there->id}/");
});

it('writes a place that moved into the log of where it left and where it came, and only then', function () {
    $plant = Plant::build();
    $by = $plant->actor('planner');
    $save = fn (?Location $one, string $tag, string $name, string $stands = '') => app(SaveLocation::class)(
        $by,
        $one,
        $plant->site->id,
        LocationInput::of(['tag' => $tag, 'name' => $name, 'stands' => $stands]),
    );
    [$north, $south] = [$save(null, 'NORTH', 'North'), $save(null, 'SOUTH', 'South')];
    $bay = $save(null, 'BAY', 'Bay', 'NORTH');
    $bay = $save($bay, 'BAY', 'Bay 1', 'NORTH');
    $save($bay, 'BAY', 'Bay 1', 'SOUTH');
    $said = static fn (Location $of): array => DB::table('audit_entries as e')
        ->join('audit_subjects as s', 's.audit_entry_id', '=', 'e.id')
        ->where(['s.kind' => 'location', 's.subject_id' => $of->id])
        ->orderBy('e.id')
        ->pluck('e.did')
        ->all();
    expect($said($north))->toBe(['added North (NORTH)', 'added Bay (BAY)', 'moved Bay 1'])
        ->and($said($south))->toBe(['added South (SOUTH)', 'moved Bay 1'])
        ->and($said($bay))->toBe(['added Bay (BAY)', 'changed Bay 1', 'moved Bay 1'])
        ->and($bay->refresh()->path)->toStartWith($south->refresh()->path);
});

it('reads places, assets and teams of a file at its own site alone', function (string $row, string $column) {
    $plant = Plant::build();
    app(SaveLocation::class)(
        Actor::sundial(),
        null,
        $plant->otherSite->id,
        LocationInput::of(['tag' => 'Y-1', 'name' => 'Other yard']),
    );
    DB::table('teams')->insert(['site_id' => $plant->otherSite->id, 'name' => 'Far team']);
    $file = BroughtFile::of('register', "kind;tag;name;class;place;parent;team\n{$row}\n");
    $this->as('planner')->get($file->check)->assertSee($column)->assertDontSee('Load 1 row');
    expect(Asset::query()->where('tag', 'P-77')->exists())->toBeFalse();
})->with([
    'a place' => ['asset;P-77;Pump 77;motor;Y-1;;', 'Y-1'],
    'an asset' => ['asset;P-77;Pump 77;motor;;X-1;', 'X-1'],
    'a team' => ['asset;P-77;Pump 77;motor;HALL;;Far team', 'Far team'],
]);

it('strikes a reading out once, and never the only one', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    $strike = fn (Reading $one): array => app(StrikeReading::class)($plant->actor('supervisor'), $one, 'Misread');
    $last = Reading::query()->where('meter_id', $meter->id)->orderByDesc('id')->firstOrFail();
    $strike($last);
    $lines = DB::table('audit_entries')->count();
    expect($strike($last))->toBe([])
        ->and(DB::table('audit_entries')->count())->toBe($lines)
        ->and(DB::table('reading_strikes')->count())->toBe(1);
    $left = Reading::query()->where('meter_id', $meter->id)->whereKeyNot($last->id)->orderBy('id')->get();
    foreach ($left->slice(1) as $one) {
        $strike($one);
    }
    expect(fn () => $strike($left->firstOrFail()))->toThrow(InvalidInput::class, 'the only reading of the meter');
});
