<?php

declare(strict_types=1);

use App\Platform\Frame\Sky;
use App\Platform\Frame\SkyPoint;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Visit\Nearness;
use Tests\Feature\Plant;

it('shows every asset where its visit stands, in words, as a table and by class', function () {
    $plant = Plant::build();
    $plant->schedule(['anchor_on' => '2026-03-10']);
    $plant->schedule(['anchor_on' => '2026-06-01'], $plant->motor);
    $this->as('planner')
        ->get('/assets')
        ->assertSee('The sky of Test works')
        ->assertSee('1 late')
        ->assertSee('1 clear')
        ->assertSee('PMP-01 Feed pump 1: 8 d late')
        ->assertSee('/assets?area='.$plant->hall->id);
    $this->get("/assets?area={$plant->hall->id}")->assertSee('The sky of Hall');
    $this->get('/assets?as=table')->assertSeeInOrder(['Hall', '2', '1', '1']);
    $this->get('/assets?by=class')->assertSee('centrifugal pump');
    $this->get('/assets?area=999999')->assertOk()->assertSee('The sky of Test works');
});

it('counts together what is too many to be drawn one by one', function () {
    $plant = Plant::build();
    $plant->schedule(['anchor_on' => '2026-06-01']);
    $one = (array) DB::table('assets')->where('id', $plant->pump->id)->first();
    $summary = (array) DB::table('asset_summaries')->where('asset_id', $plant->pump->id)->first();
    foreach (range(1, Sky::MOST_POINTS) as $i) {
        $id = 100_000 + $i;
        $assets[] = ['id' => $id, 'tag' => "Z-{$i}", 'path' => "/L{$plant->hall->id}/A{$id}/"] + $one;
        $near[] = ['asset_id' => $id, ...match (true) {
            $i <= 400 => ['urgency' => Nearness::Late->rank()],
            $i <= 700 => ['urgency' => Nearness::InHand->rank()],
            $i <= 900 => ['urgency' => Nearness::NO_RANK, 'base_on' => null, 'next_due_on' => null],
            default => [],
        }] + $summary;
    }
    foreach (array_chunk($assets, 300) as $rows) {
        DB::table('assets')->insert(array_map(fn (array $row): array => array_diff_key($row, ['open_on' => 1]), $rows));
    }
    foreach (array_chunk($near, 300) as $rows) {
        DB::table('asset_summaries')->upsert($rows, ['asset_id']);
    }
    $page = (string) $this->as('planner')->get('/assets')->assertOk()->getContent();
    expect($page)->toContain("1\u{202f}502 assets")->and(substr_count($page, '<circle'))->toBeLessThan(200);
    $this->get('/assets?as=table')->assertSeeInOrder(['Hall', '400', '300', '601', '201']);
    // The same counts, whatever they are laid out by.
    foreach (['', '?by=class', "?area={$plant->hall->id}"] as $asked) {
        $sky = strip_tags((string) $this->get("/assets{$asked}")->getContent());
        expect(preg_replace('/\s+/', ' ', $sky))->toContain('400 late · 300 in hand · 601 clear');
    }
});

it('draws each mark on its side of the line', function (?Nearness $nearness, int $consumed, string $mark) {
    $point = new SkyPoint($nearness, $consumed, 'P-1 Pump', 'Pump', '/assets/1');
    expect(Sky::large()->svg('The sky', [$point]))->toContain($mark)->toContain('href="/assets/1"');
})->with([
    'just done' => [Nearness::Clear, 0, '<circle class="sky-clear" cx="143" cy="278"'],
    'half way' => [Nearness::Near, 500, '<circle class="sky-near" cx="400.9" cy="26.1"'],
    'due' => [Nearness::Due, 1000, '<circle class="sky-due" cx="647" cy="278"'],
    'late' => [Nearness::Late, 1500, '<circle class="sky-late" cx="645"'],
    'in hand' => [Nearness::InHand, 300, 'class="sky-post"'],
    'without' => [null, 0, 'class="sky-none"'],
]);
