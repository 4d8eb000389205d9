<?php

declare(strict_types=1);

use App\Work\Models\WorkOrder;
use App\Work\Projections\CostShares;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** A file of former orders, checked. Returns the address of its check. */
function bringOrders(string ...$lines): string
{
    $head = 'former_number,title,on,type,state,finished,hours,labour_cost,parts_cost,mode,cause,due';

    return (string) test()
        ->as('planner')
        ->post('/import/orders', [
            'file' => UploadedFile::fake()->createWithContent('orders.csv', implode("\n", [$head, ...$lines])),
        ])
        ->headers->get('Location');
}

it('takes open orders and history over, with cost and failure, and gives them back', function () {
    $plant = Plant::build();
    $check = bringOrders(
        'A-1,Change the seal,PMP-01,corrective,closed,2026-02-10 11:40,6.5,227.50,48.20,leaks outside,age and use,',
        'A-2,Paint the railing,HALL,improvement,planned,,,,,,,2026-06-30',
        'A-3,Old wish,PMP-01-M,,cancelled,,,,,,,',
    );
    $this->get($check)->assertOk()->assertSee('3');
    $this->post($check)->assertRedirect();
    $seal = WorkOrder::query()->where('former', 'A-1')->sole();
    expect($seal->state->value)
        ->toBe('closed')
        ->and($seal->finished_at)
        ->toStartWith('2026-02-10 11:40')
        ->and(DB::table('cost_entries')->pluck('cents', 'kind')->all())
        ->toBe(['labour' => 22750, 'parts' => 4820])
        ->and(DB::table('cost_entries')->sum('seconds'))
        ->toEqual(6.5 * 3600)
        ->and(DB::table('failures')->where('kind', 'order')->value('subject_id'))
        ->toEqual($seal->id);
    $this->as('supervisor')->get("/orders/{$seal->id}")->assertSee('275.70')->assertSee('leaks outside');
    $this->get("/assets/{$plant->pump->id}")->assertSee('275.70');
    $this->get('/orders')->assertSee('Paint the railing')->assertDontSee('Old wish');
    $this->get('/orders?state=all&q=A-3')->assertSee('Old wish');
    // Counted once more, the costs are the same; loaded once more, nothing is made.
    app(CostShares::class)->keep($seal);
    expect((int) DB::table('cost_entries')->sum('cents'))
        ->toBe(27570)
        ->and(costDays())
        ->toBe(costDaysCounted());
    $this->get(bringOrders('A-1,Another,PMP-01,,cancelled,,,,,,,'))->assertSee('there is nothing to load');
    $this->delete($check)->assertSessionHasNoErrors();
    expect(WorkOrder::query()->count())
        ->toBe(0)
        ->and(DB::table('cost_entries')->count() + DB::table('failures')->count())
        ->toBe(0)
        ->and(costDays())
        ->toBe(['cost_days' => [], 'cost_place_days' => []])
        ->and((int) DB::table('asset_summaries')->sum('open_orders'))
        ->toBe(0);
});

it('names what is wrong in a row and loads nothing', function (string $line, string $says) {
    Plant::build();
    $this->get(bringOrders('B-1,Right,PMP-01,,cancelled,,,,,,,', $line))->assertSee($says);
    expect(WorkOrder::query()->count())->toBe(0);
})->with([
    ['B-2,Seal,X-1,,cancelled,,,,,,,', 'No asset and no place of this site has the tag'],
    ['B-2,Seal,PMP-01,,closed,,,,,,,', 'A closed order needs the time'],
    ['B-2,Seal,PMP-01,,closed,2027-01-01 08:00,,,,,,', 'This lies in the future'],
    ['B-2,Seal,PMP-01,,closed,2026-01-01 08:00,,,,exploded,,', '“exploded” is none of'],
    ['B-2,Seal,HALL,,closed,2026-01-01 08:00,,,,leaks outside,,', 'A failure is of an asset'],
    ['B-1,Seal,PMP-01,,cancelled,,,,,,,', 'stands in row 2 already'],
    ['B-2,Seal,PMP-01,party,cancelled,,,,,,,', 'is none of'],
]);

it('does not take back what was worked on since', function () {
    $plant = Plant::build();
    $check = bringOrders('C-1,Mend it,PMP-01,corrective,planned,,,,,,,');
    $this->post($check);
    $plant->through(WorkOrder::query()->sole(), 'approve');
    $this->as('planner')->from($check)->delete($check)->assertSessionHasErrors('file');
    expect(WorkOrder::query()->count())->toBe(1);
});

it('gives out what can be loaded again', function () {
    $plant = Plant::build();
    $plant->raised();
    $this->post(bringOrders('D-1,Seal,PMP-01,corrective,closed,2026-02-10 11:40,2,80,,leaks outside,,'));
    $csv = $this->get('/import/orders/standing.csv')->assertOk()->streamedContent();
    expect($csv)->toContain('D-1,Seal')->toContain('80.00')->toContain('W-1001');
    $file = UploadedFile::fake()->createWithContent('o.csv', $csv);
    $check = (string) $this->post('/import/orders', ['file' => $file])->headers->get('Location');
    $this->get($check)->assertSee('there is nothing to load');
});

it('loads five thousand and takes them back, a tenth of them where time is short', function () {
    $plant = Plant::build();
    $many = getenv('SUNDIAL_TESTS') === 'long' ? 5000 : 500;
    $lines = array_map(
        static fn (int $i): string => "H-{$i},Job {$i},PMP-01,corrective,closed,2026-01-".
            sprintf('%02d', 1 + $i % 28).' 10:00,1.5,54,'.($i % 3).',leaks outside,,',
        range(1, $many),
    );
    $check = bringOrders(...$lines);
    $this->get("{$check}/progress");
    $this->post($check);
    expect(WorkOrder::query()->where('state', 'closed')->count())
        ->toBe($many)
        ->and((int) DB::table('cost_entries')->where('kind', 'labour')->sum('cents'))
        ->toBe($many * 5400);
    $this->delete($check)->assertSessionHasNoErrors();
    expect(WorkOrder::query()->count())
        ->toBe(0)
        ->and(DB::table('failures')->count())
        ->toBe(0);
});
