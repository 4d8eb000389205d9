<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Register\Queries\LabelSheet;
use App\Stores\Actions\SetAside;
use App\Stores\Actions\SetFit;
use App\Stores\Extension\LabelsOfParts;
use App\Stores\Models\Fit;
use App\Stores\Models\Part;
use App\Stores\Queries\PartsToLabel;
use App\Work\Actions\Booking\UsePart;
use App\Work\Inputs\PartUsed;
use App\Work\Queries\PartUses;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

const BEARING = ['number' => 'BRG-6205', 'name' => 'Ball bearing 6205', 'unit' => 'pc', 'price' => '18,4'];

it('keeps a part with its price to four places, and finds it by number', function () {
    Plant::build();
    $this->as('storekeeper')->post('/parts', BEARING)->assertSessionHasNoErrors();
    $part = Part::query()->sole();
    expect([$part->price, $part->currency])->toBe(['18.4000', 'EUR']);
    $this->get('/parts?q=6205')->assertSee('Ball bearing 6205');
    $this->get("/parts/{$part->id}")->assertSee('18.40 EUR');
    $this->put("/parts/{$part->id}", ['version' => $part->version, 'price' => '6.3333', 'in_use' => '1'] + BEARING);
    expect($part->refresh()->price)->toBe('6.3333');
});

it('refuses a number that is taken and a price that is none, and keeps what was typed', function () {
    Plant::build();
    $this->as('planner')->post('/parts', BEARING);
    $this->post('/parts', BEARING)->assertSessionHasErrors('number')->assertSessionHasInput('name');
    $this->post('/parts', ['number' => 'X-1', 'price' => 'cheap'] + BEARING)->assertSessionHasErrors('price');
    $this->post('/parts', ['number' => 'X-1', 'price' => '-1'] + BEARING)->assertSessionHasErrors('price');
    expect(Part::query()->count())->toBe(1);
});

it('shows prices to those alone who may see them, in page, file, log and API', function () {
    $plant = Plant::build();
    $this->as('planner')->post('/parts', BEARING);
    $part = Part::query()->sole();
    $this->put("/parts/{$part->id}", ['version' => $part->version, 'price' => '20', 'in_use' => '1'] + BEARING);
    $said = function (string $login, string $page) use ($plant): string {
        $token = $plant->person($login)->createToken('t', ['read'])->plainTextToken;
        auth()->forgetGuards();
        $answer = str_starts_with($page, '/api')
            ? $this->fresh()->getJson($page, ['Authorization' => "Bearer {$token}"])
            : $this->as($login)->get($page);

        return (string) ($answer->getContent() ?: $answer->streamedContent());
    };
    foreach (["/parts/{$part->id}", '/parts.csv', '/api/v1/parts'] as $page) {
        expect($said('storekeeper', $page))
            ->toContain('20.00')
            ->and($said('technician', $page))
            ->toContain('BRG-6205')
            ->not->toContain('20.00')
            ->not->toContain('18.40');
    }
});

it('adds to the catalogue what a spare-parts list names first, and shares it from then on', function () {
    $plant = Plant::build();
    $set = app(SetFit::class);
    $set(Actor::sundial(), $plant->pump, 'SEAL-40', 'Mechanical seal', '1');
    $set(Actor::sundial(), $plant->motor, 'SEAL-40', null, '2');
    expect(Part::query()->count())->toBe(1)->and(Fit::query()->count())->toBe(2);
    expect(fn () => $set(Actor::sundial(), $plant->pump, 'NEW-1', null, '1'))->toThrow('Say what it is');
    $this->as('planner')->get('/parts/'.Part::query()->sole()->id)->assertSeeInOrder(['PMP-01', 'PMP-01-M']);
});

it('takes the catalogue from a file, refuses what is wrong by row, and takes it back', function () {
    Plant::build();
    $bring = fn (string $csv): string => (string) $this->as('storekeeper')
        ->post('/import/catalogue', ['file' => UploadedFile::fake()->createWithContent('parts.csv', $csv)])
        ->headers->get('Location');
    $load = function (string $check): void {
        preg_match('/name="work" value="(\d+)"/', (string) $this->get($check)->content(), $work);
        $this->post($check, ['work' => $work[1]]);
    };
    $this->get($bring("number,name,price,currency\nA-1,Belt,12.5,\nA-2,,3,EUR\nA-3,Nut,x,EUR\n"))->assertSeeInOrder([
        'A price needs a currency',
        'needs a name',
        'price',
    ]);
    expect(Part::query()->count())->toBe(0);
    $check = $bring("number,name,price,currency\nA-1,Belt,12.5,EUR\nA-2,Nut,0.0375,EUR\n");
    $load($check);
    expect(Part::query()->orderBy('number')->pluck('price')->all())->toBe(['12.5000', '0.0375']);
    $this->delete($check);
    expect(Part::query()->count())->toBe(0);
});

it('makes one part of two records: stock, plans, purchases and agreements go over, the number leads on', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $kept = $shelf->part('SEAL-35', received: [[2, '4.00']]);
    $gone = $shelf->part('SEAL35', received: [[5, '6.00']]);
    $order = $shelf->approved('Change four seals', ['SEAL35' => 4]);
    $shelf->onItsWay('SEAL35', 3, '2026-04-01');
    $pump = $plant->pump->id;
    DB::table('fits')->insert(['asset_id' => $pump, 'part_id' => $gone->part_id, 'quantity' => 2]);

    $by = "/parts/{$kept->part_id}";
    $this->as('planner')->post("{$by}/merged", ['merged' => 'NONE'])->assertSessionHasErrors('merged');
    $this->post("{$by}/merged", ['merged' => 'SEAL-35'])->assertSessionHasErrors('merged');
    $this->post("{$by}/merged", ['merged' => 'SEAL35'])->assertSessionHasNoErrors();

    expect($kept->refresh()->only(['on_hand', 'value_cents', 'promised', 'short']))
        ->toBe(['on_hand' => '7.000', 'value_cents' => 3800, 'promised' => '4.000', 'short' => '0.000'])
        ->and($gone->refresh()->only(['on_hand', 'value_cents', 'promised', 'short', 'on_order']))
        ->toBe(['on_hand' => '0.000', 'value_cents' => 0, 'promised' => '0.000', 'short' => '0.000',
            'on_order' => '0.000'])
        ->and($kept->on_order)
        ->toBe('3.000')
        ->and($order->refresh()->parts->sole()->part_id)
        ->toBe($kept->part_id)
        ->and(DB::table('fits')->where('asset_id', $pump)->value('part_id'))
        ->toBe($kept->part_id);
    $this->get("/parts/{$gone->part_id}")->assertSee('merged into another')->assertSee($by);
    $this->get($by)->assertSee('SEAL35');
    expect(app(LabelsOfParts::class)->leadsTo('SEAL35', $plant->site->id))->toBe("/floor{$by}");
    $this->post("{$by}/merged", ['merged' => 'SEAL35'])->assertSessionHasErrors('merged');
});

it('leaves two parts apart that are counted in other units, or where one is set aside', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $kept = $shelf->part('OIL-A', with: ['unit' => 'l']);
    $shelf->part('OIL-B');
    $shelf->part('OIL-C', received: [[2, '4.00']], with: ['unit' => 'l']);
    $order = $shelf->approved('Fill up', ['OIL-C' => 1]);
    app(SetAside::class)($plant->actor('storekeeper'), $order->subject(), $order->label());
    $by = "/parts/{$kept->part_id}/merged";
    $this->as('planner')->post($by, ['merged' => 'OIL-B'])->assertSessionHasErrors(['merged' => 'One is counted in l, '.
        'the other in pc: make the units the same first.']);
    $this->post($by, ['merged' => 'OIL-C'])->assertSessionHasErrors('merged');
    expect(Part::query()->where('retired', true)->count())->toBe(0);
});

it('counts in boxes what comes in boxes, and refuses a box that holds nothing', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $nut = $shelf->part('NUT-8', with: ['buy_unit' => 'box', 'buy_of' => '12']);
    $by = "/parts/{$nut->part_id}";
    $at = ['store_id' => $shelf->store->id, 'price' => '0.35'];
    $this->as('storekeeper')->post("{$by}/receive", $at + ['quantity' => '2,5', 'in' => 'box']);
    expect($nut->refresh()->only(['on_hand', 'value_cents']))->toBe(['on_hand' => '30.000', 'value_cents' => 1050]);
    $this->post("{$by}/receive", $at + ['quantity' => '1', 'in' => 'crate'])->assertSessionHasErrors('quantity');
    $this->post("{$by}/count", $at + ['counted' => '29', 'in' => 'pc', 'reason' => 'one fell']);
    expect($nut->refresh()->on_hand)->toBe('29.000');
    $this->get("{$by}/edit")->assertSee('box');
    $this->as('planner')->post('/parts', BEARING + ['buy_unit' => 'box', 'buy_of' => '0'])
        ->assertSessionHasErrors('buy_of');
    $this->post('/parts', BEARING + ['issue_of' => '4'])->assertSessionHasErrors('issue_unit');
});

it('prints labels of parts and of bins', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $shelf->part('SEAL')->update(['bin' => 'B-04']);
    $shelf->part('NUT')->update(['bin' => 'B-04']);
    $at = "/parts/labels.pdf?store_id={$shelf->store->id}&size=".rawurlencode(array_key_first(LabelSheet::SIZES));
    foreach (['parts', 'bins'] as $of) {
        $this->as('storekeeper')->get("{$at}&of={$of}")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    }
    $bins = app(PartsToLabel::class)->bins($shelf->store->id, 'B', 'https://mill.example');
    expect($bins->all())->toBe([
        ['tag' => 'B-04', 'name' => 'Main store', 'code' => '2 parts', 'address' => 'https://mill.example/b/B-04'],
    ]);
    $this->get('/b/B-04')->assertRedirect('/floor/bins/B-04');
});

it('has fields of the plant’s own, of all parts or of one class, and says what is wrong in them', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', with: ['class' => 'Seals']);
    $belt = $shelf->part('BELT', with: ['class' => 'Belts']);
    $add = ['name' => 'Bore', 'type' => 'number', 'unit' => 'mm', 'only_for' => 'Seals'];
    $this->as('administrator')->post('/setup/part-fields', ['only_for' => 'Gears'] + $add)
        ->assertSessionHasErrors('only_for');
    $this->post('/setup/part-fields', $add)->assertSessionHasNoErrors();
    $this->get('/setup/part-fields')->assertSee('Bore, mm')->assertSee('Seals');
    $field = (int) DB::table('record_fields')->value('id');
    $this->as('planner')->get("/parts/{$seal->part_id}")->assertSee('Bore, mm');
    $this->get("/parts/{$belt->part_id}")->assertDontSee('Bore, mm');
    $this->put("/parts/{$seal->part_id}/fields", ['extra' => [$field => 'wide']])
        ->assertSessionHasErrors("extra.{$field}");
    $this->put("/parts/{$seal->part_id}/fields", ['extra' => [$field => '35,5']])->assertSessionHasNoErrors();
    expect(DB::table('record_values')->sole()->value)->toBe('35.500');
    $this->as('technician')->get("/parts/{$seal->part_id}")->assertSee('35.5');
    $this->as('administrator')->delete("/setup/order-fields/{$field}")->assertNotFound();
    $this->delete("/setup/part-fields/{$field}")->assertRedirect();
    $this->get("/parts/{$seal->part_id}")->assertDontSee('Bore, mm');
});

it('says on what a part was used, under a number that was merged into it, too', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL', received: [[5, '4.00']]);
    $old = $shelf->part('SEAL-OLD', received: [[5, '4.00']]);
    foreach (['SEAL' => 2, 'SEAL-OLD' => 3] as $number => $many) {
        $order = $shelf->underWay("Uses {$number}", [$number => $many]);
        $used = PartUsed::ofLine($order->parts->sole(), $many * 1000);
        app(UsePart::class)($plant->actor('technician'), $order, $used);
    }
    $by = "/parts/{$seal->part_id}";
    $this->as('planner')->get($by)->assertSee('Where it was used')->assertSee('Mar 2');
    $this->post("{$by}/merged", ['merged' => $old->part->number])->assertSessionHasNoErrors();
    $this->get($by)->assertSee('Mar 5')->assertSee($plant->pump->name);
    expect(app(PartUses::class)->byAsset($seal->part_id, $plant->site->id, LocalDate::of(2026, 1, 1))->sole())
        ->used->toBe('5.000')
        ->orders->toBe(2);
});
