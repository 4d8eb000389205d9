<?php

declare(strict_types=1);

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Role;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\Unit;
use Sundial\Costing\SpentOn;
use Sundial\Meters\Beyond;
use Sundial\Meters\RateFrom;
use Sundial\Meters\Turn;
use Sundial\Planning\Method\AnswerKind;
use Sundial\Planning\Method\RevisionState;
use Sundial\Planning\Record\Verdict;
use Sundial\Planning\Schedule\Decision;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\RuleKind;
use Sundial\Planning\Visit\Nearness;
use Sundial\Planning\Visit\VisitState;
use Sundial\Register\FieldType;
use Sundial\Register\LifeState;
use Sundial\Stock\MoveKind;
use Sundial\Stock\PurchaseState;
use Sundial\Work\Failure\FailureKind;
use Sundial\Work\Isolation\IsolationState;
use Sundial\Work\OrderState;
use Sundial\Work\Plan\PartSource;
use Sundial\Work\Priority;
use Sundial\Work\Request\HowSoon;
use Sundial\Work\Request\MayRun;
use Sundial\Work\Request\RequestState;
use Sundial\Work\Rules\Asked;
use Sundial\Work\Rules\Growth;
use Sundial\Work\Stage;
use Sundial\Work\WorkKind;
use Tests\Feature\Plant;

it('takes what the core knows in each column, and no other word', function (
    string $table,
    string $column,
    array $cases,
) {
    $checks = DB::table('information_schema.check_constraints')
        ->whereRaw('constraint_schema = DATABASE()')
        ->where('table_name', $table)
        ->where('check_clause', 'like', "%`{$column}` in (%")
        ->value('check_clause');
    preg_match("/`{$column}` in \\(([^)]+)\\)/", (string) $checks, $found);
    $taken = array_map(static fn (string $word): string => trim($word, "'"), explode(',', $found[1] ?? ''));
    $known = array_map(static fn (BackedEnum $case): string => (string) $case->value, $cases);
    sort($taken);
    sort($known);
    expect($taken)->toBe($known);
})->with([
    ['assets', 'life_state', LifeState::cases()],
    ['extra_fields', 'type', FieldType::cases()],
    ['meters', 'beyond', Beyond::cases()],
    ['meters', 'rate_from', RateFrom::cases()],
    ['method_steps', 'answer', AnswerKind::cases()],
    ['order_steps', 'verdict', Verdict::cases()],
    ['stock_moves', 'kind', MoveKind::cases()],
    ['purchases', 'state', PurchaseState::cases()],
    ['readings', 'turn', Turn::cases()],
    ['schedules', 'non_working', NonWorking::cases()],
    ['schedules', 'rule', RuleKind::cases()],
    ['schedules', 'unit', Unit::cases()],
    ['schedule_decisions', 'what', Decision::cases()],
    ['schedule_standings', 'leading', Leading::cases()],
    ['schedule_standings', 'nearness', Nearness::cases()],
    ['user_roles', 'role', Role::cases()],
    ['method_revisions', 'state', RevisionState::cases()],
    ['visits', 'leading', Leading::cases()],
    ['visits', 'state', VisitState::cases()],
    ['work_orders', 'priority', Priority::cases()],
    ['work_orders', 'state', OrderState::cases()],
    ['work_orders', 'kind', WorkKind::cases()],
    ['work_orders', 'grown', Growth::cases()],
    ['work_rules', 'hand_back', Asked::cases()],
    ['work_rules', 'second_to_close', Asked::cases()],
    ['order_types', 'kind', WorkKind::cases()],
    ['isolations', 'state', IsolationState::cases()],
    ['order_stages', 'state', Stage::states()],
    ['order_parts', 'source', PartSource::cases()],
    ['bookings', 'spent_on', SpentOn::cases()],
    ['part_uses', 'spent_on', SpentOn::cases()],
    ['service_bookings', 'spent_on', SpentOn::cases()],
    ['failure_words', 'kind', FailureKind::cases()],
    ['requests', 'how_soon', HowSoon::cases()],
    ['requests', 'may_run', MayRun::cases()],
    ['requests', 'state', RequestState::cases()],
]);

it('counts as open in the database what the core calls open', function () {
    $formula = DB::table('information_schema.columns')
        ->whereRaw('table_schema = DATABASE()')
        ->where('table_name', 'work_orders')
        ->where('column_name', 'open_due_on')
        ->value('generation_expression');
    preg_match('/`state` in \\(([^)]+)\\)/', (string) $formula, $found);
    $open = array_filter(OrderState::cases(), static fn (OrderState $state): bool => $state->isOpen());
    expect(array_map(static fn (string $word): string => trim($word, "'"), explode(',', $found[1] ?? '')))
        ->toEqualCanonicalizing(array_map(static fn (OrderState $state): string => $state->value, $open));
});

it('refuses rows that cannot be: of another site, turned round, negative, half in hand', function (
    string $table,
    array $change,
) {
    $plant = Plant::build();
    $plant->meter();
    $plant->schedule();
    $plant->release();
    $plant->report('It squeals');
    $change = array_map(
        static fn (mixed $value): mixed => $value instanceof Closure ? $value($plant) : $value,
        $change,
    );
    expect(static fn () => DB::table($table)->limit(1)->update($change))->toThrow(QueryException::class);
})->with([
    'a schedule with a team of another site' => ['schedules', ['team_id' => otherTeam(...)]],
    'an order with a team of another site' => ['work_orders', ['team_id' => otherTeam(...)]],
    'an asset inside one of another site' => ['assets', [
        'location_id' => null,
        'parent_id' => static fn (Plant $plant): int => $plant->foreign->id,
    ]],
    'a share of more than all' => ['schedules', ['late_share' => 101]],
    'a pause that ends before it begins' => ['schedules', [
        'paused_from' => '2026-03-18',
        'paused_until' => '2026-03-17',
    ]],
    'a visit that is done on no day' => ['visits', ['state' => 'done']],
    'in hand without its visit' => ['schedule_standings', ['visit_id' => null]],
    'limits the wrong way round' => ['meters', ['low_limit' => 5, 'high_limit' => 4]],
    'a request about nothing' => ['requests', ['asset_id' => null]],
    'a request accepted into no order' => ['requests', ['state' => 'accepted']],
    'closed without when' => ['work_orders', ['state' => 'closed', 'finished_at' => '2026-03-18']],
]);

function otherTeam(Plant $plant): int
{
    return (int) DB::table('teams')->insertGetId(['site_id' => $plant->foreign->site_id, 'name' => 'Elsewhere']);
}

it('lets the ledgers grow and nothing else', function (string $ledger) {
    $triggers = DB::table('information_schema.triggers')
        ->whereRaw('trigger_schema = DATABASE()')
        ->where('event_object_table', $ledger)
        ->get(['event_manipulation', 'action_statement']);
    expect($triggers->pluck('event_manipulation')->sort()->values()->all())
        ->toBe(['DELETE', 'UPDATE'])
        ->and($triggers->every(fn (object $one): bool => str_starts_with($one->action_statement, 'SIGNAL SQLSTATE')))
        ->toBeTrue();
})->with([
    'audit_entries',
    'audit_subjects',
    'bookings',
    'booking_strikes',
    'readings',
    'reading_strikes',
    'schedule_decisions',
    'schedule_rules',
    'part_uses',
    'service_bookings',
    'request_words',
    'request_voices',
]);

it('has no trigger that does anything but refuse', function () {
    expect(
        DB::table('information_schema.triggers')
            ->whereRaw('trigger_schema = DATABASE()')
            ->where('action_statement', 'not like', 'SIGNAL SQLSTATE%')
            ->pluck('trigger_name')
            ->all(),
    )->toBe([]);
});
