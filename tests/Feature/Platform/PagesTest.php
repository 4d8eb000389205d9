<?php

declare(strict_types=1);

use App\Platform\Files\Table;
use App\Platform\Frame\Dial;
use App\Platform\Frame\Post;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Visit\Nearness;
use Sundial\Work\OrderState;
use Tests\Feature\Plant;

it('keeps every main page within its statements', function (string $path, int $most) {
    // Old sessions are swept by chance: not while statements are counted.
    config(['session.lottery' => [0, 100]]);
    $plant = Plant::build();
    $plant->meter();
    foreach (range(1, 9) as $i) {
        $plant->schedule(['name' => "Check {$i}", 'approve_at_once' => $i % 2 === 0]);
    }
    $order = $plant->release();
    $plant->schedule(['name' => 'Near check', 'anchor_on' => '2026-03-26']);
    $path = strtr($path, ['{asset}' => (string) $plant->pump->id, '{order}' => (string) $order?->id]);
    $this->as('planner')->get($path);
    [$statements, $seen] = [0, []];
    DB::listen(function ($query) use (&$statements, &$seen): void {
        $seen[] = $query->sql;
        $statements++;
    });
    $this->as('planner')
        ->withSession(['horizon.folded' => false])
        ->get($path)
        ->assertOk();
    expect($statements)->toBeLessThanOrEqual($most, implode("\n", $seen));
})->with([
    ['/today', 24],
    ['/assets', 16],
    // What is reported on it and what it cost stand on an asset: 2 more. The plan, its ledger and how long it stood
    // where stand on an order: 3 more. What stood is on the horizon, an asset may be a line, an order mends stops, and
    // lines are jumped to: 1 more each. What stood is found by the ids of what stands inside: 1 more on both.
    ['/assets/{asset}', 32],
    ['/orders', 23],
    ['/orders/{order}', 36],
    ['/outlook', 24],
    ['/jump?q=pump', 19],
    ['/schedules', 16],
]);

it('remembers the scale and the fold of the horizon from page to page', function () {
    $plant = Plant::build();
    $plant->schedule();
    $this->as('planner')
        ->get('/assets?fold=0&span=year')
        ->assertSee('aria-current="true" >year</a>', false)
        ->assertSee('<svg viewBox="0 0 1204 84"', false);
    $this->get('/orders')->assertSee('aria-current="true" >year</a>', false);
    $this->get('/orders?span=nonsense')->assertSee('aria-current="true" >year</a>', false);
    $this->get('/orders?fold=1')->assertSee('unfold')->assertDontSee('0 0 1204 84');
    $this->get('/assets')->assertSee('unfold');
    $this->get("/assets/{$plant->pump->id}?fold=0", ['HX-Request' => 'true', 'HX-Target' => 'horizon'])
        ->assertSee('Seal check')
        ->assertDontSee('<nav class="toc"', false);
    $this->as('operator')->get('/assets')->assertDontSee('id="horizon" aria-label="Horizon">', false);
});

it('names, on the horizon, the days between which an expected visit may fall', function () {
    $plant = Plant::build();
    $plant->schedule([
        'rule' => 'usage',
        'meter_id' => $plant->meter()->id,
        'usage_every' => '300',
        'anchor_on' => '',
        'name' => 'By hours',
    ]);
    // 300 h at 12 h a day: 25 days from 17 March, and every week alike.
    $this->as('planner')
        ->get('/today?fold=0')
        ->assertSee('PMP-01 By hours, about Sat 11 Apr, between 11 Apr and 11 Apr', false);
});

it('draws each state and each nearness differently', function () {
    $posts = array_map(fn (OrderState $state): string => Post::svg($state->value), OrderState::cases());
    $dials = array_map(
        fn (Nearness $near): string => Dial::svg($near, $near === Nearness::Late ? 1200 : 700),
        Nearness::cases(),
    );
    expect(array_unique($posts))
        ->toHaveCount(count($posts))
        ->and(count(array_unique($dials)))
        ->toBeGreaterThanOrEqual(4)
        ->and(Dial::svg(null))
        ->not->toContain('circle')
        ->and(substr_count(Dial::svg(Nearness::Near, 600, null, 300), '<circle'))
        ->toBe(2);
    // Half of the interval: the sun stands at the top of its arc.
    expect(Dial::svg(Nearness::Clear, 500))->toContain('cx="50" cy="18"');
});

it('writes tables that no spreadsheet takes for formulas', function (string $value, string $written) {
    ob_start();
    Table::stream('csv', 'x', ['a'], [[$value]])->sendContent();
    expect(explode("\r\n", (string) ob_get_clean())[1])->toBe($written);
})->with([
    ['=1+1', "'=1+1"],
    ['+44 1', "\"'+44 1\""],
    ['-5', '-5'],
    ['@x', "'@x"],
    ['plain', 'plain'],
    ['a "b", c', '"a ""b"", c"'],
    ['Wörter', 'Wörter'],
]);

it('writes JSON row by row', function () {
    ob_start();
    Table::stream('json', 'x', ['a', 'b'], [['é', 1.5], [null, 2]])->sendContent();
    expect(json_decode((string) ob_get_clean(), true))->toBe([['a' => 'é', 'b' => 1.5], ['a' => null, 'b' => 2]]);
    ob_start();
    Table::stream('json', 'x', ['a'], [])->sendContent();
    expect(ob_get_clean())->toBe('[]');
});

it('gives each list out as a file, with what filters it', function (
    string $path,
    string $holds,
    ?string $lacks = null,
) {
    $plant = Plant::build();
    $plant->meter();
    $plant->schedule(['name' => 'Oil check'], $plant->motor);
    $plant->started();
    App\People\Models\Supplier::query()->create(['name' => 'Hollin Bearings']);
    $this->as('planner')->get('/assets');
    [$list, $query] = explode('?', "{$path}?", 2);
    $csv = $this->get("{$list}.csv?".rtrim($query, '?'))
        ->assertOk()
        ->streamedContent();
    $json = (array) json_decode(
        $this->get("{$list}.json?".rtrim($query, '?'))->streamedContent(),
        true,
        16,
        JSON_THROW_ON_ERROR,
    );
    expect($csv)
        ->toContain($holds)
        ->and($json)
        ->toHaveCount(substr_count($csv, "\r\n") - 1)
        ->and((string) json_encode($json, JSON_UNESCAPED_UNICODE))
        ->toContain($holds);
    $lacks === null ? null : expect($csv)->not->toContain($lacks);
})->with([
    ['/schedules?q=oil', 'Oil check', 'PMP-01,'],
    ['/schedules', 'PMP-01-M'],
    ['/orders?state=under+way', 'under way'],
    ['/orders?state=closed', ''],
    ['/meters', 'Running hours'],
    ['/suppliers?q=hollin', 'Hollin'],
    ['/suppliers?q=nobody', '', 'Hollin'],
    ['/assets/table?q=motor', 'PMP-01-M', 'Feed pump 1,'],
]);
