<?php

declare(strict_types=1);

use App\Stops\Models\ProductRun;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;
use Tests\Feature\Stops\LineFloor;

it('takes what a shift made from a program, and refuses what it does not know, by its field', function () {
    $plant = Plant::build();
    LineFloor::of($plant);
    DB::table('reject_reasons')->insert(['name' => 'Stain']);
    $token = $plant->person('technician')->createToken('output', ['read', 'write'])->plainTextToken;
    app('auth')->forgetGuards();
    $run = ['product' => 'CL-1', 'from' => '06:00', 'to' => '14:00', 'total' => 200, 'rejects' => ['Stain' => 8]];
    $send = fn (array $run, array $more = []) => $this->withHeader('Authorization', "Bearer {$token}")->postJson(
        '/api/v1/shift-output',
        $more + [
            'site' => $plant->site->code,
            'line' => 'PMP-01',
            'day' => '2026-03-17',
            'shift' => 'early',
            'runs' => [$run],
        ],
    );
    $send($run)->assertCreated()->assertJson([
        'planned_seconds' => 27000,
        'ideal_seconds' => '12000.000000',
        'good_ideal_seconds' => '11520.000000',
    ]);
    DB::table('shift_records')->where('day', '2026-03-17')->where('shift', 'early')->update([
        'breaks' => DB::raw("JSON_SET(breaks, '$[0].worked', true)"),
    ]);
    // A break that was worked stays one.
    $send(['total' => 210] + $run)->assertCreated()->assertJsonPath('planned_seconds', 28800);
    expect(ProductRun::query()->sole()->total)->toBe(210);
    $refused = static fn (array $run, array $more = []): array => array_keys($send($run, $more)->json('errors'));
    expect([
        $refused(['product' => 'X'] + $run),
        $refused(['to' => 'noon'] + $run),
        $refused(['rejects' => ['Bored' => 1]] + $run),
        $refused($run, ['shift' => 'night']),
        $refused($run, ['line' => 'NONE']),
    ])->toBe([['runs.0.product'], ['runs.0.to'], ['runs.0.rejects'], ['shift'], ['line']]);
});

it('takes output from a file after a look, all or nothing, gives it out again, and takes it back', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $head = "line;day;shift;from;to;product;made;rejected\n";
    $load = fn (string $rows) => $this->as('planner')->post('/import/output', [
        'file' => UploadedFile::fake()->createWithContent('output.csv', $head.$rows),
    ])->headers->get('Location');
    $do = function (string $check): void {
        preg_match('/name="work" value="(\d+)"/', (string) $this->get($check)->content(), $work);
        $this->post($check, ['work' => $work[1]])->assertSessionHasNoErrors();
    };
    $bad = $load("PMP-01;2026-03-17;early;06:00;10:00;CL-1;120;2\nPMP-01;2026-03-17;early;10:30;14:00;NONE;9;0\n");
    $this->get($bad)->assertSee('There is no product of that number');
    expect(ProductRun::query()->count())->toBe(0);
    $good = $load("PMP-01;2026-03-17;early;06:00;10:00;CL-1;120;2\nPMP-01;2026-03-17;early;10:30;14:00;CL-1;90;0\n");
    $do($good);
    $shift = $floor->shift('2026-03-17');
    expect([(int) $shift->runs->sum('total'), $shift->good_s])->toBe([210, '12480.000000']);
    $again = $load("PMP-01;2026-03-17;early;06:00;10:00;CL-1;130;2\n");
    $do($again);
    expect((int) ProductRun::query()->sum('total'))->toBe(220);
    $this->delete($again);
    expect((int) ProductRun::query()->sum('total'))->toBe(210);
    $this->delete($good);
    expect(ProductRun::query()->count())->toBe(0);
});

it('adds up what was rejected by reason and by the reason above it, in pieces, time and money', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $above = DB::table('reject_reasons')->insertGetId(['name' => 'Cloth']);
    $reasons = ['Stain' => 8, 'Hole' => 3, 'Misprint' => 4];
    $run = DB::table('product_runs')->insertGetId([
        'record_id' => $floor->shift('2026-03-17')->id,
        'product_id' => $floor->product->id,
        'from_at' => '2026-03-17 06:00:00',
        'to_at' => '2026-03-17 14:00:00',
        'ideal_seconds' => 60,
        'total' => 200,
        'rejects' => 15,
    ]);
    foreach ($reasons as $name => $pieces) {
        $under = $name === 'Misprint' ? null : $above;
        $id = DB::table('reject_reasons')->insertGetId(['name' => $name, 'parent_id' => $under]);
        DB::table('run_rejects')->insert(['run_id' => $run, 'reason_id' => $id, 'pieces' => $pieces]);
    }
    // A piece is a minute; an hour of the line is worth 60.
    $this->as('manager')->get('/stops/oee')->assertSeeInOrder(['Rejects by reason', 'Stain', '8 pieces', '8 min', '8']);
    $this->get('/stops/oee?rejects=group')
        ->assertSeeInOrder(['Rejects by group', 'Cloth', '11 pieces', '11 min', 'Misprint', '4 pieces'])
        ->assertDontSee('Stain');
    $this->get('/stops/oee/rejects?rejects=group&value=Cloth')
        ->assertSeeInOrder(['early', 'Cloth', 'Stain', '8'])
        ->assertDontSee('Misprint');
});
