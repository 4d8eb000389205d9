<?php

declare(strict_types=1);

use App\Work\Models\WorkOrder;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/**
 * The classes of Sundial that stand behind each statement which a request sends: whoever follows it reads these.
 *
 * @return list<string>
 */
function passedBy(Closure $request): array
{
    $passed = [];
    DB::listen(function (QueryExecuted $query) use (&$passed): void {
        if (preg_match('/^(insert|update|delete)|for update$/i', $query->sql) !== 1) {
            return;
        }
        foreach (debug_backtrace(DEBUG_BACKTRACE_IGNORE_ARGS) as $frame) {
            $class = $frame['class'] ?? '';
            if (str_starts_with($class, 'App\\') && ! str_contains($class, '\\Middleware\\')) {
                $passed[class_basename($class)] = true;
            }
        }
    });
    $request();

    return array_keys($passed);
}

it('finishes an order through the classes that docs/flows.md names, and few of them', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    $plant->schedule(['meter_id' => $meter->id, 'usage_every' => '400', 'late_share' => 50]);
    $order = $plant->release();
    $by = $this->as('technician');
    $this->post("/orders/{$order?->id}/start", ['version' => $order?->refresh()->version]);
    $passed = passedBy(function () use ($by, $order, $meter): void {
        $by->post("/orders/{$order?->id}/finish", [
            'version' => $order?->refresh()->version,
            'finding' => 'all well',
            'finished_at' => '2026-03-18T07:50',
            'readings' => [$meter->id => '1428'],
        ])->assertSessionHasNoErrors();
    });
    $page = (string) file_get_contents(base_path('docs/flows.md'));
    preg_match_all('/`(\w+)`/', $page, $named);
    $frame = ['Audit', 'RetryingConnection', 'Drafts', 'KeepDraft', 'Versioned'];
    expect(WorkOrder::query()->sole()->state->value)
        ->toBe('done')
        ->and(array_values(array_diff($passed, $named[1], $frame)))
        ->toBe([])
        ->and($passed)
        ->toContain('FinishWorkOrder', 'CompleteVisit', 'TakeReading', 'CountSchedulesOnMeter', 'KeepStanding')
        ->and(count($passed))
        ->toBeLessThanOrEqual(20);
});
