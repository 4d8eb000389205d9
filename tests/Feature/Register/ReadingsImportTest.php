<?php

declare(strict_types=1);

use App\Register\Models\Meter;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

it('takes the readings of a file after a check that takes nothing, once', function () {
    $plant = Plant::build();
    $hours = $plant->meter(last: '2026-03-10');
    $before = DB::table('readings')->count();
    $check = $this->as('planner')->post('/meters/import', ['file' => UploadedFile::fake()->createWithContent('r.csv', "tag;at;reading;note\nPMP-01;2026-03-17 07:30;1470,5;by hand-held\nPMP-01;2026-03-14 07:30;1450;\n")])->headers->get('Location');
    $this->get($check)->assertSee('Every row is good')->assertSee('Take 2 readings');
    expect(DB::table('readings')->count())->toBe($before)->and($hours->refresh()->last_shown)->toBe('1420.000');
    $this->post($check)->assertSessionHas('said', '2 readings are taken from the file.');
    $this->post($check);
    expect(DB::table('readings')->count())->toBe($before + 2)->and($hours->refresh()->last_shown)->toBe('1470.500')->and(DB::table('readings')->where('source', 'import')->where('note', 'by hand-held')->value('at'))->toStartWith('2026-03-17 07:30');
    $this->get($check)->assertSee('taken already');
    $this->as('supervisor')->get($check)->assertNotFound();
});

it('takes nothing when one row is refused, and names its row and column', function (string $row, string $column, string $why) {
    $plant = Plant::build();
    $plant->meter(last: '2026-03-10');
    $plant->meter(0, with: ['name' => 'Starts', 'unit' => 'starts']);
    Meter::query()->where('name', 'Starts')->update(['asset_id' => $plant->motor->id]);
    $plant->meter(0, with: ['name' => 'Metres', 'unit' => 'm']);
    $before = DB::table('readings')->count();
    $check = $this->as('planner')->post('/meters/import', ['file' => UploadedFile::fake()->createWithContent('r.csv', "tag,meter,at,reading\nPMP-01,Running hours,2026-03-16 07:30,1460\n{$row}\n")])->headers->get('Location');
    $this->get($check)->assertSeeInOrder(['nothing can be taken yet', '3', $column, $why])->assertDontSee('Take 2 readings');
    $this->from($check)->post($check)->assertSessionHasErrors('form');
    expect(DB::table('readings')->count())->toBe($before);
})->with([
    'it falls' => ['PMP-01,Running hours,2026-03-17 07:30,900', 'reading', 'a counter never falls'], 'too much' => ['PMP-01,Running hours,2026-03-17 07:30,9000', 'reading', 'more than'], 'an unknown asset' => ['PMP-99,,2026-03-17 07:30,1', 'tag', 'no asset'], 'which meter' => ['PMP-01,,2026-03-17 07:30,1465', 'meter', 'several meters'],
    'an unknown meter' => ['PMP-01,Litres,2026-03-17 07:30,1465', 'meter', 'has no meter'], 'ahead' => ['PMP-01,Running hours,2026-03-19 07:30,1465', 'at', 'cannot lie ahead'], 'another site' => ['X-1,,2026-03-17 07:30,1', 'tag', 'no asset'],
]);
