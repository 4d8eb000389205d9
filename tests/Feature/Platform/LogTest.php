<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Register\Actions\SaveAsset;
use App\Register\Inputs\AssetFacts;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

it('shows who did what, filtered by word, kind, person and date, at the time of the site', function (
    array $filter,
    array $seen,
    array $unseen,
) {
    $plant = Plant::build();
    app(SaveAsset::class)($plant->person('planner')->actor(), $plant->pump, $plant->site->id, AssetFacts::of([
        'make' => 'Tarnside',
        'purchase_cents' => 500000,
    ]));
    // Half past midnight of the 30th, in summer time.
    $this->clock->set('2026-03-29 23:30:00');
    app(SaveAsset::class)(
        $plant->person('supervisor')->actor(),
        $plant->motor,
        $plant->site->id,
        AssetFacts::of(['model' => 'M2']),
    );
    $filter = array_map(
        fn (string $value): string => strtr($value, [
            '{planner}' => $plant->person('planner')->id,
            '{pump}' => $plant->pump->id,
        ]),
        $filter,
    );
    $page = $this->as('planner')
        ->get('/log?'.http_build_query($filter))
        ->assertOk();
    array_map(fn (string $text) => $page->assertSee($text), $seen);
    array_map(fn (string $text) => $page->assertDontSee($text), $unseen);
})->with([
    'all' => [[], ['changed Feed pump 1', 'changed Motor of feed pump 1', 'added Hall', '5000.00'], ['Elsewhere']],
    'a word' => [['q' => 'Motor of'], ['changed Motor'], ['added Hall']],
    'a kind' => [['kind' => 'location'], ['added Hall'], ['changed Feed pump']],
    'a person' => [['person' => '{planner}'], ['changed Feed pump 1'], ['changed Motor']],
    'from a day' => [['from' => '2026-03-30'], ['changed Motor'], ['changed Feed pump']],
    'to a day' => [['to' => '2026-03-29'], ['changed Feed pump'], ['changed Motor']],
    'one asset' => [['asset' => '{pump}'], ['added Feed pump 1', 'changed Feed pump 1'], ['added Hall']],
    'a day that is none' => [['from' => '2026-02-31'], ['added Hall'], []],
]);

it('exports the log as it is filtered, without prices for those who may not see them', function () {
    $plant = Plant::build();
    app(SaveAsset::class)(
        $plant->person('planner')->actor(),
        $plant->pump,
        $plant->site->id,
        AssetFacts::of(['make' => '=cmd()', 'purchase_cents' => 500000]),
    );
    expect($this->as('planner')->get('/log.csv?q=changed')->streamedContent())
        ->toContain('purchase price:  -> 5000.00')
        ->and($this->as('technician')->get('/log.csv?q=changed')->streamedContent())
        ->toContain('make:  -> =cmd()')
        ->not->toContain('5000.00')
        ->and(json_decode($this->get('/log.json?kind=asset')->streamedContent(), true))
        ->toHaveCount(3)
        ->and($this->as('administrator')->get('/log.csv')->streamedContent())
        ->toContain('added trade')
        ->and($this->as('planner')->get('/log.csv')->streamedContent())
        ->not->toContain('added trade');
    $this->as('planner')
        ->get("/log?asset={$plant->foreign->id}")
        ->assertForbidden();
});

it('leads from page to page of a long log', function () {
    $plant = Plant::build();
    foreach (range(1, 60) as $i) {
        app(SaveAsset::class)(
            Actor::sundial(),
            $plant->pump,
            $plant->site->id,
            AssetFacts::of(['model' => "Model {$i}"]),
        );
    }
    $page = $this->as('planner')
        ->get('/log?kind=asset')
        ->assertSee('Model 60')
        ->assertDontSee('Model 9<', false)
        ->assertSee('Older entries');
    preg_match('#/log\?kind=asset&amp;before=\d+#', $page->getContent(), $older);
    $this->get(html_entity_decode($older[0]))->assertSee('Model 9')->assertDontSee('Model 60')->assertSee('Newest');
});

it('writes what is done together as it writes it one by one, and changes at once', function () {
    $plant = Plant::build();
    [$by, $other] = [$plant->actor('planner'), $plant->actor('technician')];
    $subject = $plant->pump->subject();
    $place = Subject::of('location', (int) $plant->pump->location_id, $plant->site->id);
    $audit = app(Audit::class);
    $say = static function (string $how) use ($audit, $by, $other, $subject, $place): void {
        $audit->record($by, $subject, "{$how} read 5", [], 'by torch', [$place]);
        $audit->record($by, $subject, "{$how} read 6");
        $audit->record($by, $subject, "{$how} moved", ['name' => ['a', 'b']]);
        $audit->record($other, $subject, "{$how} saw", also: [$place]);
    };
    $say('alone');
    $before = DB::table('audit_entries')->count();
    expect($audit->together(static function () use ($say, $audit, $before): string {
        // Somebody who gathers inside another leaves it to him.
        $audit->together(static fn () => $say('together'));
        expect(DB::table('audit_entries')->count())->toBe($before + 2);

        return 'done';
    }))->toBe('done');

    $kept = static fn (string $how): array => DB::table('audit_entries as e')
        ->leftJoin('audit_subjects as s', 's.audit_entry_id', '=', 'e.id')
        ->where('e.did', 'like', "{$how} %")
        ->orderBy('e.did')
        ->orderBy('s.kind')
        ->get(['e.at', 'e.user_id', 'e.who', 'e.kind', 'e.subject_id', 'e.site_id', 'e.changes', 'e.note',
            's.kind as also', 's.subject_id as also_id'])
        ->map(static fn (stdClass $one): array => (array) $one)
        ->all();
    expect($kept('together'))->toBe($kept('alone'))->toHaveCount(6);

    try {
        $audit->together(static function () use ($audit, $by, $subject): never {
            $audit->record($by, $subject, 'broken off');
            throw new RuntimeException('Enough.');
        });
    } catch (RuntimeException) {
        $audit->record($by, $subject, 'after it');
    }
    expect(DB::table('audit_entries')->where('did', 'broken off')->count())->toBe(0)
        ->and(DB::table('audit_entries')->where('did', 'after it')->count())->toBe(1);
});
