<?php

declare(strict_types=1);

use App\Platform\Sites\CurrentSite;
use App\Stores\Actions\IssueStock;
use App\Stores\Models\Movement;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use App\Stores\Models\Store;
use App\Stores\Pages\FiguresPage;
use App\Stores\Queries\WhatToBuyNow;
use App\Stores\Stock\Posting;
use App\Work\Actions\Plan\AddToPlan;
use App\Work\Inputs\PlanLine;
use App\Work\Models\PartUse;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Sundial\Work\Plan\PartSource;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

it('says on an order, in lists and in the window whether its parts are there', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $shelf->part('SEAL', [[1, '5.00']]);
    $shelf->part('BELT', [[4, '5.00']]);
    $shelf->part('NUT');
    $here = $shelf->approved('All of it there', ['BELT' => 1]);
    $first = $shelf->approved('Takes the last seal', ['SEAL' => 1]);
    $short = $shelf->approved('Two of them short', ['SEAL' => 1, 'NUT' => 2, 'BELT' => 1]);
    $this->as('planner');
    $this->get("/orders/{$here->id}")->assertSee('all here');
    $this->get("/orders/{$first->id}")->assertSee('all here');
    $this->get("/orders/{$short->id}")->assertSee('2 lines of 3 short, not ordered');
    $shelf->onItsWay('SEAL', 5, '2026-03-24');
    $this->get("/orders/{$short->id}")->assertSee('2 lines of 3 short, 1 not ordered');
    $shelf->onItsWay('NUT', 2, '2026-03-26');
    $this->get("/orders/{$short->id}")
        ->assertSee('2 lines of 3 short, expected Thu 26 Mar')
        ->assertSee('short, expected Tue 24 Mar');
    $this->get('/orders')->assertSee('parts 2 lines of 3 short, expected Thu 26 Mar');
    $this->get("/window?asset={$plant->pump->tag}&minutes=480")->assertSee('its parts are not all here');
    $plans = $shelf->order('Planned only', ['NUT' => 1]);
    $this->get("/orders/{$plans->id}")->assertSee('1 line of 1 short');
});

it('begins no work without its parts where the site says so', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $shelf->part('NUT');
    $order = $shelf->approved('Wants a nut', ['NUT' => 1]);
    $rules = ['big' => '100', 'approve' => '500', 'review_days' => '7'];
    $this->as('administrator')->put('/setup/store-rules', $rules)->assertSessionHasNoErrors();
    $this->as('supervisor')->post("/orders/{$order->id}/start")->assertSessionHasErrors('form');
    $this->as('administrator')->put('/setup/store-rules', $rules + ['start_short' => '1'])->assertSessionHasNoErrors();
    $this->as('supervisor')->post("/orders/{$order->id}/start")->assertSessionHasNoErrors();
});

it('lists what is to be picked, sets a kit aside that nobody else takes, and hands it over at once', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', [[2, '5.00']]);
    $shelf->part('BELT', [[1, '40.00']]);
    $order = $shelf->approved('Overhaul', ['SEAL' => 2, 'BELT' => 1], LocalDate::of(2026, 3, 20));
    $other = $shelf->approved('Another', []);
    $this->as('storekeeper');
    $this->get('/picks')->assertOk()->assertSee('Overhaul')->assertSee('BELT');
    $this->post("/orders/{$order->id}/kit")->assertSessionHasNoErrors();
    $take = ['order' => $other->label(), 'quantity' => '1', 'all_the_same' => '1'];
    $this->post("/parts/{$seal->part_id}/issue", $take)->assertSessionHasErrors('quantity');
    $this->post("/orders/{$order->id}/hand-over")->assertSessionHasNoErrors();
    expect(PartUse::query()->where('order_id', $order->id)->sum('value_cents'))
        ->toEqual(5000)
        ->and($seal->refresh()->on_hand)
        ->toBe('0.000');
    $this->post("/orders/{$order->id}/hand-over")->assertSessionHasErrors('form');
});

it('hands a part over from its own sheet, asks where it is promised, and takes one back', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', [[2, '5.00']]);
    $promised = $shelf->approved('Promised two', ['SEAL' => 2]);
    $other = $shelf->approved('In a hurry', []);
    $by = "/parts/{$seal->part_id}/issue";
    $this->as('storekeeper')->get($by)->assertOk()->assertSee('Promised two');
    $this->post($by, ['order' => $other->label(), 'quantity' => '1'])->assertSessionHasErrors('quantity');
    expect(session('errors')->first('quantity'))->toContain("1 pc to {$promised->label()} Promised two");
    $this->post($by, ['order' => $other->label(), 'quantity' => '1', 'all_the_same' => '1'])
        ->assertSessionHasNoErrors();
    $this->post($by, ['order' => $other->label(), 'quantity' => '1', 'given_back' => '1'])
        ->assertSessionHasNoErrors();
    expect($seal->refresh()->only(['on_hand', 'promised', 'short']))
        ->toBe(['on_hand' => '2.000', 'promised' => '2.000', 'short' => '0.000']);
    $this->post($by, ['order' => 'W-9', 'quantity' => '1'])->assertSessionHasErrors('order');
});

it('loads what lies in the stores from a file, once, says what is wrong by row, and takes it back', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $shelf->part('SEAL');
    $moved = $shelf->part('BELT', [[1, '4.00']]);
    Stock::query()->whereKeyNot($moved->id)->delete();
    $head = "number,store,bin,on hand,price,reorder point,order quantity\n";
    $bring = fn (string $rows): string => (string) $this->as('storekeeper')
        ->post('/import/stock', ['file' => UploadedFile::fake()->createWithContent('stock.csv', $head.$rows)])
        ->headers->get('Location');
    $this->get($bring("BELT,MAIN,C-15,9,4,,\nGONE,MAIN,A-1,1,1,,\nSEAL,NOWHERE,A-1,1,1,,\n"))
        ->assertSee('moved there already')
        ->assertSee('no such part')
        ->assertSee('no such store');
    $check = $bring("SEAL,MAIN,C-14,6,18.40,2,6\n");
    preg_match('/name="work" value="(\d+)"/', (string) $this->get($check)->content(), $work);
    $this->post($check, ['work' => $work[1]])->assertSessionHasNoErrors();
    $seal = $shelf->stockIn($shelf->store->id, Part::query()->where('number', 'SEAL')->sole()->id);
    expect($seal->only(['bin', 'on_hand', 'value_cents', 'reorder_point']))
        ->toBe(['bin' => 'C-14', 'on_hand' => '6.000', 'value_cents' => 11040, 'reorder_point' => '2.000']);
    $this->delete($check);
    expect($seal->refresh()->on_hand)->toBe('0.000')->and($seal->value_cents)->toBe(0);
});

it('draws what was used in each of twelve months, also where that was nothing', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', [[20, '5.00']]);
    foreach (['2025-04-30' => 9, '2025-11-02' => 2, '2026-03-18' => 4] as $day => $many) {
        $this->clock->set("{$day} 08:00:00");
        app(IssueStock::class)(
            $seal->id,
            $many * 1000,
            Posting::by($plant->actor('storekeeper'), MoveKind::Issue),
            Consent::NotAsked,
        );
    }
    $this->as('storekeeper');
    app(CurrentSite::class)->enter($plant->site->id);
    $bars = app(FiguresPage::class)(null)['bars'];
    expect(array_column($bars, 'cents', 'key'))->toBe([
        '2025-04' => 4500, '2025-05' => 0, '2025-06' => 0, '2025-07' => 0, '2025-08' => 0, '2025-09' => 0,
        '2025-10' => 0, '2025-11' => 1000, '2025-12' => 0, '2026-01' => 0, '2026-02' => 0, '2026-03' => 2000,
    ])
        ->and(array_column($bars, 'height', 'key'))
        ->toMatchArray(['2025-04' => 84.0, '2025-05' => 0.0, '2026-03' => 37.3]);
});

it('opens a month to the parts of which most was used, and no other month', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $belt = $shelf->part('BELT', [[9, '5.00']]);
    $nut = $shelf->part('NUT', [[90, '0.10']]);
    foreach ([['2026-01-20', $belt, 1], ['2026-02-27', $belt, 2], ['2026-02-28', $nut, 30]] as [$day, $of, $many]) {
        $this->clock->set("{$day} 08:00:00");
        app(IssueStock::class)(
            $of->id,
            $many * 1000,
            Posting::by($plant->actor('storekeeper'), MoveKind::Issue)->for($plant->pump->subject(), 'the pump'),
            Consent::NotAsked,
        );
    }
    $this->clock->set('2026-03-18 08:00:00');
    $read = fn (string $month): string => (string) preg_replace(
        '/\s+/',
        ' ',
        strip_tags((string) $this->as('storekeeper')->get("/stores/figures?month={$month}")->assertOk()->getContent()),
    );
    expect($read('2026-02'))
        ->toContain('Feb 2026')
        ->toMatch('/BELT .*2 pc .*10.00.* NUT .*30 pc .*3.00/')
        ->and($read('2026-01'))
        ->toMatch('/BELT .*1 pc .*5.00/')
        ->not->toContain('NUT')
        ->and($read('2026-13'))
        ->not->toContain('BELT');
});

it('shows the start page, a part, how many to hold and the figures to those who may', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', [[1, '5.00']], ['criticality' => 'A']);
    $shelf->order('Wants four', ['SEAL' => 4], LocalDate::of(2026, 3, 25));
    $this->as('storekeeper');
    $this->get('/parts')->assertOk()->assertSee('What will run short')->assertSee('short from 25 Mar, 3 missing');
    $this->get("/parts/{$seal->part_id}")
        ->assertOk()
        ->assertSee('short from 25 Mar: 3 missing')
        ->assertSee('How many to hold');
    $this->get("/parts/{$seal->part_id}/hold?source=typed&rate=6&units=2&length=30&service=99")
        ->assertOk()
        ->assertSee('hold <b>4</b>', false);
    $this->get("/parts/{$seal->part_id}/hold?source=typed&rate=many")->assertOk()->assertSee('Write a number');
    $this->post("/parts/{$seal->part_id}/hold", [
        'store_id' => $shelf->store->id,
        'source' => 'typed',
        'rate' => '6',
        'units' => '2',
        'length' => '30',
        'service' => '99',
        'exposure' => 'resupply',
    ])->assertSessionHasNoErrors();
    expect($seal->refresh()->reorder_point)->toBe('4.000');
    $this->get('/stores/hold')->assertOk()->assertSee('SEAL')->assertSee('agreed');
    $this->get('/stores/figures')->assertOk()->assertSee('worth today');
    $this->get("/parts/{$seal->part_id}/moves.csv")->assertOk();
    $this->as('technician')->get("/parts/{$seal->part_id}")->assertOk()->assertDontSee('worth');
});

it('opens stores, keeps a part in one, and does not give up one in which something lies', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', [[1, '5.00']]);
    $this->as('administrator');
    $this->post('/setup/stores', ['code' => 'MAIN', 'name' => 'Again'])->assertSessionHasErrors('code');
    $this->post('/setup/stores', ['code' => 'SHED', 'name' => 'Shed'])->assertSessionHasNoErrors();
    $this->put("/setup/stores/{$shelf->store->id}", ['code' => 'MAIN', 'name' => 'Main store'])
        ->assertSessionHasErrors('active');
    $shed = Store::query()->where('code', 'SHED')->sole();
    $keep = ['bin' => 'A-1', 'reorder_point' => '3', 'order_quantity' => '5'];
    $this->put("/parts/{$seal->part_id}/stores/{$shed->id}", $keep + ['most' => '2'])->assertSessionHasErrors('most');
    $this->put("/parts/{$seal->part_id}/stores/{$shed->id}", $keep)->assertSessionHasNoErrors();
    expect($shelf->stockIn($shed->id, $seal->part_id)->bin)->toBe('A-1');
    $this->post("/parts/{$seal->part_id}/receive", ['store_id' => $shed->id, 'quantity' => '0'])
        ->assertSessionHasErrors('quantity');
    expect(Movement::query()->count())->toBe(1);
});

it('takes one part instead of another once it is allowed, and it answers the same line', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL');
    $better = $shelf->part('SEAL-B', [[2, '9.00']]);
    $order = $shelf->approved('Change the seal', ['SEAL' => 1]);
    $this->as('technician')->post("/parts/{$seal->part_id}/alternatives", ['other' => 'NONE'])
        ->assertSessionHasErrors('other');
    $this->post("/parts/{$seal->part_id}/alternatives", ['other' => 'SEAL-B'])->assertSessionHasNoErrors();
    $this->get("/parts/{$seal->part_id}")->assertSee('proposed by Technician One');
    $issue = ['order' => $order->label(), 'quantity' => '1'];
    $this->as('engineer')
        ->post("/parts/{$seal->part_id}/alternatives/{$better->part_id}", ['allow' => '1'])
        ->assertSessionHasNoErrors();
    $this->as('storekeeper')->post("/parts/{$better->part_id}/issue", $issue)->assertSessionHasNoErrors();
    $use = PartUse::query()->sole();
    expect([$use->line_id, $use->part_id, $use->value_cents])
        ->toBe([$order->parts()->sole()->id, $better->part_id, 900])
        ->and($seal->refresh()->short)
        ->toBe('0.000', 'nothing of the first is wanted any more');
});

it('keeps on which terms each supplier has a part, and writes their number on a purchase', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL');
    $supplier = DB::table('suppliers')->insertGetId(['name' => 'Dunmere Pumps']);
    $terms = ['their_id' => $supplier, 'their_number' => 'DP-35', 'their_price' => '8.20', 'their_days' => '21'];
    $this->as('storekeeper')->post("/parts/{$seal->part_id}/suppliers", $terms + ['least' => '0'])
        ->assertSessionHasErrors('least');
    $this->post("/parts/{$seal->part_id}/suppliers", $terms + ['least' => '4'])->assertSessionHasNoErrors();
    $this->get("/parts/{$seal->part_id}")->assertSee('DP-35')->assertSee('8.20')->assertSee('not seen');
    $this->post('/purchases', [
        'supplier_id' => $supplier,
        'store_id' => $shelf->store->id,
        'part' => 'SEAL',
        'part_quantity' => '4',
    ])->assertSessionHasNoErrors();
    expect(DB::table('purchase_lines')->value('their_number'))->toBe('DP-35');
    $seal->part->update(['supplier_id' => $supplier]);
    $shelf->approved('Wants one', ['SEAL' => 1]);
    $proposal = app(WhatToBuyNow::class)($plant->site->id)->proposals[0];
    expect([$proposal->price('EUR'), $proposal->thousandths])->toBe(['8.20', 4000], 'no fewer than they sell');

    $later = ['their_id' => $supplier, 'their_price' => '9.10', 'price_from' => '2026-03-25', 'least' => '4'];
    $this->post("/parts/{$seal->part_id}/suppliers", $later)->assertSessionHasNoErrors();
    $this->get("/parts/{$seal->part_id}")->assertSee('9.10 from');
    $price = static fn (): string => app(WhatToBuyNow::class)($plant->site->id)->proposals[0]->price('EUR');
    expect($price())->toBe('8.20', 'until that day');
    $this->clock->set('2026-03-25 08:00:00');
    expect($price())->toBe('9.10');
    $seal->part->update(['buy_unit' => 'box', 'buy_of' => '3.000']);
    expect(app(WhatToBuyNow::class)($plant->site->id)->proposals[0]->thousandths)->toBe(6000, 'whole boxes');
});

it('takes what is tied to a step when the step is done, once, and tells what the shelf does not hold', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', [[2, '5.00']]);
    $shelf->part('NUT');
    $order = $shelf->order('Overhaul', []);
    $by = $plant->actor('planner');
    app(AddToPlan::class)($by, $order, PlanLine::step('Fit the seal', 20), PlanLine::step('Close', 5));
    foreach (['SEAL' => 1, 'NUT' => 2] as $number => $step) {
        $part = Part::query()->where('number', $number)->sole();
        $line = PlanLine::part($part, 1000, PartSource::FromStore, 'EUR')->forStep($step);
        app(AddToPlan::class)($by, $order->refresh(), $line);
    }
    $order = $plant->through($order->refresh(), 'approve', 'start');
    $this->as('supervisor');
    $this->post("/orders/{$order->id}/steps/1", ['done' => '1'])->assertSessionHas('said', 'Taken: 1 pc SEAL.');
    $this->post("/orders/{$order->id}/steps/1", ['done' => '0'])->assertSessionMissing('said');
    $this->post("/orders/{$order->id}/steps/1", ['done' => '1'])->assertSessionMissing('said');
    expect($seal->refresh()->on_hand)->toBe('1.000');
    $this->post("/orders/{$order->id}/steps")->assertSessionHas(
        'said',
        static fn (string $said): bool => str_contains($said, '1 step ticked. Not taken: 1 pc NUT. There are 0 pc'),
    );
});

it('keeps documents of a part for whoever may write parts', function () {
    $plant = Plant::build();
    $seal = Shelf::of($plant)->part('SEAL');
    $file = UploadedFile::fake()->createWithContent('drawing.pdf', "%PDF-1.4\n1 0 obj\n<<>>\nendobj\n%%EOF\n");
    $this->as('technician')->post("/documents/on/part/{$seal->part_id}", ['files' => [$file]])->assertForbidden();
    $this->as('storekeeper')->post("/documents/on/part/{$seal->part_id}", ['files' => [$file]])
        ->assertSessionHasNoErrors();
    $this->get("/parts/{$seal->part_id}")->assertSee('drawing.pdf');
});

it('says on the outlook which visits will be without their parts', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', [[1, '5.00']]);
    DB::table('method_parts')->insert([
        'revision_id' => $plant->method->in_force_id ?? DB::table('method_revisions')->value('id'),
        'part_id' => $seal->part_id,
        'quantity' => 1,
    ]);
    $plant->schedule(['every' => 14, 'anchor_on' => '2026-03-20']);
    $said = (string) $this->as('planner')->get('/outlook')->assertOk()->content();
    expect(substr_count($said, 'without SEAL'))->toBe(4, 'of five visits the first has one');
    $shelf->onItsWay('SEAL', 5, '2026-04-10');
    $said = (string) $this->get('/outlook')->content();
    expect(substr_count($said, 'without SEAL'))->toBe(1);
});

it('tells at the finish what the store does not hold, where it was typed, and keeps the order under way', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', [[1, '5.00']]);
    $order = $shelf->underWay('Change two seals', ['SEAL' => 2]);
    $line = $order->parts()->sole();
    $finish = ['finished_at' => '2026-03-18T08:00', 'it_is_right' => '1'];
    $this->as('supervisor')
        ->post("/orders/{$order->id}/finish", $finish + ['taken' => [$line->id => '2']])
        ->assertSessionHasErrors("taken.{$line->id}");
    $this->get("/orders/{$order->id}")->assertSee('There are 1 pc of SEAL in Main store by the books');
    expect($order->refresh()->state->value)->toBe('under way');
    $this->post("/orders/{$order->id}/finish", $finish + ['taken' => [$line->id => '1']])->assertSessionHasNoErrors();
    expect($seal->refresh()->only(['on_hand', 'promised', 'short']))
        ->toBe(['on_hand' => '0.000', 'promised' => '0.000', 'short' => '0.000']);
});

it('answers on the page of a part what the reference answers, for each policy and time to be lasted', function () {
    $plant = Plant::build();
    $seal = Shelf::of($plant)->part('SEAL', [[1, '5.00']]);
    $oracle = json_decode((string) file_get_contents(base_path('tests/Core/oracle/spares.json')), true);
    $policies = ['run_to_failure', 'replaced_as_new', 'patched_up'];
    $asked = 0;
    $this->as('storekeeper');
    foreach ($oracle['cases'] as $case) {
        $expected = $case['expected'] ?? [];
        if (! isset($expected['s'], $case['units']) || ! in_array($case['policy'] ?? null, $policies, true)) {
            continue;
        }
        $time = $case['exposure'];
        $answer = $this->get("/parts/{$seal->part_id}/hold?".http_build_query([
            'source' => 'life',
            'policy' => $case['policy'],
            'beta' => $case['failure']['beta'],
            'eta' => $case['failure']['eta'],
            'units' => $case['units'],
            'service' => 100 * $case['service_level'],
            'exposure' => $time['kind'],
            // Until resupply and to the end it is typed once: in days, and in years.
            'length' => $time['kind'] === 'resupply'
                ? $time['lead_time'] + $time['review']
                : $time['length'] / 365.25,
            'interval' => $time['kind'] === 'interval' ? $time['length'] : $case['interval'],
        ]));
        $asked++;
        $answer->assertOk()->assertSeeInOrder([
            "hold <b>{$expected['s']}</b>",
            'Failures ask for '.number_format($expected['mean'], 2),
        ], false);
    }
    expect($asked)->toBeGreaterThan(20);
});
