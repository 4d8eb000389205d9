<?php

declare(strict_types=1);

use App\Planning\Models\Schedule as Schedules;
use App\Platform\Today\Group;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Sundial\Register\ShortCode;
use Tests\Feature\Plant;

it('says today what waits for whom, each line with its next action', function () {
    $plant = Plant::build();
    $plant->schedule(['name' => 'Alpha check']);
    $plant->schedule(['name' => 'Beta check', 'approve_at_once' => false], $plant->motor);
    $plant->release();
    $plant->schedule(['name' => 'Gamma check', 'anchor_on' => '2026-03-26']);
    $this->as('technician')
        ->get('/today')
        ->assertSeeInOrder(['For me', 'To start', 'Alpha check', 'Start'])
        ->assertDontSee('To be approved');
    $this->as('planner')
        ->get('/today')
        ->assertSeeInOrder(['To be approved', 'Beta check', 'Approve'])
        ->assertSeeInOrder(['Near: the order comes by itself', 'Gamma check'])
        ->assertSee('in 8 d');
    $alpha = WorkOrder::query()->where('title', 'Alpha check')->sole();
    app(StartWorkOrder::class)($plant->person('technician')->actor(), $alpha);
    $this->as('technician')
        ->get('/today')
        ->assertSeeInOrder(['Under way', 'Alpha check', 'Go on with it']);
    $this->as('technician')->post("/orders/{$alpha->id}/finish", ['finished_at' => '2026-03-18T08:00']);
    $this->as('supervisor')
        ->get('/today')
        ->assertSeeInOrder(['For me', 'Waiting for my review', 'Alpha check', 'Review']);
    $this->as('manager')->get('/today')->assertSee('Waiting for review')->assertDontSee('For me');
    DB::table('location_operators')->insert([
        'location_id' => $plant->hall->id,
        'user_id' => $plant->person('operator')->id,
    ]);
    $this->as('operator')
        ->get('/today')
        ->assertSee('My line')
        ->assertSee('Feed pump 1')
        ->assertDontSee('Waiting for review');
    $this->clock->set('2026-06-01 08:00:00');
    $this->as('planner')
        ->get('/today')
        ->assertSeeInOrder(['Late, and no order yet', 'Gamma check', '67 d late', 'See the release'])
        ->assertSeeInOrder(['Late orders', 'Beta check']);
});

it('shows the first of many near visits, and how many there are', function () {
    $plant = Plant::build();
    $plant->more($plant->schedule(['name' => 'Near check', 'anchor_on' => '2026-03-25']), 30);
    $this->as('planner')->get('/today')->assertSee('Near check')->assertSee('all 31');
});

it('brings lists, Today and the horizon up to a new day, by a page or by the clock', function () {
    $plant = Plant::build();
    $plant->schedule(['name' => 'Alpha check', 'anchor_on' => '2026-03-26']);
    $plant->schedule(['name' => 'Omega check', 'anchor_on' => '2026-12-01'], $plant->motor);
    $stored = fn (): array => Schedules::query()->orderBy('name')->get()->pluck('standing.nearness.value')->all();
    expect($stored())->toBe(['near', 'clear']);
    foreach (
        [
            '2026-03-26' => ['due', 'Due, and no order yet'],
            '2026-03-27' => ['late', 'Late, and no order yet'],
            '2026-03-25' => ['near', 'Near: the order comes by itself'],
        ] as $day => [$nearness, $group]
    ) {
        $this->clock->set("{$day} 08:00:00");
        $this->as('planner')
            ->get('/today')
            ->assertSeeInOrder([$group, 'Alpha check']);
        $this->as('planner')
            ->get("/schedules?near={$nearness}")
            ->assertSee('Alpha check')
            ->assertDontSee('Omega check');
        $this->as('planner')
            ->get("/assets?near={$nearness}")
            ->assertSee('1 of 2');
        expect($stored())->toBe([$nearness, 'clear']);
    }
    $this->clock->set('2026-03-27 00:01:00');
    Artisan::call('day:begin');
    expect($stored())
        ->toBe(['late', 'clear'])
        ->and(DB::table('asset_summaries')->orderBy('urgency')->value('urgency'))
        ->toBe(0);
});

it('greets an empty plant with the first step', function () {
    Plant::build();
    $this->as('planner')->get('/today')->assertSee('Nothing waits')->assertSee('/import/register', false);
    $this->as('planner')->get('/')->assertRedirect('/today');
});

it('finds by tag, number, name and code, misspelt too', function (string $typed, array $found) {
    $plant = Plant::build();
    $plant->schedule(['name' => 'Gland packing check']);
    $plant->release();
    $page = $this->as('planner')
        ->get('/jump?q='.urlencode($typed), ['HX-Request' => 'true', 'HX-Target' => 'jump-hits'])
        ->assertOk();
    foreach ($found as $one) {
        $page->assertSee($one);
    }
    $found === [] ? $page->assertSee('Nothing is called that') : $page->assertDontSee('Elsewhere');
})->with([
    'a tag' => ['PMP-01', ['Feed pump 1']],
    'its beginning, in small letters' => ['pmp', ['Feed pump 1', 'Motor of feed pump 1']],
    'a tag with a space' => ['pmp 01', ['Feed pump 1']],
    'words in any order' => ['pump motor', ['Motor of feed pump 1']],
    'a number' => ['1001', ['W-1001']],
    'a number as written' => ['w-1001', ['Gland packing check']],
    'a schedule and its order' => ['gland', ['schedule on Feed pump 1', 'W-1001']],
    'a method' => ['m-1', ['Seal check']],
    'a person' => ['technician', ['/orders?person=']],
    'misspelt' => ['glnad pakcing', ['This is what “gland packing” finds', 'Gland packing check']],
    'a place' => ['hall', ['place']],
    'a command' => ['new asset', ['/assets/new', 'n a']],
    'nothing' => ['zzyzx', []],
    'wildcards are letters' => ['%', []],
    'odd' => [str_repeat('x', 500), []],
]);

it('offers the records opened last, and shows each only what they may see', function () {
    $plant = Plant::build();
    $this->as('planner')->get("/assets/{$plant->motor->id}");
    $this->get('/jump')->assertSee('Recent')->assertSee('Motor of feed pump 1 PMP-01-M');
    $this->as('operator')->get('/jump?q=pump')->assertDontSee('Feed pump 1');
    $this->as('technician')->get('/jump?q=new')->assertDontSee('/assets/new', false);
    $this->as('stranger')->get('/jump?q=pump')->assertDontSee('Feed pump 1');
});

it('leads from a label to its asset, and prints labels', function () {
    $plant = Plant::build();
    $code = ShortCode::of($plant->pump->id)->code;
    $this->as('technician')
        ->get('/a/'.strtolower($code))
        ->assertRedirect("/assets/{$plant->pump->id}");
    $this->as('technician')->get('/a/BBBBBB')->assertNotFound();
    $this->as('technician')
        ->get('/a/'.ShortCode::of(9999999)->code)
        ->assertNotFound()
        ->assertSee('No asset has this code');
    $this->as('planner')
        ->get("/labels?asset={$plant->pump->id}")
        ->assertSee($code);
    $pdf = $this->as('planner')
        ->post('/labels', [
            'size' => '24 to a sheet, 70 × 36 mm',
            'assets' => [$plant->pump->id],
        ])
        ->assertOk()
        ->assertHeader('Content-Type', 'application/pdf');
    expect(substr($pdf->getContent(), 0, 5))->toBe('%PDF-');
    $this->as('planner')
        ->post('/labels', ['size' => 'huge'])
        ->assertSessionHasErrors(['size', 'assets']);
});

it('finds a tag that is typed without its dashes, in the jump list and in the index', function () {
    Plant::build();
    $this->as('planner')->get('/jump?q=pmp01')->assertSee('Feed pump 1');
    $this->as('planner')->get('/assets?q=pmp01')->assertSee('Feed pump 1')->assertDontSee('No asset matches');
});

it('offers a command without guessing at records beside it', function () {
    Plant::build();
    $this->as('planner')
        ->get('/jump?q=new+assets')
        ->assertDontSee('This is what');
});

it('counts one alone as one, and several as its title says', function (string $title, ?string $one, array $said) {
    $counted = static fn (int $many): string => (new Group('key', $title, true, 0, [], $many, null, $one))->counted();
    expect([$counted(1), $counted(2)])->toBe($said);
})->with([
    ['Late orders', 'late order', ['late order', 'late orders']],
    ['Requests that wait for me', 'request that waits for me', [
        'request that waits for me', 'requests that wait for me',
    ]],
    ['Down now', null, ['down now', 'down now']],
    ['To look at again: on hold', null, ['to look at again', 'to look at again']],
]);
