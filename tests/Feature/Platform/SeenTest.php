<?php

declare(strict_types=1);

use App\Platform\Writing\Seen;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;

$priorities = static function (int $routine): array {
    $row = ['A' => 'soon', 'B' => 'routine', 'C' => 'routine'];

    return [
        'proposed' => ['can wait' => $row, 'this shift' => $row, 'at once' => $row],
        'days' => ['routine' => $routine, 'soon' => 7, 'urgent' => 1, 'emergency' => 0],
    ];
};

it('tells whoever saves a table of settings second what the first has set, and lets them save then', function (
    string $page,
    string $to,
    array $first,
    array $second,
    string $says,
) {
    Plant::build();
    $this->as('administrator');
    $seen = $this->seenOn($page, $to);
    expect($seen)->not->toBe('');
    $save = fn (array $typed, string $seen) => $this->from($page)->put($to, $typed + ['seen' => $seen]);
    $save($first, $seen)->assertSessionHasNoErrors();
    $lines = DB::table('audit_entries')->count();
    $save($second, $seen)->assertSessionHasErrors('form');
    expect(session('errors')->first('form'))
        ->toContain('Somebody saved this in the meantime')
        ->toContain($says)
        ->and(DB::table('audit_entries')->count())
        ->toBe($lines);
    // The page that follows has seen it.
    $now = $this->seenOn($page, $to);
    expect($now)->not->toBe($seen);
    $save($second, $now)->assertSessionHasNoErrors();
    expect(DB::table('audit_entries')->count())->toBe($lines + 1);
    // Saved as it stands, it is no line of the log.
    $save($second, $this->seenOn($page, $to))->assertSessionHasNoErrors();
    expect(DB::table('audit_entries')->count())->toBe($lines + 1);
})->with([
    'the rules of stores' => [
        '/setup/stores', '/setup/store-rules',
        ['big' => '50', 'approve' => '500', 'review_days' => '14'],
        ['big' => '80', 'approve' => '500', 'review_days' => '7'],
        'a big difference “50.00”, days between rounds of buying “14”',
    ],
    'the rules of work' => [
        '/setup/work-rules', '/setup/work-rules',
        ['limits' => ['planner' => '500'], 'agreed' => ['requests' => '4']],
        ['limits' => ['planner' => '900'], 'second_to_close' => '1'],
        'planner up to “500.00”',
    ],
    'priorities' => [
        '/setup/priorities', '/setup/priorities', $priorities(20), $priorities(30), 'routine within days “20”',
    ],
    'what must happen in an emergency' => [
        '/setup/emergency', '/setup/emergency',
        ['duties' => "Call the fire brigade\nClose the gate"],
        ['duties' => 'Call the gate'],
        'stand now: “Call the fire brigade”',
    ],
    'accounts' => [
        '/setup/work-lists', '/setup/work-lists/accounts',
        ['accounts' => ['corrective' => ['labour' => '4711']]],
        ['accounts' => ['corrective' => ['labour' => '4712', 'parts' => '4800']]],
        'corrective, labour “4711”',
    ],
    'what life states mean' => [
        '/setup/life-states', '/setup/life-states',
        ['meaning' => ['standby' => 'Warm']],
        ['meaning' => ['standby' => 'Cold']],
        'standby “Warm”',
    ],
]);

it('names the first few of what differs, and lets pass whoever did not look', function () {
    $standing = array_combine(range('a', 'h'), range(1, 8));
    Seen::unasked()->check($standing, []);
    $request = Illuminate\Http\Request::create('/x', 'POST', ['seen' => Seen::mark(['a' => 0])]);
    expect(static fn () => Seen::in($request)->check($standing, ['a' => 1]))
        ->toThrow(InvalidInput::class, 'stand now: b “2”, c “3”, d “4”, e “5”, f “6”, and more.')
        ->and(static fn () => Seen::in($request)->check($standing, $standing))
        ->toThrow(InvalidInput::class, 'in the meantime. What you typed')
        ->and(Seen::in(Illuminate\Http\Request::create('/x', 'POST', ['seen' => Seen::mark($standing)]))
            ->check($standing, []))
        ->toBeNull();
});
