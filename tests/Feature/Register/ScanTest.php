<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Sundial\Register\ShortCode;
use Tests\Feature\Plant;

it('opens an asset by its label, its code or its tag, and never goes where a strange code points', function (
    string $text,
    bool $found,
) {
    $plant = Plant::build();
    $text = strtr($text, [
        '{code}' => ShortCode::of($plant->pump->id)->code,
        '{small}' => strtolower(ShortCode::of($plant->pump->id)->code),
    ]);
    $page = $this->as('technician')->get('/scan?text='.urlencode($text));
    $found
        ? $page->assertRedirect("/assets/{$plant->pump->id}")
        : $page->assertOk()->assertSee('Nothing here has the tag or the code');
})->with([
    'an address' => ['https://mill.example/a/{code}', true],
    'a code' => ['{code}', true],
    'in small letters' => ['{small}', true],
    'a tag' => ['PMP-01', true],
    'a tag with a space behind' => ['PMP-01 ', true],
    'another address' => ['https://evil.example/login', false],
    'a code that fails its check' => ['BCDFGH', false],
    'a tag of nothing' => ['XXX', false],
    'a tag of another site' => ['X-1', false],
]);

it('shows operators nothing beyond their line by a scan', function () {
    $plant = Plant::build();
    $this->as('operator')->get('/scan')->assertOk()->assertSee('Scan a label');
    $this->get("/assets/{$plant->pump->id}")->assertForbidden();
});

it('chooses the labels to print by any filter of the table', function () {
    $plant = Plant::build();
    DB::table('assets')
        ->where('id', $plant->motor->id)
        ->update(['criticality' => 'A']);
    $this->as('planner')
        ->get('/labels?criticality=A')
        ->assertSee('PMP-01-M')
        ->assertDontSee('Feed pump 1 <code', false);
    $this->get('/assets/table?criticality=A')->assertSee('/labels?criticality=A', false);
});
